/** What a page could not store before it went: brought into the database. */

import { freshId } from "../../data/freshId";
import { journaledPosts, replayJournal } from "../../data/journal";
import { postsWithLastWords, replayLastWords } from "../../data/lastWords";
import { whileFree } from "./postLock";

/** Of a post that this tab holds. */
export async function recoverPost(id: string): Promise<void> {
  await replayJournal(id);
  await replayLastWords(id, freshId());
}

/** Of every post that no other tab writes. One that cannot be recovered now is tried again when it is opened. */
export async function recoverPosts(): Promise<void> {
  const ids = new Set([...(await journaledPosts()), ...postsWithLastWords()]);
  for (const id of ids)
    await whileFree(id, () => recoverPost(id)).catch((error: unknown) =>
      console.warn("The last changes of a post could not be recovered yet", error),
    );
}
