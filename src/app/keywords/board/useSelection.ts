/** Which rows are chosen, by their place in the table, so that sifting leaves the choice alone. */

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { BoardQuestion } from "../../../workers/boards";
import { useDependencies } from "../../store/DependenciesContext";
import { attemptRead } from "../../ui/attemptRead";

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

/** @param question what the places are places of: another set of keywords has others */
export function useSelection(question: BoardQuestion): Selection {
  const { workers } = useDependencies();
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const before = useRef<{ from: number; chosen: ReadonlySet<number> } | null>(null);
  const latest = useRef(0);
  const set = useCallback((places: Iterable<number>) => {
    before.current = null;
    latest.current++;
    setChosen(new Set(places));
  }, []);
  // What was asked of another set is no answer to this one.
  const of = `${question.source.kind} ${question.source.id}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the source is what it follows
  useEffect(() => {
    latest.current++;
  }, [of]);
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
        const turn = ++latest.current;
        attemptRead(
          workers.keywords.places(question, Math.min(from, to), Math.max(from, to) + 1).then((places) => {
            if (turn === latest.current) setChosen(new Set([...kept, ...places]));
          }),
        );
      },
      all: () => {
        before.current = null;
        const turn = ++latest.current;
        attemptRead(
          workers.keywords.places(question).then((places) => {
            if (turn === latest.current) setChosen(new Set(places));
          }),
        );
      },
    }),
    [chosen, set, question, workers],
  );
}
