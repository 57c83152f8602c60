import { useCallback, useEffect, useState } from "react";
import { followNow } from "../../data/follow";
import type { Answer } from "./useAsk";

type Held<T> = { state: "loading" } | { state: "ready"; value: T } | { state: "failed"; why: string };

/**
 * Reads the database, and again each time that something of what was read changes, in this tab, a worker or another tab.
 *
 * @param read what is read; it may read the database only
 * @param about all that it depends on
 */
export function useLive<T>(read: () => Promise<T>, about: readonly unknown[]): Answer<T> {
  const [held, setHeld] = useState<Held<T>>({ state: "loading" });
  const [tries, setTries] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read is named by who reads
  useEffect(() => {
    setHeld((before) => (before.state === "ready" ? before : { state: "loading" }));
    return followNow(
      read,
      (value) => setHeld({ state: "ready", value }),
      (why) => setHeld({ state: "failed", why }),
    );
  }, [...about, tries]);
  const retry = useCallback(() => setTries((n) => n + 1), []);
  return held.state === "ready" ? { ...held, current: true, retry } : { ...held, retry };
}
