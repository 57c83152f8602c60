/** Versions of posts as lists show them: states that were kept, by themselves or by hand. */
import { db } from "./db";
import type { PostVersion } from "./model";

/** @returns the versions of a post, the latest first */
export async function listVersions(postId: string): Promise<PostVersion[]> {
  const versions = await db.versions.where("postId").equals(postId).toArray();
  return versions.sort((a, b) => (a.savedAt < b.savedAt ? 1 : a.savedAt > b.savedAt ? -1 : 0));
}

/** Versions of all posts, without their texts. */
export const allVersions = (): Promise<PostVersion[]> => db.versions.toArray();

export async function nameVersion(id: string, name: string): Promise<void> {
  await db.versions.update(id, { name });
}
