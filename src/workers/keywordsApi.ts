/** Keyword research, off the main thread: look-ups, the table on screen, overlaps. */

import * as Comlink from "comlink";
import { bareListKeyword, identity, type ListKeyword } from "../core/keywords/list";
import { intentOf } from "../core/keywords/reader";
import { rowAt, rowsOf, type SourcedKeyword } from "../core/keywords/table";
import { messageOf } from "../core/messageOf";
import { listName } from "../data/listOfPost";
import {
  type DeletedLookUp,
  deleteLookUp,
  getLookUp,
  getLookUpBody,
  listLookUps,
  saveLookUp,
  touchLookUp,
} from "../data/lookUps";
import type { LookUp, SearchConnection } from "../data/model";
import type { Article, KeywordNumbers, RankedPage, Region } from "../data/schemas/search";
import { createSearchClient, type SearchClient, SearchFailure } from "../services/search/searchClient";
import { type BoardQuestion, Boards, type OpenBoard } from "./boards";
import type { BoardGroup, BoardRow, BoardView, KeywordBoard, KeywordDetail, MapPoint } from "./keywordBoard";
import { ListIndex, type NamedOverlap, type OverlapMatrix } from "./listIndex";
import { joinTables, type LookUpQuestion, runLookUp } from "./lookUpJob";

export interface Opened {
  count: number;
  articles: Article[];
}

/** A failure as it crosses to the screen: errors lose their fields on the way. */
export interface Failed {
  code: string;
  message: string;
}
export type Outcome<T> = { ok: T } | { failed: Failed };

export interface Tray {
  searches: number;
  unknown: number;
  overlaps: NamedOverlap[];
}

const failedOf = (error: unknown): Failed => ({
  code: error instanceof SearchFailure ? error.code : "failed",
  message: messageOf(error),
});

async function outcome<T>(work: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: await work() };
  } catch (error) {
    return { failed: failedOf(error) };
  }
}

const asListKeyword = (
  { from: _from, ranking: _ranking, asked: _asked, ...row }: SourcedKeyword,
  region: string,
): ListKeyword => ({
  ...row,
  region,
  note: "",
});

export interface MergedLookUps {
  before: DeletedLookUp[];
  /** Keywords of the merged one. */
  count: number;
}

