/** The drawer: what was generated for a post, kept to be taken later. */
import { db } from "./db";
import type { DrawerEntry } from "./model";

/** @returns the latest first */
export async function listDrawer(postId: string): Promise<DrawerEntry[]> {
  const entries = await db.drawer.where("postId").equals(postId).toArray();
  return entries.sort((a, b) => (a.createdAt < b.createdAt ? 1 : a.createdAt > b.createdAt ? -1 : 0));
}

export async function addToDrawer(entries: readonly DrawerEntry[]): Promise<void> {
  await db.drawer.bulkPut(entries);
}

export async function removeFromDrawer(id: string): Promise<void> {
  await db.drawer.delete(id);
}
