/** Which rows are chosen, by their place in the table, so that sifting leaves the choice alone. */
import { useCallback, useMemo, useRef, useState } from "react";
import { keywordsWorker } from "../../../workers/clients";

export interface Selection {
  chosen: ReadonlySet<number>;
  toggle(place: number): void;
  /** Chooses the rows from one on screen to another, beside those chosen before the stretch began. */
  stretch(from: number, to: number): void;
  all(): void;
  set(places: Iterable<number>): void;
  add(places: Iterable<number>): void;
  clear(): void;
}

export function useSelection(): Selection {
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const before = useRef<{ from: number; chosen: ReadonlySet<number> } | null>(null);
  const latest = useRef(0);
  const set = useCallback((places: Iterable<number>) => {
    before.current = null;
    latest.current++;
    setChosen(new Set(places));
  }, []);
  return useMemo(
    () => ({
      chosen,
      set,
      clear: () => set([]),
      add: (places) => set([...chosen, ...places]),
      toggle: (place) => {
        const next = new Set(chosen);
        if (!next.delete(place)) next.add(place);
        set(next);
      },
      stretch: (from, to) => {
        if (before.current?.from !== from) before.current = { from, chosen };
        const kept = before.current.chosen;
        const asked = ++latest.current;
        void keywordsWorker()
          .places(Math.min(from, to), Math.max(from, to) + 1)
          .then((places) => {
            if (asked === latest.current) setChosen(new Set([...kept, ...places]));
          });
      },
      all: () => {
        before.current = null;
        const asked = ++latest.current;
        void keywordsWorker()
          .places()
          .then((places) => {
            if (asked === latest.current) setChosen(new Set(places));
          });
      },
    }),
    [chosen, set],
  );
}
