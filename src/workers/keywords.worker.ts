/** Keyword research, off the main thread: look-ups, the table on screen, overlaps. */
import * as Comlink from "comlink";
import { bareListKeyword, identity, type ListKeyword } from "../core/keywords/list";
import { intentOf } from "../core/keywords/reader";
import type { Filter, SortKey } from "../core/keywords/sift";
import { type FoundKeyword, rowAt, tableOf } from "../core/keywords/table";
import { listName } from "../data/listOfPost";
import { getList } from "../data/lists";
import { getLookUp, getLookUpBody, listLookUps, saveLookUp, touchLookUp } from "../data/lookUps";
import type { LookUp, SearchConnection } from "../data/model";
import type { Article, KeywordNumbers, RankedPage, Region } from "../data/schemas/search";
import { askSearch, SearchFailure } from "../services/search/searchClient";
import {
  type BoardGroup,
  type BoardRow,
  type BoardView,
  KeywordBoard,
  type KeywordDetail,
  type MapPoint,
} from "./keywordBoard";
import { ListIndex, type NamedOverlap, type OverlapMatrix } from "./listIndex";
import { joinTables, type LookUpQuestion, runLookUp } from "./lookUpJob";

/** What is on the screen. */
export type Source = { kind: "lookUp"; id: string } | { kind: "list"; id: string };

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

let board: KeywordBoard | null = null;
let boardLists = new Map<string, string>();
let boardNotes = new Map<string, string>();
const lists = new ListIndex();
let asking: AbortController | null = null;

const failedOf = (error: unknown): Failed => ({
  code: error instanceof SearchFailure ? error.code : "failed",
  message: error instanceof Error ? error.message : String(error),
});

async function outcome<T>(work: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: await work() };
  } catch (error) {
    return { failed: failedOf(error) };
  }
}

function opened(): KeywordBoard {
  if (!board) throw new Error("No table is open.");
  return board;
}

async function refreshUses(): Promise<void> {
  await lists.refresh();
  boardLists = new Map(lists.lists.map((list) => [list.id, listName(list)]));
  board?.setUses(lists.uses());
}

const asListKeyword = (
  { from: _from, ranking: _ranking, asked: _asked, ...row }: FoundKeyword,
  region: string,
): ListKeyword => ({
  ...row,
  region,
  note: "",
});

