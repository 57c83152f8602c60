/** A tab that writes a post holds it, and hands it over once everything is stored (Web Locks API). */
import { lockOf } from "./postLock";

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

/** What tabs tell each other of a post, by its id. */
type Message =
  /** Whoever has it says so. */
  | { asks: string }
  | { has: string }
  /** Whoever has it hands it over. */
  | { take: string };

/** Milliseconds that a tab which says it has a post may be just leaving it. */
const GRACE = 400;
/**
 * Milliseconds that a tab has to say that it has a post, or to hand it over; one that does not answer is frozen or gone. Where nobody has it,
 * a busy machine may still take its time to say so: to give up sooner would open the post for reading only.
 */
const PATIENCE = 4000;

/** Tries to hold a post for writing. */
export function holdPost(id: string, { takeOver, handOver, onTaken }: LockTerms): PostLock {
  if (!navigator.locks) return { writing: Promise.resolve(true), release: () => {} };
  const channel = new BroadcastChannel("dune-sparrow posts");
  const tell = (message: Message) => channel.postMessage(message);
  const ended = new AbortController();
  const elsewhere = new AbortController();
  let holds = false;
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  channel.onmessage = ({ data }: MessageEvent<Message>) => {
    if ("asks" in data && data.asks === id && holds) tell({ has: id });
    if ("has" in data && data.has === id) setTimeout(() => elsewhere.abort(), GRACE);
    if ("take" in data && data.take === id && holds)
      void handOver().finally(() => {
        holds = false;
        letGo();
      });
  };
  const ask = (options: LockOptions): Promise<boolean> =>
    new Promise((resolve, reject) => {
      navigator.locks
        .request(lockOf(id), options, () => {
          holds = true;
          // Who asked before it was held here is still waiting for an answer.
          if (!ended.signal.aborted) tell({ has: id });
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
  const signals = [ended.signal, AbortSignal.timeout(PATIENCE), ...(takeOver ? [] : [elsewhere.signal])];
  tell(takeOver ? { take: id } : { asks: id });
  const writing = ask({ signal: AbortSignal.any(signals) }).catch(async () => {
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
