/**
 * The keywords that are on the screen: one look-up's or one list's, in the worker's memory. The screen asks for the rows
 * in sight and never holds the rest, so a hundred thousand keywords cost it no more than fifty.
 */
import { type ExportedKeyword, writeKeywordCsv } from "../core/keywords/csv/writeKeywords";
import { groupKeywords, type KeywordGroup, type KeywordGroups } from "../core/keywords/groups";
import type { Intent } from "../core/keywords/keyword";
import { identity } from "../core/keywords/list";
import { intentOf, KeywordReader } from "../core/keywords/reader";
import { saySeason, seasonOf } from "../core/keywords/seasonality";
import {
  type Filter,
  type ReadTable,
  readTable,
  type Sifted,
  type SortKey,
  sift,
} from "../core/keywords/sift";
import { keywordWords } from "../core/keywords/stemKey";
import { intentName, type KeywordTable, rowAt, type SourcedKeyword } from "../core/keywords/table";

/** Who has a keyword, by stems: lists and, through them, posts. */
export interface Use {
  listId: string;
  target: boolean;
}

/** A row as the screen shows it. */
export interface BoardRow extends SourcedKeyword {
  /** Its place in the table, which stays while the table is open. */
  place: number;
  opportunity: number | null;
  /** The source's intent, else what the words give away. */
  wants: Intent | "";
  /** The intent is guessed from the words, since no source gives it. */
  guessed: boolean;
  uses: Use[];
}

export interface BoardGroup extends Omit<KeywordGroup, "head" | "shared"> {
  head: string;
  /** The word that all of them share, where that made the group; empty elsewhere. */
  sharedWord: string;
  /** Places in the order of the most searched, at most this many texts. */
  texts: string[];
  hasPost: boolean;
}

export interface BoardView extends Omit<Sifted, "order"> {
  total: number;
  shown: number;
  hidden: number;
}

export interface MapPoint {
  place: number;
  text: string;
  searches: number;
  difficulty: number;
}

export interface KeywordDetail extends BoardRow {
  season: string;
  seasonal: boolean;
  decidedBy: string[];
  /** Questions among the keywords that hold all its content words. */
  questions: string[];
}

const MOST_QUESTIONS = 12;
const MOST_TEXTS = 40;

export class KeywordBoard {
  readonly #table: ReadTable;
  readonly #reader: KeywordReader;
  #order: Uint32Array = new Uint32Array();
  #groups: KeywordGroups | null = null;
  #hidden = new Set<number>();
  #uses = new Map<string, Use[]>();
  #used = new Set<number>();

  constructor(table: KeywordTable, language: string) {
    this.#reader = new KeywordReader(language);
    this.#table = readTable(table, this.#reader);
    this.#order = Uint32Array.from(table.text, (_, i) => i);
  }

  get count(): number {
    return this.#table.text.length;
  }

