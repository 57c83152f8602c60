/** The keyword table under keys and pointer: which row is active, which are chosen, which are in sight. */

import { useVirtualizer } from "@tanstack/react-virtual";
import { type KeyboardEvent, type MouseEvent, useCallback, useEffect, useRef, useState } from "react";
import type { BoardQuestion } from "../../../workers/boards";
import { useDependencies } from "../../store/DependenciesContext";
import { useRows } from "./useBoard";
import type { Selection } from "./useSelection";

export const ROW_HEIGHT = 32;
const PAGE = 12;

interface Options {
  question: BoardQuestion;
  /** How many rows there are to scroll through. */
  shown: number;
  revision: number;
  selection: Selection;
  onOpen: (text: string) => void;
  onEscape: () => boolean;
  onDelete: () => void;
  autoFocus?: boolean;
}

export function useKeywordGrid(options: Options) {
  const { question, shown, revision, selection, onOpen, onEscape, onDelete, autoFocus = false } = options;
  const { workers } = useDependencies();
  const grid = useRef<HTMLDivElement>(null);
  const [active, setActive] = useState(0);
  const anchor = useRef(0);
  const { rowAt, want } = useRows(
    revision,
    useCallback((from: number, to: number) => workers.keywords.rows(question, from, to), [question, workers]),
  );
  const virtual = useVirtualizer({
    count: shown,
    getScrollElement: () => grid.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 6,
    // The header stays at the top of what scrolls.
    scrollMargin: ROW_HEIGHT,
    scrollPaddingStart: ROW_HEIGHT,
  });
  const items = virtual.getVirtualItems();
  const first = items[0]?.index ?? 0;
  const last = (items.at(-1)?.index ?? -1) + 1;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new revision needs its rows anew
  useEffect(() => want(first, last), [want, first, last, revision]);
  useEffect(() => {
    if (active >= shown) setActive(Math.max(0, shown - 1));
  }, [active, shown]);
  useEffect(() => {
    if (autoFocus) grid.current?.focus();
  }, [autoFocus]);

  const go = (to: number, stretching: boolean) => {
    const next = Math.max(0, Math.min(shown - 1, to));
    if (stretching) selection.stretch(anchor.current, next);
    else anchor.current = next;
    setActive(next);
    virtual.scrollToIndex(next);
  };
  const toggle = (index: number) => {
    const row = rowAt(index);
    anchor.current = index;
    if (row) selection.toggle(row.place);
  };
  const press = (index: number, event: MouseEvent) => {
    if (event.shiftKey) return go(index, true);
    setActive(index);
    toggle(index);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.target !== grid.current || !shown) return;
    const moves: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + PAGE,
      PageUp: active - PAGE,
      Home: 0,
      End: shown - 1,
    };
    const to = moves[event.key];
    if (to !== undefined) go(to, event.shiftKey);
    else if (event.key === " ") toggle(active);
    else if (event.key === "Enter") {
      const row = rowAt(active);
      if (row) onOpen(row.text);
    } else if (event.key.toLowerCase() === "a" && (event.ctrlKey || event.metaKey)) selection.all();
    else if (event.key === "Escape") {
      // One step back at a time.
      if (!onEscape()) selection.clear();
    } else if (event.key === "Delete" && selection.chosen.size) onDelete();
    else return;
    event.preventDefault();
  };
  return { grid, active, rowAt, virtual, onKey, press };
}
