/** One tab writes a post at a time (Web Locks API). */

export interface PostLock {
  /** Whether this tab got the post at once. */
  writing: Promise<boolean>;
  release: () => void;
}

/**
 * Tries to hold a post for writing.
 *
 * @param takeOver take it from the tab that has it
 * @param onChange called when another tab takes it from this one
 */
export function holdPost(id: string, takeOver: boolean, onChange: (writing: boolean) => void): PostLock {
  if (!navigator.locks) return { writing: Promise.resolve(true), release: () => {} };
  let release = () => {};
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  const writing = new Promise<boolean>((resolve) => {
    const options: LockOptions = takeOver ? { steal: true } : { ifAvailable: true };
    navigator.locks
      .request(`post:${id}`, options, (lock) => {
        resolve(lock !== null);
        return lock ? held : undefined;
      })
      .catch(() => {
        resolve(false);
        onChange(false);
      });
  });
  return { writing, release: () => release() };
}
