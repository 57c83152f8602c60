/** The table on screen, as the worker holds it: what is open, how it is sifted, and the rows in sight. */

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Filter, SortKey } from "../../../core/keywords/sift";
import type { LookUp } from "../../../data/model";
import type { BoardQuestion, Source } from "../../../workers/boards";
import type { BoardView } from "../../../workers/keywordBoard";
import type { Opened } from "../../../workers/keywordsApi";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";

export type BoardState =
  | { state: "opening" }
  | { state: "gone" }
  | { state: "failed"; message: string }
  /** `question` is what the view answers; a newer one may be on its way. */
  | { state: "open"; opened: Opened; question: BoardQuestion; view: BoardView; revision: number };

/** A look-up as a question; one with more in it is another. */
export const useLookUpQuestion = (
  { id, madeAt, count }: Pick<LookUp, "id" | "madeAt" | "count">,
  filter: Filter,
  sort: SortKey[],
): BoardQuestion => useBoardQuestion({ kind: "lookUp", id }, filter, sort, `${madeAt} ${count}`);

/**
 * What the screen asks about: whose keywords, and how they are sifted. The same object as long as it is the same question.
 *
 * @param version changes where the source has changed and must be opened again
 */
export function useBoardQuestion(
  { kind, id }: Source,
  filter: Filter,
  sort: SortKey[],
  version: string,
): BoardQuestion {
  const hidden = useAppSelector((state) => state.session.hidden);
  return useMemo(
    () => ({ source: { kind, id }, version, filter, sort, hidden: kind === "lookUp" ? hidden : [] }),
    [kind, id, version, filter, sort, hidden],
  );
}

export function useBoard(question: BoardQuestion): BoardState {
  const { workers } = useDependencies();
  const listStamp = useAppSelector(
    ({ lists }) => lists.ids.length + (lists.entities[lists.ids[0] ?? ""]?.updatedAt ?? ""),
  );
  const [opened, setOpened] = useState<{ of: string; opened: Opened } | null>(null);
  const [result, setResult] = useState<BoardState>({ state: "opening" });
  const revision = useRef(0);
  const key = `${question.source.kind} ${question.source.id} ${question.version}`;
  const questionNow = useRef(question);
  questionNow.current = question;

  useEffect(() => {
    let current = true;
    setResult((before) => (before.state === "open" ? before : { state: "opening" }));
    workers.keywords.open(questionNow.current, new Date().toISOString()).then(
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
  }, [key, workers]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the stamp says that lists have changed
  useEffect(() => {
    if (opened?.of !== key) return;
    let current = true;
    workers.keywords.sift(question).then(
      (view) => {
        if (!current) return;
        if (view)
          setResult({
            state: "open",
            opened: opened.opened,
            question,
            view,
            revision: ++revision.current,
          });
        else setResult({ state: "gone" });
      },
      (error: Error) => current && setResult({ state: "failed", message: error.message }),
    );
    return () => {
      current = false;
    };
  }, [opened, key, question, listStamp]);

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
        const mine = cache.current.blocks;
        fetchRows(block * BLOCK, (block + 1) * BLOCK).then(
          (rows) => {
            if (!live.current || cache.current.revision !== asked) return;
            mine.set(block, rows);
            redraw((n) => n + 1);
          },
          // Asked again when it comes into sight the next time.
          () => mine.delete(block),
        );
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
