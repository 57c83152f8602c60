/** Heading topics: headings of several pages that say the same thing. */
import type { Frequencies } from "./frequencies/frequencies";
import { sectionLikeness } from "./sectionLikeness";
import { percentile } from "./terms";

/** A heading of the field. */
export interface FieldHeading {
  page: number;
  text: string;
  level: number;
  /** 0 start of the page, 1 end. */
  place: number;
  /** What it says: subjects, without small words and the target keyword. */
  stems: ReadonlySet<string>;
  /** Words up to the next heading. */
  words: number;
  /** How often the heading, counted twice, and its section use each word. */
  uses: ReadonlyMap<string, number>;
}

export interface HeadingTopic {
  /** Its most typical heading. */
  label: string;
  /** Pages that have it, and what share of all that is. */
  pages: number;
  presence: number;
  /** Median place in the page: 0 start, 1 end. */
  place: number;
  /** Commonest level of its headings. */
  level: number;
  /** Words that its sections have, by their median. */
  words: number;
  /** Its headings as they stand, with the page of each. */
  headings: { text: string; page: number }[];
  /** What a heading must say to be about it: stems of each of its headings, each set once. */
  stems: string[][];
}

/** Mean share of common words from which headings are one topic. */
const SAME_WORDS = 0.5;
/** Likeness from which topics are one, though their headings share few words. */
const SAME_SUBJECT = 0.3;
/** What the words of the headings weigh in that likeness; the words of their sections weigh the rest. */
const WORDS_WEIGH = 0.35;
/** What it costs two topics that stand on the same pages side by side: an author parts what is two subjects. */
const SAME_PAGE = 0.2;

/** How rare a word must be to weigh in full, and what a common one weighs ("buy", "use"): it tells few subjects apart. */
const COMMON = 6;
const FULL = 3;
const LEAST_WEIGHT = 0.15;

/** Jaccard index of two sets (Jaccard 1912): common members over all members. */
export function jaccard(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  if (!a.size || !b.size) return 0;
  let common = 0;
  for (const one of a) if (b.has(one)) common++;
  return common / (a.size + b.size - common);
}

/**
 * How far every two sets overlap, by what their common members and each of them weigh; reached by what sets hold each member,
 * since most share nothing.
 */
function overlapMatrix(
  sets: readonly ReadonlySet<string>[],
  weigh: (member: string) => number,
  index: (common: number, a: number, b: number) => number,
): Float64Array[] {
  const holders = new Map<string, number[]>();
  sets.forEach((set, i) => {
    for (const one of set) {
      const known = holders.get(one);
      if (known) known.push(i);
      else holders.set(one, [i]);
    }
  });
  const rows = sets.map(() => new Float64Array(sets.length));
  for (const [one, places] of holders) {
    const weight = weigh(one);
    for (const i of places) {
      const row = rows[i]!;
      for (const j of places) row[j] = row[j]! + weight;
    }
  }
  const whole = rows.map((row, i) => row[i]!);
  rows.forEach((row, i) => {
    for (let j = 0; j < row.length; j++) {
      const common = row[j]!;
      if (common) row[j] = index(common, whole[i]!, whole[j]!);
    }
    row[i] = 1;
  });
  return rows;
}

const weightBy =
  (frequencies: Frequencies) =>
  (stem: string): number =>
    Math.min(1, Math.max(LEAST_WEIGHT, (frequencies.rarity(stem) - COMMON) / FULL));

/**
 * Clusters headings by average link (Sokal & Michener 1958): first where their words agree, then where the words of their
 * sections do too.
 *
 * @param pages how many pages the field has
 * @returns topics of all sizes, those on most pages first
 */
export function headingTopics(
  headings: readonly FieldHeading[],
  pages: number,
  frequencies: Frequencies,
): HeadingTopic[] {
  // The order of the input must not matter.
  const sorted = [...headings].sort(
    (a, b) => compare(a.text, b.text) || a.page - b.page || a.place - b.place,
  );
  const stems = sorted.map((heading) => heading.stems);
  const weigh = weightBy(frequencies);
  // The Jaccard index.
  const words = overlapMatrix(stems, weigh, (common, a, b) => common / (a + b - common));
  const clusters = new Clusters(
    words,
    // Ochiai's coefficient (1957).
    overlapMatrix(stems, weigh, (common, a, b) => common / Math.sqrt(a * b)),
    sectionLikeness(sorted, frequencies),
    sorted.map((a) => {
      const row = new Float64Array(sorted.length);
      sorted.forEach((b, j) => {
        if (a.page === b.page) row[j] = 1;
      });
      return row;
    }),
  );
  clusters.merge((a, b) => clusters.words(a, b), SAME_WORDS);
  clusters.merge(
    (a, b) =>
      WORDS_WEIGH * clusters.names(a, b) +
      (1 - WORDS_WEIGH) * clusters.sections(a, b) -
      SAME_PAGE * clusters.together(a, b),
    SAME_SUBJECT,
  );
  return clusters.members
    .filter((members) => members.length)
    .map((members) => topicOf(members, sorted, words, pages))
    .sort((a, b) => b.pages - a.pages || a.place - b.place || compare(a.label, b.label));
}

interface Near {
  value: number;
  with: number;
}
const NONE: Near = { value: Number.NEGATIVE_INFINITY, with: -1 };
/** Likenesses closer than this are equal: what is between them is rounding. */
const EQUAL = 1e-9;

