/** Following what the database holds: it is read anew each time that something of it changes, in this tab, a worker or another tab. */

import Dexie, { liveQuery } from "dexie";
import { messageOf } from "../core/messageOf";

/** Milliseconds after a change that are not gone beyond, though there is no calm. */
const LATEST = 10_000;
/** Milliseconds after which it is read again where that failed. */
const AFTER_FAILURE = 3000;

/**
 * @param read what is followed; it may read the database only
 * @param calm resolves when it is time to read, at the latest after so many milliseconds. The text of a post is stored each second
 *   while it is written, and of a thousand posts each reading costs the keys around it
 * @param tell told of what was read
 * @param failed told why it could not be read; it is read again after a while
 * @returns how to end it
 */
export function follow<T>(
  read: () => Promise<T>,
  calm: (most: number) => Promise<void>,
  tell: (value: T) => void,
  failed: (why: string) => void = () => {},
): () => void {
  let again: ReturnType<typeof setTimeout> | undefined;
  let following = begin();
  function begin() {
    // The database's own promise, which knows who reads when it goes on. What changes while it waits asks for no other reading.
    return liveQuery(() => Dexie.Promise.resolve(calm(LATEST)).then(read)).subscribe({
      next: tell,
      error: (error: unknown) => {
        failed(messageOf(error));
        again = setTimeout(() => {
          following = begin();
        }, AFTER_FAILURE);
      },
    });
  }
  return () => {
    clearTimeout(again);
    following.unsubscribe();
  };
}

/** The same at once after each change, for what is small. */
export const followNow = <T>(
  read: () => Promise<T>,
  tell: (value: T) => void,
  failed: (why: string) => void,
): (() => void) => follow(read, () => Promise.resolve(), tell, failed);
