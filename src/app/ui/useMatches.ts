import { useSyncExternalStore } from "react";

/** Whether a media query holds, now and as the window changes. */
export function useMatches(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = window.matchMedia(query);
      list.addEventListener("change", changed);
      return () => list.removeEventListener("change", changed);
    },
    () => window.matchMedia(query).matches,
  );
}