const api = {
  /** Puts a look-up or a list on the screen. @returns null where it is gone */
  async open(source: Source, hidden: string[], now: string): Promise<Opened | null> {
    let articles: Article[] = [];
    if (source.kind === "lookUp") {
      const [lookUp, body] = await Promise.all([getLookUp(source.id), getLookUpBody(source.id)]);
      if (!lookUp || !body) return null;
      board = new KeywordBoard(body.table, lookUp.language);
      articles = body.articles;
      boardNotes = new Map();
      await touchLookUp(source.id, now);
    } else {
      const list = await getList(source.id);
      if (!list) return null;
      board = new KeywordBoard(tableOf(list.keywords), list.language);
      boardNotes = new Map(list.keywords.map(({ text, note }) => [identity(text), note]));
    }
    await refreshUses();
    // A list shows all that is in it.
    if (source.kind === "lookUp") board.setHidden(hidden);
    return { count: board.count, articles };
  },
  refreshUses,
  setHidden: (texts: string[]): void => opened().setHidden(texts),
  sift: (filter: Filter, sort: SortKey[]): BoardView => opened().sift(filter, sort),
  rows: (from: number, to: number): BoardRow[] => opened().rows(from, to),
  places: (from?: number, to?: number): Uint32Array => {
    const places = opened().places(from, to);
    return Comlink.transfer(places, [places.buffer as ArrayBuffer]);
  },
  groupCount: (): number => opened().groups(),
  groups: (from: number, to: number): BoardGroup[] => opened().groupsAt(from, to),
  map: (most: number): { points: MapPoint[]; known: number } => opened().map(most),
  within: (searches: [number, number], difficulty: [number, number]): Uint32Array =>
    opened().within(searches, difficulty),
  detail: (text: string): KeywordDetail | null => opened().detail(text),
  async tray(places: Uint32Array, language: string, withoutList: string): Promise<Tray> {
    await lists.refresh();
    const known = places.filter((place) => place < opened().count);
    const texts = Array.from(known, (place) => opened().rowAt(place).text);
    return { ...opened().sum(known), overlaps: lists.overlapOfTexts(texts, language, withoutList) };
  },
  /** Rows of a selection as a list keeps them. */
  chosen: (places: Uint32Array, region: string): ListKeyword[] =>
    // What an article has just brought may be chosen a moment before the table has it.
    Array.from(
      places.filter((place) => place < opened().count),
      (place) => {
        const row = opened().rowAt(place);
        return { ...asListKeyword(stripped(row), region), intent: row.wants };
      },
    ),
  csv: (places: Uint32Array | null): string => opened().csv(places, boardLists, boardNotes),

  /** Asks for seeds and keeps the answer as a look-up, a new one or the given one with more in it. */
  async lookUp(
    question: LookUpQuestion,
    lookUp: LookUp,
    onProgress: (done: number, of: number) => void,
  ): Promise<Outcome<{ lookUp: LookUp; notes: string[]; failed: { seed: string; why: string }[] }>> {
    asking?.abort();
    const own = new AbortController();
    asking = own;
    return outcome(async () => {
      const earlier = (await getLookUpBody(lookUp.id)) ?? null;
      const { table, articles, standIn, notes, failed } = await runLookUp(
        question,
        earlier,
        onProgress,
        own.signal,
      );
      const done = {
        ...lookUp,
        seeds: lookUp.seeds.filter((seed) => !failed.some((one) => one.seed === seed)),
        standIn: lookUp.standIn || standIn,
        count: table.text.length,
      };
      // A look-up that found nothing is said and not kept.
      if (table.text.length) await saveLookUp(done, { table, articles });
      return { lookUp: done, notes, failed };
    });
  },
  /** Puts keywords that an article draws into the look-up on screen. @returns their places; those of before stay */
  async adopt(lookUpId: string, keywords: KeywordNumbers[], source: string): Promise<Uint32Array> {
    const [lookUp, body] = await Promise.all([getLookUp(lookUpId), getLookUpBody(lookUpId)]);
    if (!lookUp || !body) throw new Error("This look-up is no longer in the workspace.");
    const lastMonth = body.table.lastMonth.find(Boolean) ?? "";
    const rows: FoundKeyword[] = keywords.map(({ keyword, ...numbers }) => ({
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
  cancelLookUp: (): void => asking?.abort(),
  regions: (
    connection: SearchConnection,
  ): Promise<Outcome<{ service: string; standIn: boolean; regions: Region[] }>> =>
    outcome(() => askSearch(connection, "regions", {})),
  ranking: (connection: SearchConnection, query: string, region: string): Promise<Outcome<RankedPage[]>> =>
    outcome(async () => (await askSearch(connection, "ranking", { query, region, most: 10 })).pages),

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
    const known = new Map<string, ListKeyword>();
    const wanted = new Set(texts.map(identity));
    for (const lookUp of await listLookUps()) {
      if (known.size === wanted.size) break;
      if (region && lookUp.region && lookUp.region !== region) continue;
      const table = (await getLookUpBody(lookUp.id))?.table;
      for (let i = 0; i < (table?.text.length ?? 0); i++) {
        const key = identity(table!.text[i]!);
        if (wanted.has(key) && !known.has(key) && !Number.isNaN(table!.searches[i]!))
          known.set(key, asListKeyword(rowAt(table!, i), lookUp.region));
      }
    }
    const open = texts.filter((text) => !known.has(identity(text)));
    let failed: Failed | null = null;
    for (let from = 0; from < open.length && region && !failed; from += 500) {
      const answer = await outcome(() =>
        askSearch(connection, "numbers", { keywords: open.slice(from, from + 500), region }),
      );
      if ("failed" in answer) failed = answer.failed;
      else
        for (const { keyword, ...numbers } of answer.ok.numbers)
          known.set(identity(keyword), {
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
        const found = known.get(identity(text));
        const intent = found?.intent || intentOf(text, language).intent;
        return found ? { ...found, text, intent } : { ...bareListKeyword(text), intent };
      }),
    };
  },

  async overlapOf(listId: string): Promise<NamedOverlap[]> {
    await lists.refresh();
    return lists.overlapOf(listId);
  },
  async matrix(): Promise<OverlapMatrix> {
    await lists.refresh();
    return lists.matrix();
  },
};
export type KeywordsApi = typeof api;

function stripped({
  place: _place,
  opportunity: _opportunity,
  wants: _wants,
  uses: _uses,
  ...row
}: BoardRow): FoundKeyword {
  return row;
}

Comlink.expose(api);
