/**
 * Sifting a look-up: which rows are shown, in what order, and how the numbers spread. Rows are laid out by column once,
 * so that a hundred thousand are sifted while a person waits for nothing.
 */
import { foldPlain } from "../text/fold";
import { INTENTS, type Intent } from "./keyword";
import { opportunities } from "./opportunity";
import type { KeywordReader } from "./reader";
import { intentCode, type KeywordTable } from "./table";

/** What sifting and grouping need of a table's words, read once. */
export interface ReadTable extends KeywordTable {
  folded: string[];
  words: Uint8Array;
  opportunity: Float64Array;
  /** The source's intent where it gives one, else what the words give away. */
  wants: Uint8Array;
  question: Uint8Array;
  /** Content stems of row i, as the reader numbers them: stems[stemStart[i]] up to, not with, stems[stemStart[i + 1]]. */
  stems: Int32Array;
  stemStart: Int32Array;
  /** Place of each row in the alphabet of the language; made when first sorted by. */
  alphabet: Uint32Array | null;
  language: string;
}

export const RANGES = ["searches", "difficulty", "words"] as const;
export type Range = (typeof RANGES)[number];

/** Lower edges of the histograms' bins; the last bin is open upward. */
export const BINS: Record<Range, readonly number[]> = {
  searches: [0, 10, 20, 50, 100, 200, 500, 1_000, 2_000, 5_000, 10_000, 20_000, 50_000, 100_000],
  difficulty: [0, 10, 20, 30, 40, 50, 60, 70, 80, 90],
  words: [1, 2, 3, 4, 5, 6, 7, 8],
};

export interface Filter {
  /** From the first of these bins to the last, both included; a range that leaves any bin out leaves unknown numbers out too. */
  ranges: Partial<Record<Range, [number, number]>>;
  /** Words that must all be in the keyword, as parts of it. */
  contains: string;
  /** Words none of which may be in it. */
  without: string;
  /** None means any; "" stands for an unknown intent. */
  intents: (Intent | "")[];
  questions: boolean;
  /** Only keywords that no list and no post has. */
  unused: boolean;
}

export const noFilter: Filter = {
  ranges: {},
  contains: "",
  without: "",
  intents: [],
  questions: false,
  unused: false,
};

export const SORT_COLUMNS = [
  "text",
  "searches",
  "difficulty",
  "intent",
  "costPerClick",
  "opportunity",
  "words",
  "use",
] as const;
export type SortColumn = (typeof SORT_COLUMNS)[number];
export interface SortKey {
  column: SortColumn;
  down: boolean;
}

export interface Sifted {
  /** Places of the rows that are shown, in order. */
  order: Uint32Array;
  /** Rows in each bin that all other filters let through. */
  histograms: Record<Range, number[]>;
}

/** Reads the words of a table. @param reader one of the keywords' language */
export function readTable(table: KeywordTable, reader: KeywordReader): ReadTable {
  const length = table.text.length;
  const folded: string[] = new Array(length);
  const words = new Uint8Array(length);
  const wants = new Uint8Array(length);
  const question = new Uint8Array(length);
  const stemStart = new Int32Array(length + 1);
  let stems = new Int32Array(4 * length + 16);
  let end = 0;
  for (let i = 0; i < length; i++) {
    const facts = reader.read(table.text[i]!);
    folded[i] = facts.folded;
    words[i] = Math.min(255, facts.words);
    wants[i] = table.intent[i] || intentCode(facts.intent);
    question[i] = facts.question ? 1 : 0;
    if (end + facts.stems.length > stems.length) {
      const larger = new Int32Array(2 * (end + facts.stems.length));
      larger.set(stems);
      stems = larger;
    }
    for (const stem of facts.stems) stems[end++] = stem;
    stemStart[i + 1] = end;
  }
  return {
    ...table,
    folded,
    words,
    opportunity: opportunities(table.searches, table.difficulty),
    wants,
    question,
    stems: stems.subarray(0, end),
    stemStart,
    alphabet: null,
    language: reader.language,
  };
}

/**
 * Filters and sorts.
 *
 * @param left rows that are out altogether (hidden for the site); they count in no histogram
 * @param used rows that a list or a post has
 * @param sort the first key decides, the next where it is equal; unknown values come last whichever way; equals stay in the order given
 */
