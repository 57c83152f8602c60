import { useCallback, useEffect, useState } from "react";
import { messageOf } from "../../core/messageOf";

/** What was asked of the database, a worker or a service, in the four states that it can be in; empty is for the screen to tell. */
export type Answer<T> =
  | { state: "loading"; retry: () => void }
  | { state: "ready"; value: T; retry: () => void }
  | { state: "failed"; why: string; retry: () => void };

type Held<T> = { state: "loading" } | { state: "ready"; value: T } | { state: "failed"; why: string };

/**
 * Asks when it comes on screen and whenever `ask` is another; an answer to an earlier question is dropped. What was there stays in
 * sight until the new answer has come.
 *
 * @param ask memoised by what it asks about
 */
export function useAnswer<T>(ask: () => Promise<T>): Answer<T> {
  const [held, setHeld] = useState<Held<T>>({ state: "loading" });
  const [tries, setTries] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: trying again asks again
  useEffect(() => {
    let live = true;
    setHeld((before) => (before.state === "ready" ? before : { state: "loading" }));
    ask().then(
      (value) => live && setHeld({ state: "ready", value }),
      (error: unknown) => live && setHeld({ state: "failed", why: messageOf(error) }),
    );
    return () => {
      live = false;
    };
  }, [ask, tries]);
  const retry = useCallback(() => setTries((n) => n + 1), []);
  return { ...held, retry };
}
