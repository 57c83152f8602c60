/**
 * Many keywords, laid out by column: a hundred thousand of them fit where as many objects would not, are kept and sent
 * in one piece, and are sifted quickly. Unknown numbers are NaN here and null in the rows that come out.
 */
import { INTENTS, type Intent, type KeywordRow } from "./keyword";
import type { SourcedKeyword, Sources } from "./shapes";

export interface KeywordTable {
  text: string[];
  searches: Float64Array;
  difficulty: Float64Array;
  costPerClick: Float64Array;
  /** 0 for unknown, else the place in INTENTS plus one. */
  intent: Uint8Array;
  /** Twelve a row, oldest first; the first is NaN where the row has none. */
  months: Float64Array;
  /** The last month of each row, "YYYY-MM" or empty. */
  lastMonth: string[];
  standIn: Uint8Array;
  /** Where rows came from and what ranks for them, of the rows where that is known. Stored under this name in look-ups. */
  found: (Sources | undefined)[];
}

export type { SourcedKeyword, Sources } from "./shapes";

const MONTHS = 12;

/** Collects rows into a table. */
export class TableBuilder {
  #room = 1024;
  #table = emptyTable(this.#room);

  get length(): number {
    return this.#table.text.length;
  }

  /** Adds a row with unknown numbers and returns its place. */
  add(text: string): number {
    const at = this.length;
    if (at === this.#room) {
      this.#room *= 2;
      this.#table = resized(this.#table, this.#room);
    }
    this.#table.text.push(text);
    this.#table.lastMonth.push("");
    this.#table.found.push(undefined);
    return at;
  }

  /** Gives a row what it does not know yet; what it knows stays. Numbers are NaN where unknown. */
  fill(at: number, numbers: Numbers): void {
    const table = this.#table;
    let gained = false;
    if (fillNumber(table.searches, at, numbers.searches)) gained = true;
    if (fillNumber(table.difficulty, at, numbers.difficulty)) gained = true;
    if (fillNumber(table.costPerClick, at, numbers.costPerClick)) gained = true;
    if (!table.intent[at] && numbers.intent) {
      table.intent[at] = numbers.intent;
      gained = true;
    }
    const first = at * MONTHS;
    if (numbers.months && numbers.months.length === MONTHS && Number.isNaN(table.months[first]!)) {
      for (let m = 0; m < MONTHS; m++) table.months[first + m] = numbers.months[m]!;
      table.lastMonth[at] = numbers.lastMonth;
      gained = true;
    }
    if (gained && numbers.standIn) table.standIn[at] = 1;
  }

  addSources(at: number, sources: Sources): void {
    const earlier = this.#table.found[at];
    this.#table.found[at] = earlier ? mergeSources(earlier, sources) : sources;
  }

  finish(): KeywordTable {
    return resized(this.#table, this.length);
  }
}

/** What may be known of a row, in the table's terms. */
export interface Numbers {
  searches: number;
  difficulty: number;
  costPerClick: number;
  intent: number;
  months: readonly number[] | null;
  lastMonth: string;
  standIn: boolean;
}

export const intentCode = (intent: Intent | ""): number => (intent ? INTENTS.indexOf(intent) + 1 : 0);
export const intentName = (code: number): Intent | "" => INTENTS[code - 1] ?? "";

export const numbersOf = (row: KeywordRow): Numbers => ({
  searches: row.searches ?? Number.NaN,
  difficulty: row.difficulty ?? Number.NaN,
  costPerClick: row.costPerClick ?? Number.NaN,
  intent: intentCode(row.intent),
  months: row.months,
  lastMonth: row.lastMonth ?? "",
  standIn: row.standIn,
});

export function tableOf(rows: readonly (KeywordRow & Partial<Sources>)[]): KeywordTable {
  const builder = new TableBuilder();
  for (const row of rows) {
    const at = builder.add(row.text);
    builder.fill(at, numbersOf(row));
    if (row.from || row.ranking)
      builder.addSources(at, {
        from: row.from ?? [],
        ranking: row.ranking ?? [],
        ...(row.asked && { asked: row.asked }),
      });
  }
  return builder.finish();
}

/** One row, as an object of its own. */
export function rowAt(table: KeywordTable, at: number): SourcedKeyword {
  const orNull = (value: number): number | null => (Number.isNaN(value) ? null : value);
  const first = at * MONTHS;
  const sources = table.found[at];
  return {
    text: table.text[at]!,
    searches: orNull(table.searches[at]!),
    months: Number.isNaN(table.months[first]!)
      ? []
      : Array.from(table.months.subarray(first, first + MONTHS)),
    ...(table.lastMonth[at] && { lastMonth: table.lastMonth[at] }),
    difficulty: orNull(table.difficulty[at]!),
    intent: intentName(table.intent[at]!),
    costPerClick: orNull(table.costPerClick[at]!),
    standIn: table.standIn[at] === 1,
    from: sources?.from ?? [],
    ranking: sources?.ranking ?? [],
    ...(sources?.asked && { asked: sources.asked }),
  };
}

export const rowsOf = (table: KeywordTable): SourcedKeyword[] => table.text.map((_, at) => rowAt(table, at));

function mergeSources(a: Sources, b: Sources): Sources {
  const from = [...a.from];
  for (const one of b.from)
    if (!from.some(({ source, how }) => source === one.source && how === one.how)) from.push(one);
  const places = [...(a.asked ?? [])];
  for (const one of b.asked ?? [])
    if (!places.some(({ address }) => address === one.address)) places.push(one);
  return { from, ranking: a.ranking.length ? a.ranking : b.ranking, ...(places.length && { asked: places }) };
}

function fillNumber(column: Float64Array, at: number, value: number): boolean {
  if (Number.isNaN(value) || !Number.isNaN(column[at]!)) return false;
  column[at] = value;
  return true;
}

function emptyTable(room: number): KeywordTable {
  return {
    text: [],
    searches: new Float64Array(room).fill(Number.NaN),
    difficulty: new Float64Array(room).fill(Number.NaN),
    costPerClick: new Float64Array(room).fill(Number.NaN),
    intent: new Uint8Array(room),
    months: new Float64Array(room * MONTHS).fill(Number.NaN),
    lastMonth: [],
    standIn: new Uint8Array(room),
    found: [],
  };
}

/** The same rows with room for more, or for no more than there are. */
function resized(table: KeywordTable, room: number): KeywordTable {
  const numbers = (from: Float64Array, size: number) => {
    if (size <= from.length) return from.slice(0, size);
    const to = new Float64Array(size).fill(Number.NaN, from.length);
    to.set(from);
    return to;
  };
  const flags = (from: Uint8Array) => {
    if (room <= from.length) return from.slice(0, room);
    const to = new Uint8Array(room);
    to.set(from);
    return to;
  };
  return {
    ...table,
    searches: numbers(table.searches, room),
    difficulty: numbers(table.difficulty, room),
    costPerClick: numbers(table.costPerClick, room),
    intent: flags(table.intent),
    months: numbers(table.months, room * MONTHS),
    standIn: flags(table.standIn),
  };
}
