/** The texts of versions. Apart from the list of them, since what compares and checks texts is large. */
import type { EditorDoc } from "../core/blocks/editorJson";
import { soundDoc } from "../core/draft/sound/soundDoc";
import { compareDocs } from "../core/versions/compare";
import { surplusVersions } from "../core/versions/thin";
import { db } from "./db";
import type { Post, PostVersion } from "./model";
import { listVersions } from "./versions";

/** A version of a post that nobody scored. */
export const newVersion = (
  id: string,
  { id: postId, title, metaTitle, description }: Post,
  savedAt: string,
  why: string,
): PostVersion => ({
  id,
  postId,
  savedAt,
  name: "",
  why,
  words: 0,
  score: null,
  fields: { title, metaTitle, description },
});

/** Its text, as the editor can show it. */
export async function getVersionDoc(id: string): Promise<EditorDoc | undefined> {
  const body = await db.versionBodies.get(id);
  return body && soundDoc(body.doc).doc;
}

/** Keeps a version without a look at what it says: of a text that may not be sound. */
export async function addVersion(version: PostVersion, doc: EditorDoc): Promise<void> {
  await db.transaction("rw", db.versions, db.versionBodies, async () => {
    await db.versions.add(version);
    await db.versionBodies.add({ versionId: version.id, doc });
  });
}

/**
 * Keeps a version, unless it says the same as the latest one; then only a name that is new is taken. Older ones without a
 * name are thinned out.
 *
 * @returns whether there is one more
 */
export async function keepVersion(version: PostVersion, doc: EditorDoc): Promise<boolean> {
  return db.transaction("rw", db.posts, db.versions, db.versionBodies, async () => {
    if (!(await db.posts.get(version.postId))) return false;
    const [latest, ...others] = await listVersions(version.postId);
    if (latest && (await isSame(latest, version, doc))) {
      if (version.name) await db.versions.update(latest.id, { name: version.name });
      return false;
    }
    await db.versions.add(version);
    await db.versionBodies.add({ versionId: version.id, doc });
    const all = [version, ...(latest ? [latest, ...others] : [])];
    const surplus = surplusVersions(all, version.savedAt);
    await db.versions.bulkDelete(surplus);
    await db.versionBodies.bulkDelete(surplus);
    return true;
  });
}

async function isSame(latest: PostVersion, version: PostVersion, doc: EditorDoc): Promise<boolean> {
  const before = await db.versionBodies.get(latest.id);
  return (
    before !== undefined &&
    compareDocs(soundDoc(before.doc).doc, doc).every(({ kind }) => kind === "same") &&
    JSON.stringify(latest.fields) === JSON.stringify(version.fields)
  );
}