/** Clusters of headings, with what is summed over their pairs: a merge adds two rows and two columns, and compares nothing anew. */
class Clusters {
  readonly members: number[][];
  readonly #words: Float64Array[];
  readonly #names: Float64Array[];
  readonly #sections: Float64Array[];
  readonly #samePage: Float64Array[];

  constructor(
    words: readonly Float64Array[],
    names: readonly Float64Array[],
    sections: readonly Float64Array[],
    samePage: readonly Float64Array[],
  ) {
    this.members = words.map((_, i) => [i]);
    const copied = (rows: readonly Float64Array[]) => rows.map((row) => Float64Array.from(row));
    this.#words = copied(words);
    this.#names = copied(names);
    this.#sections = copied(sections);
    this.#samePage = copied(samePage);
  }

  /** Mean likeness of the headings' words, over all pairs. */
  words(a: number, b: number): number {
    return this.#words[a]![b]! / (this.members[a]!.length * this.members[b]!.length);
  }
  /** Mean likeness of what the headings name, a short heading within a longer one counting for more. */
  names(a: number, b: number): number {
    return this.#names[a]![b]! / (this.members[a]!.length * this.members[b]!.length);
  }
  /** Cosine of what the sections of each say together. */
  sections(a: number, b: number): number {
    const norms = this.#sections[a]![a]! * this.#sections[b]![b]!;
    return norms > 0 ? this.#sections[a]![b]! / Math.sqrt(norms) : 0;
  }
  /** How far they stand on the same pages, 0 to 1. */
  together(a: number, b: number): number {
    return Math.min(1, this.#samePage[a]![b]! / Math.min(this.members[a]!.length, this.members[b]!.length));
  }

  /**
   * Merges the two most alike, until none are alike enough; of equals the first. Each keeps its nearest, so that a merge looks
   * at few rows anew.
   */
  merge(like: (a: number, b: number) => number, least: number): void {
    const { members } = this;
    const nearest = members.map((): Near => NONE);
    const look = (a: number): Near => {
      let best = NONE;
      for (let b = 0; b < members.length; b++) {
        if (b === a || !members[b]!.length) continue;
        const value = like(Math.min(a, b), Math.max(a, b));
        if (value > best.value + EQUAL) best = { value, with: b };
      }
      return best;
    };
    // Likeness is mutual: each pair is looked at once.
    for (let a = 0; a < members.length; a++) {
      if (!members[a]!.length) continue;
      for (let b = a + 1; b < members.length; b++) {
        if (!members[b]!.length) continue;
        const value = like(a, b);
        if (value > nearest[a]!.value + EQUAL) nearest[a] = { value, with: b };
        if (value > nearest[b]!.value + EQUAL) nearest[b] = { value, with: a };
      }
    }
    for (;;) {
      let [a, value] = [-1, least - EQUAL];
      for (let i = 0; i < members.length; i++)
        if (members[i]!.length && nearest[i]!.value > value + EQUAL) [a, value] = [i, nearest[i]!.value];
      if (a < 0) return;
      const b = nearest[a]!.with;
      this.#join(a, b);
      nearest[b] = NONE;
      nearest[a] = look(a);
      for (let i = 0; i < members.length; i++) {
        if (i === a || !members[i]!.length) continue;
        const known = nearest[i]!;
        if (known.with === a || known.with === b) nearest[i] = look(i);
        else {
          const now = like(Math.min(i, a), Math.max(i, a));
          if (now > known.value + EQUAL || (now >= known.value - EQUAL && a < known.with))
            nearest[i] = { value: now, with: a };
        }
      }
    }
  }

  #join(a: number, b: number): void {
    this.members[a]!.push(...this.members[b]!);
    this.members[b] = [];
    for (const rows of [this.#words, this.#names, this.#sections, this.#samePage]) {
      const [into, from] = [rows[a]!, rows[b]!];
      const own = into[a]! + 2 * into[b]! + from[b]!;
      for (let i = 0; i < into.length; i++) {
        into[i]! += from[i]!;
        rows[i]![a] = into[i]!;
      }
      into[a] = own;
    }
  }
}

function topicOf(
  members: readonly number[],
  headings: readonly FieldHeading[],
  words: readonly Float64Array[],
  pages: number,
): HeadingTopic {
  const likeness = (i: number) => members.reduce((sum, j) => sum + words[i]![j]!, 0);
  const medoid = [...members].sort(
    (a, b) =>
      likeness(b) - likeness(a) ||
      headings[a]!.text.length - headings[b]!.text.length ||
      compare(headings[a]!.text, headings[b]!.text),
  )[0]!;
  const own = members.map((i) => headings[i]!);
  const onPages = new Set(own.map(({ page }) => page)).size;
  const deep = own.filter(({ level }) => level > 2).length;
  return {
    label: headings[medoid]!.text,
    pages: onPages,
    presence: onPages / pages,
    place: percentile(
      own.map(({ place }) => place).sort((a, b) => a - b),
      0.5,
    ),
    level: deep > own.length / 2 ? 3 : 2,
    words: Math.round(
      percentile(
        own.map(({ words: n }) => n).sort((a, b) => a - b),
        0.5,
      ),
    ),
    headings: own.map(({ text, page }) => ({ text, page })),
    stems: [...new Map(own.map(({ stems }) => [[...stems].sort().join(" "), [...stems].sort()])).values()],
  };
}

/** By code unit: the same on every machine, whatever its locale. */
export const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