  /** Says which keywords lists have. @param keywords texts with their lists */
  setUses(keywords: Iterable<{ text: string; use: Use }>): void {
    this.#uses = new Map();
    for (const { text, use } of keywords) {
      const key = this.#keyOf(text);
      const uses = this.#uses.get(key);
      if (!uses) this.#uses.set(key, [use]);
      else if (!uses.some(({ listId }) => listId === use.listId)) uses.push(use);
      else if (use.target) uses.find(({ listId }) => listId === use.listId)!.target = true;
    }
    this.#used = new Set();
    if (this.#uses.size)
      for (let i = 0; i < this.count; i++) if (this.#uses.has(this.#keyAt(i))) this.#used.add(i);
  }

  /** Hides keywords by their texts. */
  setHidden(texts: readonly string[]): void {
    const keys = new Set(texts.map((text) => this.#keyOf(text)));
    this.#hidden = new Set();
    if (keys.size) for (let i = 0; i < this.count; i++) if (keys.has(this.#keyAt(i))) this.#hidden.add(i);
  }

  sift(filter: Filter, sort: readonly SortKey[]): BoardView {
    const { order, histograms } = sift(this.#table, filter, sort, this.#hidden, this.#used);
    this.#order = order;
    this.#groups = null;
    return { histograms, total: this.count, shown: order.length, hidden: this.#hidden.size };
  }

  rows(from: number, to: number): BoardRow[] {
    return Array.from(this.#order.subarray(from, to), (place) => this.rowAt(place));
  }

  /** Places of the rows that are shown, from one to another in the order on screen. */
  places(from = 0, to = this.#order.length): Uint32Array {
    return this.#order.slice(from, to);
  }

  rowAt(place: number): BoardRow {
    const opportunity = this.#table.opportunity[place]!;
    const row = rowAt(this.#table, place);
    const wants = intentName(this.#table.wants[place]!);
    return {
      ...row,
      place,
      opportunity: Number.isNaN(opportunity) ? null : opportunity,
      wants,
      guessed: wants !== "" && row.intent === "",
      uses: this.#uses.get(this.#keyAt(place)) ?? [],
    };
  }

  groups(): number {
    this.#groups ??= groupKeywords(this.#table, this.#order);
    return this.#groups.count;
  }

  groupsAt(from: number, to: number): BoardGroup[] {
    const groups: BoardGroup[] = [];
    for (let i = from; i < Math.min(to, this.groups()); i++) {
      const { shared, ...group } = this.#groups!.at(i);
      const head = this.#table.text[group.head]!;
      groups.push({
        ...group,
        head,
        sharedWord:
          shared === undefined
            ? ""
            : (keywordWords(head).find((word) => this.#reader.stems(word).includes(shared)) ?? ""),
        texts: group.members.slice(0, MOST_TEXTS).map((place) => this.#table.text[place]!),
        hasPost: group.members.some((place) => this.#used.has(place)),
      });
    }
    return groups;
  }

  /** Rows for the map: those whose numbers are known; where there are too many to draw, those of most opportunity in each part of it. */
  map(most: number): { points: MapPoint[]; plotted: number } {
    const { searches, difficulty, text } = this.#table;
    const plotted = this.#order.filter(
      (place) => !Number.isNaN(searches[place]!) && !Number.isNaN(difficulty[place]!),
    );
    const drawn = plotted.length > most ? this.#spread(plotted).subarray(0, most) : plotted;
    return {
      plotted: plotted.length,
      points: Array.from(drawn, (place) => ({
        place,
        text: text[place]!,
        searches: searches[place]!,
        difficulty: difficulty[place]!,
      })),
    };
  }

  /** Places in an order whose beginning covers the whole map: the best of each part, then the second of each, and so on. */
  #spread(places: Uint32Array): Uint32Array {
    const { searches, difficulty, opportunity } = this.#table;
    const best = places.slice().sort((a, b) => opportunity[b]! - opportunity[a]!);
    const taken = new Map<number, number>();
    const turn = Uint32Array.from(best, (place) => {
      const cell =
        Math.floor(difficulty[place]! / 5) * 100 + Math.floor(4 * Math.log10(Math.max(1, searches[place]!)));
      const n = taken.get(cell) ?? 0;
      taken.set(cell, n + 1);
      return n;
    });
    return Uint32Array.from(best.keys())
      .sort((a, b) => turn[a]! - turn[b]! || a - b)
      .map((i) => best[i]!);
  }

  /** Places of the shown rows within a range of both numbers, drawn or not. */
  within(searches: [number, number], difficulty: [number, number]): Uint32Array {
    const inside = (value: number, [low, high]: [number, number]) => value >= low && value <= high;
    return this.#order.filter(
      (place) =>
        inside(this.#table.searches[place]!, searches) && inside(this.#table.difficulty[place]!, difficulty),
    );
  }

  /** @param text of the keyword: its place is another when the list is put in another order. @returns null where it is gone */
  detail(text: string): KeywordDetail | null {
    const key = identity(text);
    let place = this.#table.text.indexOf(text);
    if (place < 0) place = this.#table.text.findIndex((one) => identity(one) === key);
    if (place < 0) return null;
    const row = this.rowAt(place);
    const stems = this.#stemsAt(place);
    const questions: string[] = [];
    for (let i = 0; i < this.count && questions.length < MOST_QUESTIONS; i++) {
      if (!this.#table.question[i] || i === place) continue;
      const theirs = this.#stemsAt(i);
      if (stems.every((stem) => theirs.includes(stem))) questions.push(this.#table.text[i]!);
    }
    return {
      ...row,
      season: saySeason(row.months, row.lastMonth),
      seasonal: seasonOf(row.months)?.seasonal ?? false,
      decidedBy: row.intent ? [] : intentOf(row.text, this.#reader.language).words,
      questions,
    };
  }

  /** What a selection sums up to. */
  sum(places: Uint32Array): { searches: number; unknown: number } {
    let searches = 0;
    let unknown = 0;
    for (const place of places) {
      const n = this.#table.searches[place]!;
      if (Number.isNaN(n)) unknown++;
      else searches += n;
    }
    return { searches, unknown };
  }

  csv(
    places: Uint32Array | null,
    listNames: ReadonlyMap<string, string>,
    notes: ReadonlyMap<string, string>,
  ): string {
    return writeKeywordCsv(
      Array.from(places ?? this.#order, (place): ExportedKeyword => {
        const row = this.rowAt(place);
        return {
          ...row,
          intent: row.wants,
          lists: row.uses.flatMap(({ listId }) => listNames.get(listId) ?? []),
          note: notes.get(identity(row.text)) ?? "",
        };
      }),
    );
  }

  #stemsAt(place: number): Int32Array {
    const { stems, stemStart } = this.#table;
    return stems.subarray(stemStart[place]!, stemStart[place + 1]!);
  }
  #keyAt(place: number): string {
    return this.#stemsAt(place).join();
  }
  #keyOf(text: string): string {
    return this.#reader.stems(text).join();
  }
}
