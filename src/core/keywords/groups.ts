/**
 * Keywords that want the same page.
 *
 * Two keywords want the same page where a good part of the pages that rank for one rank for the other too. Where that is
 * not known, they do where they share most of what they say: the weighted Jaccard index of their stems (S. Ioffe, 2010),
 * each stem weighing ln(1 + N/n) with n the keywords that have it (K. Spärck Jones, 1972).
 *
 * Where no ranking pages are known at all, as in a file of one's own, that leaves most keywords alone: "snake plant light", "how much light
 * for a snake plant". These are gathered by the commonest word that some share and not most: what modifies the subject of the file.
 */
import type { ReadTable } from "./sift";

/** A group; numbers are places in the list that was given. */
export interface KeywordGroup {
  /** The most searched keyword, the first of equals. */
  head: number;
  /** All of the group, the head first, by searches. */
  members: number[];
  /** Summed searches of those whose searches are known. */
  searches: number;
  /** What brought them together: shared ranking pages, shared stems, or one word that all have; "alone" for a group of one. */
  by: "pages" | "stems" | "word" | "alone";
  /** Number of the stem that all of a group by one word share. */
  shared?: number;
}

/** Of the first ten pages, this share of the longer list must be shared. Fewer than three say too little. */
const PAGES_COMPARED = 10;
const SHARED_PAGES = 0.5;
const FEWEST_PAGES = 3;
const STEMS_SHARED = 0.6;
/** Keywords of more stems are compared whole only: neighbours by one stem more or less would say little. */
const LONGEST = 12;
/** A word that a larger part of all keywords has is their subject and modifies nothing. */
const SUBJECT_SHARE = 1 / 3;
/** A group of more by one word says too little. */
const MOST_BY_WORD = 200;

/** All groups of a table, by summed searches, the largest first; a group is made when it is asked for. */
export class KeywordGroups {
  constructor(
    readonly count: number,
    /** Makes the group at a place of the order, from 0 up to the count. */
    readonly at: (place: number) => KeywordGroup,
  ) {}
}

/**
 * Groups keywords. Each keyword, the most searched first, joins the group whose head it shares most with, or heads a new
 * one; since it is compared with the heads that an inverted index names and no others, the work is near linear.
 *
 * @param only places of the rows to group; all where it is left out
 * @returns every keyword is in exactly one group
 */
export function groupKeywords(table: ReadTable, only?: Uint32Array): KeywordGroups {
  const rows = only ?? Uint32Array.from(table.text, (_, i) => i);
  const order = descending(rows, (row) => table.searches[row]!);
  const weight = stemWeights(table);
  const making = new Making(order.length, table.text.length);
  const byPage = new Map<string, number[]>();
  const byStems = new Postings(order.length);
  const keys = new Int32Array(LONGEST + 1);

  for (const row of order) {
    const ranking = table.found[row]?.ranking.slice(0, PAGES_COMPARED);
    let best = hasPages(table, row) ? mostSharedPages(ranking!, byPage, making, table) : -1;
    const byPages = best >= 0;
    const keyed = stemNeighbours(table, row, weight, keys);
    if (!byPages) best = nearestByStems(row, keys, keyed, byStems, making, table, weight);
    if (best >= 0) {
      making.join(best, row, table.searches[row]!, byPages);
      continue;
    }
    const group = making.begin(row, table.searches[row]!);
    for (const page of ranking ?? []) {
      const groups = byPage.get(page);
      if (groups) groups.push(group);
      else byPage.set(page, [group]);
    }
    for (let k = 0; k < keyed; k++) byStems.add(keys[k]!, group);
  }
  joinByWord(table, making, rows);
  return making.finish(table.searches);
}

/**
 * Joins groups whose pages are not known by a word that their heads share: the commonest first that is not the subject of
 * all. Each group joins once, so the work is that of reading the heads' stems.
 */
