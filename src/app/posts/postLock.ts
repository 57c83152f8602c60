/** One tab writes a post at a time (Web Locks API). */

/** What a post is locked by. */
export const lockOf = (id: string): string => `post:${id}`;

/**
 * Does something for which a post must be held, where no tab writes it.
 *
 * @returns whether it was done
 */
export async function whileFree(id: string, work: () => Promise<void>): Promise<boolean> {
  if (!navigator.locks) {
    await work();
    return true;
  }
  return navigator.locks.request(lockOf(id), { ifAvailable: true }, async (lock) => {
    if (lock) await work();
    return lock !== null;
  });
}
