/** The drawer: what was generated, kept to be taken later. */
import { db } from "./db";
import type { DrawerEntry, KeptOutline, SuggestionEntry } from "./model";

const latestFirst = (a: DrawerEntry, b: DrawerEntry): number =>
  a.createdAt < b.createdAt ? 1 : a.createdAt > b.createdAt ? -1 : 0;

/** Outlines assembled for a post, the latest first. */
export async function listOutlines(postId: string): Promise<KeptOutline[]> {
  const entries = await db.drawer.where("postId").equals(postId).toArray();
  return entries.filter((entry) => entry.kind === "outline").sort(latestFirst);
}

/** Everything in the drawer, the latest first. */
export const listDrawer = async (): Promise<DrawerEntry[]> => (await db.drawer.toArray()).sort(latestFirst);

/** Suggestions for a post, or for none where it is empty, the latest first. */
export async function listSuggestions(postId: string): Promise<SuggestionEntry[]> {
  const entries = await db.drawer.where("postId").equals(postId).toArray();
  return entries.filter((entry) => entry.kind === "suggestion").sort(latestFirst);
}

export async function getSuggestion(id: string): Promise<SuggestionEntry | null> {
  const entry = await db.drawer.get(id);
  return entry?.kind === "suggestion" ? entry : null;
}

export async function addToDrawer(entries: readonly DrawerEntry[]): Promise<void> {
  await db.drawer.bulkPut(entries);
}

/** Changes an entry that is there; one that was removed meanwhile stays away. */
export async function changeSuggestion(id: string, changes: Partial<SuggestionEntry>): Promise<void> {
  await db.drawer
    .where("id")
    .equals(id)
    .modify((entry) => {
      if (entry.kind === "suggestion") Object.assign(entry, changes);
    });
}

export async function removeFromDrawer(id: string): Promise<void> {
  await db.drawer.delete(id);
}