function joinByWord(table: ReadTable, making: Making, rows: Uint32Array): void {
  const most = Math.min(MOST_BY_WORD, Math.floor(rows.length * SUBJECT_SHARE));
  /** Keywords that have a stem, by its number. */
  const keywords = new Int32Array(mostOf(table.stems) + 1);
  for (const row of rows)
    for (let i = table.stemStart[row]!; i < table.stemStart[row + 1]!; i++) keywords[table.stems[i]!]!++;
  const byStem = new Map<number, number[]>();
  for (let group = 0; group < making.count; group++) {
    const head = making.head[group]!;
    if (hasPages(table, head)) continue;
    for (let i = table.stemStart[head]!; i < table.stemStart[head + 1]!; i++) {
      const stem = table.stems[i]!;
      if (keywords[stem]! > most) continue;
      const groups = byStem.get(stem);
      if (groups) groups.push(group);
      else byStem.set(stem, [group]);
    }
  }
  const joined = new Set<number>();
  const shared = [...byStem].filter(([, { length }]) => length > 1);
  for (const [stem, groups] of shared.sort(([a, x], [b, y]) => y.length - x.length || a - b)) {
    const left = groups.filter((group) => !joined.has(group));
    if (left.length < 2) continue;
    making.merge(left as [number, ...number[]], stem);
    for (const group of left) joined.add(group);
  }
}

/** Groups while they are being made, in flat arrays; the members of one follow each other in a linked list. */
class Making {
  readonly head: Int32Array;
  readonly #latest: Int32Array;
  readonly #size: Int32Array;
  readonly #searches: Float64Array;
  /** 0 alone, 1 by stems, 2 by pages, 3 by one word. */
  readonly #by: Uint8Array;
  readonly #before: Int32Array;
  readonly #shared = new Map<number, number>();
  /** Groups that went into another. */
  readonly #gone = new Set<number>();
  #count = 0;

  constructor(most: number, rows: number) {
    this.head = new Int32Array(most);
    this.#latest = new Int32Array(most);
    this.#size = new Int32Array(most);
    this.#searches = new Float64Array(most);
    this.#by = new Uint8Array(most);
    this.#before = new Int32Array(rows);
  }

  begin(row: number, searches: number): number {
    const group = this.#count++;
    this.head[group] = row;
    this.#latest[group] = row;
    this.#size[group] = 1;
    this.#searches[group] = searches || 0;
    return group;
  }

  join(group: number, row: number, searches: number, byPages: boolean): void {
    this.#before[row] = this.#latest[group]!;
    this.#latest[group] = row;
    this.#size[group]!++;
    this.#searches[group]! += searches || 0;
    this.#by[group] = Math.max(this.#by[group]!, byPages ? 2 : 1);
  }

  get count(): number {
    return this.#count;
  }

