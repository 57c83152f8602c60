/** The table on screen, as the worker holds it: what is open, how it is sifted, and the rows in sight. */
import { useCallback, useEffect, useRef, useState } from "react";
import type { Filter, SortKey } from "../../../core/keywords/sift";
import { keywordsWorker } from "../../../workers/clients";
import type { BoardRow, BoardView } from "../../../workers/keywordBoard";
import type { Opened, Source } from "../../../workers/keywords.worker";
import { useApp } from "../../store/store";

export type BoardState =
  | { state: "opening" }
  | { state: "gone" }
  | { state: "failed"; message: string }
  | { state: "open"; opened: Opened; view: BoardView; revision: number };

/**
 * @param version changes where the source has changed and must be opened again
 */
export function useBoard(source: Source, filter: Filter, sort: SortKey[], version: string): BoardState {
  const hidden = useApp((state) => state.session.hidden);
  const listStamp = useApp(
    ({ lists }) => lists.ids.length + (lists.entities[lists.ids[0] ?? ""]?.updatedAt ?? ""),
  );
  const [opened, setOpened] = useState<{ of: string; opened: Opened } | null>(null);
  const [result, setResult] = useState<BoardState>({ state: "opening" });
  const revision = useRef(0);
  const key = `${source.kind} ${source.id} ${version}`;
  const hiddenNow = useRef(hidden);
  hiddenNow.current = hidden;

  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for the source and its version
  useEffect(() => {
    let current = true;
    setResult((before) => (before.state === "open" ? before : { state: "opening" }));
    keywordsWorker()
      .open(source, hiddenNow.current, new Date().toISOString())
      .then(
        (answer) => {
          if (!current) return;
          if (answer) setOpened({ of: key, opened: answer });
          else setResult({ state: "gone" });
        },
        (error: Error) => current && setResult({ state: "failed", message: error.message }),
      );
    return () => {
      current = false;
    };
  }, [key]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the stamps say that lists or hidden keywords have changed
  useEffect(() => {
    if (opened?.of !== key) return;
    let current = true;
    const sift = async () => {
      const worker = keywordsWorker();
      await worker.refreshUses();
      if (source.kind === "lookUp") await worker.setHidden(hidden);
      const view = await worker.sift(filter, sort);
      if (current) setResult({ state: "open", opened: opened.opened, view, revision: ++revision.current });
    };
    sift().catch((error: Error) => current && setResult({ state: "failed", message: error.message }));
    return () => {
      current = false;
    };
  }, [opened, key, filter, sort, hidden, listStamp]);

  return result;
}

const BLOCK = 100;
type Blocks<Row> = Map<number, Row[] | "coming">;

/** Rows by their place on screen, fetched a block at a time as they come into sight. */
export function useRows<Row>(
  revision: number,
  fetchRows: (from: number, to: number) => Promise<Row[]>,
): { rowAt: (index: number) => Row | undefined; want: (from: number, to: number) => void } {
  const cache = useRef<{ revision: number; blocks: Blocks<Row>; before: Blocks<Row> }>({
    revision,
    blocks: new Map(),
    before: new Map(),
  });
  const [, redraw] = useState(0);
  const live = useRef(true);
  useEffect(() => {
    live.current = true;
    return () => {
      live.current = false;
    };
  }, []);
  if (cache.current.revision !== revision) {
    // Rows of before stay in sight until those of now have come.
    cache.current = { revision, blocks: new Map(), before: cache.current.blocks };
  }
  const want = useCallback(
    (from: number, to: number) => {
      const { blocks, revision: asked } = cache.current;
      for (let block = Math.floor(from / BLOCK); block * BLOCK < to; block++) {
        if (blocks.has(block)) continue;
        blocks.set(block, "coming");
        void fetchRows(block * BLOCK, (block + 1) * BLOCK).then((rows) => {
          if (!live.current || cache.current.revision !== asked) return;
          cache.current.blocks.set(block, rows);
          redraw((n) => n + 1);
        });
      }
    },
    [fetchRows],
  );
  const rowAt = useCallback((index: number) => {
    const { blocks, before } = cache.current;
    const block = Math.floor(index / BLOCK);
    for (const held of [blocks.get(block), before.get(block)])
      if (held !== undefined && held !== "coming") return held[index % BLOCK];
    return undefined;
  }, []);
  return { rowAt, want };
}

export const fetchBoardRows = (from: number, to: number): Promise<BoardRow[]> =>
  keywordsWorker().rows(from, to);