export function sift(
  table: ReadTable,
  filter: Filter,
  sort: readonly SortKey[],
  left: ReadonlySet<number>,
  used: ReadonlySet<number>,
): Sifted {
  const words = foldPlain(filter.contains).split(" ").filter(Boolean);
  const unwanted = foldPlain(filter.without).split(" ").filter(Boolean);
  const intents = new Set(filter.intents.map(intentCode));
  const limits = RANGES.map((range) => limitOf(range, filter));
  const histograms = { searches: bins("searches"), difficulty: bins("difficulty"), words: bins("words") };
  const order: number[] = [];
  for (let i = 0; i < table.text.length; i++) {
    if (left.has(i)) continue;
    const text = table.folded[i]!;
    if (words.some((word) => !text.includes(word)) || unwanted.some((word) => text.includes(word))) continue;
    if (intents.size && !intents.has(table.wants[i]!)) continue;
    if (filter.questions && !table.question[i]) continue;
    if (filter.unused && used.has(i)) continue;
    // A histogram shows what its own range would let in, so a range can be widened by what is seen.
    let outside = 0;
    let only = -1;
    for (let r = 0; r < RANGES.length; r++) {
      if (!within(table[RANGES[r]!][i]!, limits[r]!)) {
        outside++;
        only = r;
      }
    }
    for (let r = 0; r < RANGES.length && outside < 2; r++) {
      if (outside && r !== only) continue;
      const value = table[RANGES[r]!][i]!;
      if (!Number.isNaN(value)) histograms[RANGES[r]!][binOf(RANGES[r]!, value)]!++;
    }
    if (!outside) order.push(i);
  }
  return { order: sorted(table, Uint32Array.from(order), sort, used), histograms };
}

/** The bin that a number falls into. */
export function binOf(range: Range, value: number): number {
  const edges = BINS[range];
  let bin = edges.length - 1;
  while (bin > 0 && value < edges[bin]!) bin--;
  return bin;
}

const bins = (range: Range): number[] => BINS[range].map(() => 0);

/** Lowest and first-too-high number of a range; null where it lets everything in, unknown numbers too. */
function limitOf(range: Range, { ranges }: Filter): [number, number] | null {
  const chosen = ranges[range];
  const edges = BINS[range];
  if (!chosen || (chosen[0] <= 0 && chosen[1] >= edges.length - 1)) return null;
  return [
    chosen[0] <= 0 ? Number.NEGATIVE_INFINITY : edges[chosen[0]]!,
    edges[chosen[1] + 1] ?? Number.POSITIVE_INFINITY,
  ];
}

const within = (value: number, limit: [number, number] | null): boolean =>
  !limit || (value >= limit[0] && value < limit[1]);

function sorted(
  table: ReadTable,
  order: Uint32Array,
  sort: readonly SortKey[],
  used: ReadonlySet<number>,
): Uint32Array {
  if (!sort.length) return order;
  const keys = sort.map(({ column, down }) => ({
    values: sortValues(table, column, used),
    sign: down ? -1 : 1,
  }));
  return order.sort((a, b) => {
    for (const { values, sign } of keys) {
      const x = values[a]!;
      const y = values[b]!;
      if (x === y) continue;
      const unknownX = Number.isNaN(x);
      const unknownY = Number.isNaN(y);
      if (unknownX && unknownY) continue;
      if (unknownX) return 1;
      if (unknownY) return -1;
      return (x - y) * sign;
    }
    return a - b;
  });
}

function sortValues(table: ReadTable, column: SortColumn, used: ReadonlySet<number>): ArrayLike<number> {
  if (column === "use") return Uint8Array.from(table.words, (_, row) => (used.has(row) ? 1 : 0));
  if (column === "text") {
    table.alphabet ??= alphabetical(table);
    return table.alphabet;
  }
  if (column === "intent") {
    // By name; "unknown" has none.
    const places = [Number.NaN, ...INTENTS.map((intent) => INTENTS.filter((other) => other < intent).length)];
    return Float64Array.from(table.wants, (code) => places[code]!);
  }
  return table[column];
}

function alphabetical({ text, language }: ReadTable): Uint32Array {
  const collator = new Intl.Collator(language, { numeric: true });
  const order = Uint32Array.from(text, (_, i) => i).sort((a, b) => collator.compare(text[a]!, text[b]!));
  const places = new Uint32Array(text.length);
  order.forEach((row, place) => {
    // Equal texts have equal places, so that the next sort key decides.
    const previous = order[place - 1];
    places[row] = previous !== undefined && text[previous] === text[row] ? places[previous]! : place;
  });
  return places;
}