  /** Puts groups into the first of them, which share a stem. */
  merge([into, ...others]: readonly [number, ...number[]], stem: number): void {
    for (const group of others) {
      let first = this.#latest[group]!;
      for (let i = 1; i < this.#size[group]!; i++) first = this.#before[first]!;
      this.#before[first] = this.#latest[into]!;
      this.#latest[into] = this.#latest[group]!;
      this.#size[into]! += this.#size[group]!;
      this.#searches[into]! += this.#searches[group]!;
      this.#gone.add(group);
    }
    this.#by[into] = 3;
    this.#shared.set(into, stem);
  }

  /** @param searches of a row, to order the members of groups that were merged */
  finish(searches: Float64Array): KeywordGroups {
    const order = descending(
      Uint32Array.from({ length: this.#count }, (_, i) => i).filter((group) => !this.#gone.has(group)),
      (group) => this.#searches[group]!,
    );
    return new KeywordGroups(order.length, (place) => {
      const group = order[place]!;
      const members: number[] = new Array(this.#size[group]!);
      for (let row = this.#latest[group]!, i = members.length - 1; i >= 0; row = this.#before[row]!, i--)
        members[i] = row;
      const shared = this.#shared.get(group);
      const ordered =
        shared === undefined ? members : [...descending(Uint32Array.from(members), (row) => searches[row]!)];
      return {
        head: this.head[group]!,
        members: ordered,
        searches: this.#searches[group]!,
        by: (["alone", "stems", "pages", "word"] as const)[this.#by[group]!]!,
        ...(shared !== undefined && { shared }),
      };
    });
  }
}

/** Places by a number, the largest first, unknown (NaN) last, equals in the order given. */
function descending(places: Uint32Array, numberOf: (place: number) => number): Uint32Array {
  const count = places.length;
  const largest = places.reduce((most, place) => Math.max(most, numberOf(place) || 0), 0);
  // Number and order fit one float together, and floats are sorted far faster than pairs are compared.
  if (
    (largest + 2) * count < Number.MAX_SAFE_INTEGER &&
    places.every((place) => Number.isInteger(numberOf(place) || 0))
  ) {
    const keyed = new Float64Array(count);
    for (let i = 0; i < count; i++) {
      const value = numberOf(places[i]!);
      keyed[i] = (Number.isNaN(value) ? largest + 1 : largest - value) * count + i;
    }
    return Uint32Array.from(keyed.sort(), (key) => places[key % count]!);
  }
  const rank = (place: number) => (Number.isNaN(numberOf(place)) ? -1 : numberOf(place));
  return places.slice().sort((a, b) => rank(b) - rank(a));
}

/** An inverted index from keys to groups: buckets of linked postings. Keys that share a bucket are told apart. */
class Postings {
  readonly #mask: number;
  readonly #last: Int32Array;
  #key: Int32Array;
  #group: Int32Array;
  #previous: Int32Array;
  #count = 0;

  constructor(groups: number) {
    const buckets = 1 << Math.max(4, Math.ceil(Math.log2(4 * groups + 1)));
    this.#mask = buckets - 1;
    this.#last = new Int32Array(buckets).fill(-1);
    this.#key = new Int32Array(4 * groups + 16);
    this.#group = new Int32Array(4 * groups + 16);
    this.#previous = new Int32Array(4 * groups + 16);
  }

  add(key: number, group: number): void {
    if (this.#count === this.#key.length) {
      this.#key = doubled(this.#key);
      this.#group = doubled(this.#group);
      this.#previous = doubled(this.#previous);
    }
    const bucket = key & this.#mask;
    this.#key[this.#count] = key;
    this.#group[this.#count] = group;
    this.#previous[this.#count] = this.#last[bucket]!;
    this.#last[bucket] = this.#count++;
  }

  /** Place of the latest posting of a key, to be followed by `next`; -1 where there is none. */
  first(key: number): number {
    return this.#of(key, this.#last[key & this.#mask]!);
  }
  next(at: number): number {
    return this.#of(this.#key[at]!, this.#previous[at]!);
  }
  group(at: number): number {
    return this.#group[at]!;
  }

  #of(key: number, from: number): number {
    let at = from;
    while (at >= 0 && this.#key[at] !== key) at = this.#previous[at]!;
    return at;
  }
}

function doubled(array: Int32Array): Int32Array {
  const larger = new Int32Array(2 * array.length);
  larger.set(array);
  return larger;
}

/** The largest of some numbers from 0 on; -1 where there is none. */
function mostOf(numbers: Int32Array): number {
  let most = -1;
  for (const number of numbers) if (number > most) most = number;
  return most;
}

/** Weight of each stem by its number. */
function stemWeights({ stems, text }: ReadTable): Float64Array {
  const weight = new Float64Array(mostOf(stems) + 1);
  for (const stem of stems) weight[stem]!++;
  return weight.map((n) => (n ? Math.log(1 + text.length / n) : 0));
}

const hasPages = ({ found: sources }: ReadTable, row: number): boolean =>
  (sources[row]?.ranking.length ?? 0) >= FEWEST_PAGES;

/** The group whose head shares most ranking pages; -1 where none shares enough. */
function mostSharedPages(
  pages: readonly string[],
  byPage: Map<string, number[]>,
  making: Making,
  table: ReadTable,
): number {
  const shared = new Map<number, number>();
  for (const page of pages)
    for (const group of byPage.get(page) ?? []) shared.set(group, (shared.get(group) ?? 0) + 1);
  let best = -1;
  let most = 0;
  for (const [group, n] of shared) {
    const theirs = table.found[making.head[group]!]?.ranking.length ?? 0;
    const longer = Math.max(pages.length, Math.min(theirs, PAGES_COMPARED));
    if (n > most && n >= FEWEST_PAGES && n >= SHARED_PAGES * longer) {
      best = group;
      most = n;
    }
  }
  return best;
}

/**
 * The stems whole and with one left out, as keys: two keywords of which each has at most one stem of its own meet in one
 * of these (the deletion neighbourhood of W. Garbe's symmetric delete, 2012). A key is left out where that one stem
 * weighs too much for them to be near, which keeps the lists behind common keys short.
 *
 * A key is the exclusive or of its stems' codes (A. Zobrist, 1970), so leaving one out costs one step. Two sets may
 * share a key by chance; since all who meet are compared, that costs time and changes nothing.
 *
 * @param keys where the keys are written, the whole set's first
 * @returns how many there are
 */
function stemNeighbours(
  { stems, stemStart }: ReadTable,
  place: number,
  weight: Float64Array,
  keys: Int32Array,
): number {
  const from = stemStart[place]!;
  const to = stemStart[place + 1]!;
  if (from === to) return 0;
  let whole = 0;
  let total = 0;
  for (let i = from; i < to; i++) {
    whole ^= codeOf(stems[i]!);
    total += weight[stems[i]!]!;
  }
  keys[0] = whole;
  if (to - from < 2 || to - from > LONGEST) return 1;
  let n = 1;
  for (let i = from; i < to; i++)
    if (total - weight[stems[i]!]! >= STEMS_SHARED * total) keys[n++] = whole ^ codeOf(stems[i]!);
  return n;
}

/** A well-mixed 30-bit code of a number (the finaliser of A. Appleby's MurmurHash3, 2011). */
function codeOf(stem: number): number {
  let h = stem + 1;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) & 0x3fffffff;
}

/** The group whose head is nearest by stems; -1 where none is near enough. */
function nearestByStems(
  row: number,
  keys: Int32Array,
  keyed: number,
  byStems: Postings,
  making: Making,
  table: ReadTable,
  weight: Float64Array,
): number {
  let best = -1;
  let nearest = 0;
  for (let k = 0; k < keyed && nearest < 1; k++) {
    for (let at = byStems.first(keys[k]!); at >= 0 && nearest < 1; at = byStems.next(at)) {
      const group = byStems.group(at);
      const head = making.head[group]!;
      const near = weightedJaccard(table, row, head, weight);
      // Where the pages of both are known, they have spoken; only what says the very same is one all the same.
      if (near < 1 && hasPages(table, row) && hasPages(table, head)) continue;
      if (near >= STEMS_SHARED && near > nearest) {
        best = group;
        nearest = near;
      }
    }
  }
  return best;
}

function weightedJaccard(
  { stems, stemStart }: ReadTable,
  a: number,
  b: number,
  weight: Float64Array,
): number {
  let both = 0;
  let either = 0;
  let i = stemStart[a]!;
  let j = stemStart[b]!;
  const endA = stemStart[a + 1]!;
  const endB = stemStart[b + 1]!;
  while (i < endA && j < endB) {
    const x = stems[i]!;
    const y = stems[j]!;
    if (x === y) {
      both += weight[x]!;
      either += weight[x]!;
      i++;
      j++;
    } else if (x < y) {
      either += weight[x]!;
      i++;
    } else {
      either += weight[y]!;
      j++;
    }
  }
  for (; i < endA; i++) either += weight[stems[i]!]!;
  for (; j < endB; j++) either += weight[stems[j]!]!;
  return either ? both / either : 0;
}
