/** One tab writes a post at a time (Web Locks API). Who has it hands it over once everything is stored. */

export interface PostLock {
  /** Whether this tab has the post to write. */
  writing: Promise<boolean>;
  release: () => void;
}

export interface LockTerms {
  /** Take it from the tab that has it. */
  takeOver: boolean;
  /** Another tab asks for it: write nothing more, and resolve once everything is stored. */
  handOver: () => Promise<void>;
  /** It was taken by a tab that got no answer. */
  onTaken: () => void;
}

/** Milliseconds that a page which is just being left may still hold a post. */
const GRACE = 400;
/** Milliseconds that a tab has to hand a post over; one that does not answer is frozen or gone. */
const PATIENCE = 4000;

const nameOf = (id: string): string => `post:${id}`;

/** Tries to hold a post for writing. */
export function holdPost(id: string, { takeOver, handOver, onTaken }: LockTerms): PostLock {
  if (!navigator.locks) return { writing: Promise.resolve(true), release: () => {} };
  const channel = new BroadcastChannel("dune-sparrow posts");
  const ended = new AbortController();
  let holds = false;
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  channel.onmessage = ({ data }: MessageEvent<{ take: string }>) => {
    if (data.take === id && holds)
      void handOver().finally(() => {
        holds = false;
        letGo();
      });
  };
  const ask = (options: LockOptions): Promise<boolean> =>
    new Promise((resolve, reject) => {
      navigator.locks
        .request(nameOf(id), options, () => {
          holds = true;
          resolve(true);
          return held;
        })
        .catch((error: Error) => {
          // Taken from here, where it was held already.
          if (holds) {
            holds = false;
            onTaken();
          } else reject(error);
        });
    });
  const within = (ms: number) => AbortSignal.any([ended.signal, AbortSignal.timeout(ms)]);
  if (takeOver) channel.postMessage({ take: id });
  const writing = ask({ signal: within(takeOver ? PATIENCE : GRACE) }).catch(async () => {
    if (!takeOver || ended.signal.aborted) return false;
    return ask({ steal: true }).catch(() => false);
  });
  return {
    writing,
    release() {
      ended.abort();
      letGo();
      channel.close();
    },
  };
}

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
  return navigator.locks.request(nameOf(id), { ifAvailable: true }, async (lock) => {
    if (lock) await work();
    return lock !== null;
  });
}