/** @param search who is asked */
export function createKeywordsApi(search: SearchClient = createSearchClient()) {
  const lists = new ListIndex();
  const boards = new Boards(() => lists.uses());
  /** Look-ups that are being asked for, by their id. */
  const asking = new Map<string, AbortController>();

  /** @throws Error where the set that the question is about is gone */
  async function ask<T>(
    question: BoardQuestion,
    work: (board: KeywordBoard, open: OpenBoard) => T,
  ): Promise<T> {
    const answer = await boards.ask(question, (open) => ({ of: work(open.board, open) }));
    if (!answer) throw new Error("These keywords are no longer in the workspace.");
    return answer.of;
  }

  async function refreshUses(): Promise<void> {
    if (await lists.refresh()) boards.usesChanged();
  }

  return {
    /** Opens a look-up or a list for the screen. @returns null where it is gone */
    async open(question: BoardQuestion, now: string): Promise<Opened | null> {
      await refreshUses();
      const opened = await boards.ask(question, ({ board, articles }) => ({ count: board.count, articles }));
      if (opened && question.source.kind === "lookUp") await touchLookUp(question.source.id, now);
      return opened;
    },
    /** Sifts it, with who has its keywords at present. @returns null where it is gone */
    async sift(question: BoardQuestion): Promise<BoardView | null> {
      await refreshUses();
      return boards.ask(question, ({ view }) => view);
    },
    rows: (of: BoardQuestion, from: number, to: number): Promise<BoardRow[]> =>
      ask(of, (board) => board.rows(from, to)),
    places: async (of: BoardQuestion, from?: number, to?: number): Promise<Uint32Array> => {
      const places = await ask(of, (board) => board.places(from, to));
      return Comlink.transfer(places, [places.buffer as ArrayBuffer]);
    },
    groupCount: (of: BoardQuestion): Promise<number> => ask(of, (board) => board.groups()),
    groups: (of: BoardQuestion, from: number, to: number): Promise<BoardGroup[]> =>
      ask(of, (board) => board.groupsAt(from, to)),
    map: (of: BoardQuestion, most: number): Promise<{ points: MapPoint[]; plotted: number }> =>
      ask(of, (board) => board.map(most)),
    within: (
      of: BoardQuestion,
      searches: [number, number],
      difficulty: [number, number],
    ): Promise<Uint32Array> => ask(of, (board) => board.within(searches, difficulty)),
    detail: (of: BoardQuestion, text: string): Promise<KeywordDetail | null> =>
      ask(of, (board) => board.detail(text)),
    async tray(of: BoardQuestion, places: Uint32Array, language: string, withoutList: string): Promise<Tray> {
      await refreshUses();
      return ask(of, (board) => {
        const present = places.filter((place) => place < board.count);
        const texts = Array.from(present, (place) => board.rowAt(place).text);
        return { ...board.sum(present), overlaps: lists.overlapOfTexts(texts, language, withoutList) };
      });
    },
    /** Rows of a selection as a list keeps them. */
    chosen: (of: BoardQuestion, places: Uint32Array, region: string): Promise<ListKeyword[]> =>
      ask(of, (board) =>
        Array.from(
          // What an article has just brought may be chosen a moment before the table has it.
          places.filter((place) => place < board.count),
          (place) => {
            const row = board.rowAt(place);
            return { ...asListKeyword(stripped(row), region), intent: row.wants };
          },
        ),
      ),
    /** @param places of the rows that are written; all that are shown where it is null */
    async csv(of: BoardQuestion, places: Uint32Array | null): Promise<string> {
      await refreshUses();
      const names = new Map(lists.lists.map((list) => [list.id, listName(list)]));
      return ask(of, (board, { notes }) => board.csv(places, names, notes));
    },

    /** Asks for seeds and keeps the answer as a look-up, a new one or the given one with more in it. */
    async lookUp(
      question: LookUpQuestion,
      lookUp: LookUp,
      onProgress: (done: number, of: number) => void,
    ): Promise<Outcome<{ lookUp: LookUp; notes: string[]; failed: { seed: string; why: string }[] }>> {
      const own = new AbortController();
      asking.set(lookUp.id, own);
      const done = outcome(async () => {
        const earlier = (await getLookUpBody(lookUp.id)) ?? null;
        const { table, articles, standIn, notes, failed } = await runLookUp(
          search,
          question,
          earlier,
          onProgress,
          own.signal,
        );
        const kept = {
          ...lookUp,
          seeds: lookUp.seeds.filter((seed) => !failed.some((one) => one.seed === seed)),
          standIn: lookUp.standIn || standIn,
          count: table.text.length,
        };
        // A look-up that found nothing is said and not kept.
        if (table.text.length) await saveLookUp(kept, { table, articles });
        return { lookUp: kept, notes, failed };
      });
      return done.finally(() => {
        if (asking.get(lookUp.id) === own) asking.delete(lookUp.id);
      });
    },
    /** Puts keywords that an article draws into the look-up on screen. @returns their places; those of before stay */
    async adopt(lookUpId: string, keywords: KeywordNumbers[], source: string): Promise<Uint32Array> {
      const [lookUp, body] = await Promise.all([getLookUp(lookUpId), getLookUpBody(lookUpId)]);
      if (!lookUp || !body) throw new Error("This look-up is no longer in the workspace.");
      const lastMonth = body.table.lastMonth.find(Boolean) ?? "";
      const rows: SourcedKeyword[] = keywords.map(({ keyword, ...numbers }) => ({
        ...numbers,
        text: keyword,
        lastMonth,
        standIn: lookUp.standIn,
        from: [{ source, how: "article" }],
        ranking: [],
      }));
      const { table, places } = joinTables(body.table, rows);
      if (table.text.length > body.table.text.length)
        await saveLookUp({ ...lookUp, count: table.text.length }, { table, articles: body.articles });
      return places;
    },
    /**
     * Puts one look-up into another: what both have fills what the first does not know, and the second is deleted.
     *
     * @returns both as they were, so that it can be undone
     */
    async mergeLookUps(intoId: string, otherId: string, now: string): Promise<MergedLookUps> {
      const [into, body, other, more] = await Promise.all([
        getLookUp(intoId),
        getLookUpBody(intoId),
        getLookUp(otherId),
        getLookUpBody(otherId),
      ]);
      if (!into || !body || !other || !more || intoId === otherId)
        throw new Error("One of the two look-ups is no longer in the workspace.");
      const { table } = joinTables(body.table, rowsOf(more.table));
      const read = new Set(body.articles.map(({ page }) => page.address));
      await saveLookUp(
        {
          ...into,
          seeds: [...new Set([...into.seeds, ...other.seeds])],
          source: [...new Set([into.source, other.source])].join(", "),
          standIn: into.standIn || other.standIn,
          count: table.text.length,
          madeAt: now,
        },
        {
          table,
          articles: [...body.articles, ...more.articles.filter(({ page }) => !read.has(page.address))],
        },
      );
      await deleteLookUp(otherId);
      return {
        before: [
          { lookUp: into, body },
          { lookUp: other, body: more },
        ],
        count: table.text.length,
      };
    },
    cancelLookUp: (id: string): void => asking.get(id)?.abort(),
    regions: (
      connection: SearchConnection,
    ): Promise<Outcome<{ service: string; standIn: boolean; regions: Region[] }>> =>
      outcome(() => search.ask(connection, "regions", {})),
    ranking: (connection: SearchConnection, query: string, region: string): Promise<Outcome<RankedPage[]>> =>
      outcome(async () => (await search.ask(connection, "ranking", { query, region, most: 10 })).pages),

    /**
     * Numbers of keywords that somebody typed or pasted: from the look-ups that are kept, the latest first, then from the
     * service where it answers. What nobody knows stays unknown.
     */
    async numbersFor(
      texts: string[],
      connection: SearchConnection,
      region: string,
      language: string,
    ): Promise<{ keywords: ListKeyword[]; failed: Failed | null }> {
      const byIdentity = new Map<string, ListKeyword>();
      const keys = new Set(texts.map(identity));
      for (const lookUp of await listLookUps()) {
        if (byIdentity.size === keys.size) break;
        if (region && lookUp.region && lookUp.region !== region) continue;
        const table = (await getLookUpBody(lookUp.id))?.table;
        for (let i = 0; i < (table?.text.length ?? 0); i++) {
          const key = identity(table!.text[i]!);
          if (keys.has(key) && !byIdentity.has(key) && !Number.isNaN(table!.searches[i]!))
            byIdentity.set(key, asListKeyword(rowAt(table!, i), lookUp.region));
        }
      }
      const open = texts.filter((text) => !byIdentity.has(identity(text)));
      let failed: Failed | null = null;
      for (let from = 0; from < open.length && region && !failed; from += 500) {
        const answer = await outcome(() =>
          search.ask(connection, "numbers", { keywords: open.slice(from, from + 500), region }),
        );
        if ("failed" in answer) failed = answer.failed;
        else
          for (const { keyword, ...numbers } of answer.ok.numbers)
            byIdentity.set(identity(keyword), {
              ...numbers,
              text: keyword,
              lastMonth: answer.ok.lastMonth,
              standIn: answer.ok.standIn,
              region,
              note: "",
            });
      }
      return {
        failed,
        keywords: texts.map((text) => {
          const row = byIdentity.get(identity(text));
          const intent = row?.intent || intentOf(text, language).intent;
          return row ? { ...row, text, intent } : { ...bareListKeyword(text), intent };
        }),
      };
    },

    async overlapOf(listId: string): Promise<NamedOverlap[]> {
      await refreshUses();
      return lists.overlapOf(listId);
    },
    async matrix(): Promise<OverlapMatrix> {
      await refreshUses();
      return lists.matrix();
    },
  };
}
export type KeywordsApi = ReturnType<typeof createKeywordsApi>;

function stripped({
  place: _place,
  opportunity: _opportunity,
  wants: _wants,
  uses: _uses,
  ...row
}: BoardRow): SourcedKeyword {
  return row;
}
