/** The table on screen, as the worker holds it: what is open, how it is sifted, and the rows in sight. */

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Filter, SortKey } from "../../../core/keywords/sift";
import type { LookUp } from "../../../data/model";
import type { BoardQuestion, Source } from "../../../workers/boards";
import type { BoardView } from "../../../workers/keywordBoard";
import type { Opened } from "../../../workers/keywordsApi";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";

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

/** What a question was answered with. */
interface Sifted {
  of: { of: string; opened: Opened | null };
  question: BoardQuestion;
  view: BoardView | null;
  revision: number;
}

export function useBoard(question: BoardQuestion): BoardState {
  const { workers } = useDependencies();
  const listStamp = useAppSelector(
    ({ lists }) => lists.ids.length + (lists.entities[lists.ids[0] ?? ""]?.updatedAt ?? ""),
  );
  const key = `${question.source.kind} ${question.source.id} ${question.version}`;
  /** The last answer, which stays in sight while another set of keywords is opened. */
  const latest = useRef<Sifted | null>(null);
  const opening = useAsk(
    async () => ({ of: key, opened: await workers.keywords.open(question, new Date().toISOString()) }),
    [key, workers],
  );
  const ready = opening.state === "ready" && opening.value.of === key ? opening.value : null;
  const sifting = useAsk(
    async () => {
      if (!ready?.opened) return latest.current;
      const view = await workers.keywords.sift(question);
      latest.current = { of: ready, question, view, revision: (latest.current?.revision ?? 0) + 1 };
      return latest.current;
    },
    // The stamp says that lists have changed.
    [ready, question, listStamp],
  );
  const view = sifting.state === "ready" ? sifting.value : null;
  const failure = [opening, sifting].find(({ state }) => state === "failed");
  return useMemo((): BoardState => {
    if (failure?.state === "failed") return { state: "failed", message: failure.why };
    if (ready && (!ready.opened || (view?.of === ready && !view.view))) return { state: "gone" };
    // What was open stays in sight until what is asked for now has come.
    if (!view?.view || !view.of.opened) return { state: "opening" };
    const { of, question: answered, view: shown, revision: number } = view;
    return { state: "open", opened: of.opened!, question: answered, view: shown, revision: number };
  }, [failure, ready, view]);
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
      const { blocks, revision: revisionThen } = cache.current;
      for (let block = Math.floor(from / BLOCK); block * BLOCK < to; block++) {
        if (blocks.has(block)) continue;
        blocks.set(block, "coming");
        const mine = cache.current.blocks;
        fetchRows(block * BLOCK, (block + 1) * BLOCK).then(
          (rows) => {
            if (!live.current || cache.current.revision !== revisionThen) return;
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
