/** Saving soon, once, and never silently not. Knows nothing of posts: it merges changes and calls what it was given. */
import { messageOf } from "../../core/messageOf";
export type SaverStatus = { state: "saved" } | { state: "saving" } | { state: "failed"; message: string };

export interface Saver<Change extends object> {
  /** Takes a change; it is saved after the delay of its kind, or once it no longer waits for more. */
  note(key: string, change: Change): void;
  /** Saves at once what is pending; resolves when the attempt is over. */
  flush(): Promise<void>;
  /** What is not stored yet, by key. */
  unsaved(): Map<string, Change>;
  /** Takes what is not stored of a key out: it will not be saved from here. */
  release(key: string): Change | undefined;
  /** Resolves once nothing is to be saved and that has been said, or an attempt failed, or after `most` milliseconds. */
  calm(most: number): Promise<void>;
}

/**
 * @param save stores the merged change of one key; `now` where it was asked for and not waited for: the page may be about to go
 * @param merge joins two changes of one key; the newer wins
 * @param delayOf milliseconds from the first unsaved change of a kind to saving
 * @param waitsFor milliseconds that a change which is due still waits for more to come; none where it is to be stored
 * @param settle milliseconds of rest after a save before it is said: between two keys it would only flicker
 * @param retry milliseconds before the first new attempt after a failure; doubles up to a minute
 */
export function createSaver<Change extends object>(
  save: (key: string, change: Change, now: boolean) => Promise<void>,
  onStatus: (status: SaverStatus) => void,
  merge: (older: Change, newer: Change) => Change = (older, newer) => ({ ...older, ...newer }),
  delayOf: (change: Change) => number = () => 700,
  waitsFor: (change: Change) => number = () => 0,
  retry = 2000,
  settle = 150,
): Saver<Change> {
  const pending = new Map<string, Change>();
  /** What is being stored at this moment. */
  const storing = new Map<string, Change>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** When the timer goes off. */
  let due = Number.POSITIVE_INFINITY;
  let settling: ReturnType<typeof setTimeout> | undefined;
  let wait = retry;
  let running: Promise<void> | null = null;
  const waiting = new Set<() => void>();
  const release = () => {
    for (const go of waiting) go();
  };

  const plan = (ms: number) => {
    const at = Date.now() + ms;
    if (timer !== undefined && due <= at) return;
    clearTimeout(timer);
    due = at;
    timer = setTimeout(() => {
      timer = undefined;
      // What was taken out waits for nothing.
      const more = pending.size ? Math.min(...[...pending.values()].map(waitsFor)) : 0;
      if (more > 0) plan(more);
      else void run(false);
    }, ms);
  };

  async function attempt(now: boolean): Promise<void> {
    for (const key of [...pending.keys()]) {
      // As it is now: while those before it were stored, more may have come.
      const change = pending.get(key);
      if (change === undefined) continue;
      pending.delete(key);
      storing.set(key, change);
      try {
        await save(key, change, now);
        storing.delete(key);
        wait = retry;
      } catch (error) {
        storing.delete(key);
        // Imported meanwhile is newer and wins.
        const newer = pending.get(key);
        pending.set(key, newer ? merge(change, newer) : change);
        onStatus({ state: "failed", message: firstLine(error) });
        release();
        plan(wait);
        wait = Math.min(wait * 2, 60_000);
        return;
      }
    }
    if (pending.size) plan(Math.min(...[...pending.values()].map(delayOf)));
    else
      settling = setTimeout(() => {
        settling = undefined;
        onStatus({ state: "saved" });
        release();
      }, settle);
  }

  async function run(now: boolean): Promise<void> {
    clearTimeout(timer);
    timer = undefined;
    // Two attempts at once could finish in the wrong order.
    while (running !== null) await running;
    if (!pending.size) return;
    running = attempt(now).finally(() => {
      running = null;
    });
    await running;
  }

  return {
    note(key, change) {
      const older = pending.get(key);
      pending.set(key, older ? merge(older, change) : change);
      clearTimeout(settling);
      settling = undefined;
      onStatus({ state: "saving" });
      // After a failure the next attempt is not a key away.
      if (wait === retry) plan(delayOf(change));
    },
    unsaved() {
      const all = new Map(storing);
      for (const [key, change] of pending) {
        const older = all.get(key);
        all.set(key, older ? merge(older, change) : change);
      }
      return all;
    },
    release(key) {
      const change = pending.get(key);
      pending.delete(key);
      return change;
    },
    flush: () => run(true),
    calm(most) {
      if (!pending.size && !running && settling === undefined) return Promise.resolve();
      return new Promise((resolve) => {
        const go = () => {
          clearTimeout(latest);
          waiting.delete(go);
          resolve();
        };
        const latest = setTimeout(go, most);
        waiting.add(go);
      });
    },
  };
}

/** The database says a failure twice, the second time with its name. */
const firstLine = (error: unknown): string => messageOf(error).split("\n")[0]!.trim();
