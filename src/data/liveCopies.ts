/** What readers have: of each post that was published, what was sent last. */
import { db } from "./db";
import type { LiveCopy } from "./model";

export const getLiveCopy = async (postId: string): Promise<LiveCopy | null> =>
  (await db.liveCopies.get(postId)) ?? null;
export const listLiveCopies = (): Promise<LiveCopy[]> => db.liveCopies.toArray();
export const saveLiveCopy = async (copy: LiveCopy): Promise<void> => {
  await db.liveCopies.put(copy);
};
export const deleteLiveCopy = (postId: string): Promise<void> => db.liveCopies.delete(postId);
