import { useCallback, useEffect, useRef, useState } from "react";
import { messageOf } from "../../core/messageOf";
import { useDependencies } from "./DependenciesContext";
import type { Dependencies } from "./dependencies";

/** What was asked of the database, a worker or a service, in the states that it can be in; empty is for the screen to tell. */
export type Answer<T> =
  | { state: "loading"; retry: () => void }
  /** `current` is false while it is the answer to an earlier question. */
  | { state: "ready"; value: T; current: boolean; retry: () => void }
  | { state: "failed"; why: string; retry: () => void };

type Held<T> =
  | { state: "loading" }
  | { state: "ready"; value: T; about: readonly unknown[] }
  | { state: "failed"; why: string };

/**
 * Asks a worker, a service or the database: when it comes on screen, and whenever what it is about is another. An answer to an earlier
 * question is dropped. What was there stays in sight until the new answer has come.
 *
 * @param ask what is asked; its signal is aborted once nobody waits for the answer
 * @param about all that the question depends on
 * @param pause milliseconds of rest before it is asked: a word in the making is no question
 */
export function useAsk<T>(
  ask: (dependencies: Dependencies, signal: AbortSignal) => Promise<T> | T,
  about: readonly unknown[],
  { pause = 0 }: { pause?: number } = {},
): Answer<T> {
  const dependencies = useDependencies();
  const [held, setHeld] = useState<Held<T>>({ state: "loading" });
  const [tries, setTries] = useState(0);
  // What is asked first, or once more, does not wait.
  const lastTry = useRef<number | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the question is about is named by who asks
  useEffect(() => {
    const ended = new AbortController();
    const { signal } = ended;
    const send = async () => {
      try {
        const value = await ask(dependencies, signal);
        if (!signal.aborted) setHeld({ state: "ready", value, about });
      } catch (error) {
        if (!signal.aborted) setHeld({ state: "failed", why: messageOf(error) });
      }
    };
    setHeld((before) => (before.state === "ready" ? before : { state: "loading" }));
    const rest = lastTry.current === tries ? pause : 0;
    lastTry.current = tries;
    const timer = rest ? setTimeout(send, rest) : undefined;
    if (!rest) void send();
    return () => {
      clearTimeout(timer);
      ended.abort();
    };
  }, [...about, tries, dependencies]);
  const retry = useCallback(() => setTries((n) => n + 1), []);
  return held.state === "ready"
    ? { state: "ready", value: held.value, current: same(held.about, about), retry }
    : { ...held, retry };
}

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((one, i) => Object.is(one, b[i]));
