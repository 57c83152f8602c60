/** Heading topics: headings of several pages that say the same thing. */
import type { Frequencies } from "./frequencies/frequencies";
import { percentile } from "./terms";

/** A heading of the field. */
export interface FieldHeading {
  page: number;
  text: string;
  level: number;
  /** 0 start of the page, 1 end. */
  place: number;
  /** Stems of what it says, without small words and the target keyword. */
  stems: ReadonlySet<string>;
  /** Weights of the terms that its section uses, normalised to length 1; by term. */
  profile: ReadonlyMap<string, number>;
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
  /** Its headings as they stand, with the page of each. */
  headings: { text: string; page: number }[];
  /** What a heading must say to be about it: stems of each of its headings, each set once. */
  stems: string[][];
}

/** Mean share of common stems from which headings are one topic. */
const SAME_WORDS = 0.5;
/** Likeness from which topics are one, though their headings share few words. */
const SAME_SUBJECT = 0.34;
/** What the words of the headings, and the terms of their sections, weigh in that likeness. */
const WORDS_WEIGH = 0.6;

/** How rare a word must be to weigh in full, and what a common one weighs ("buy", "use"): it tells few subjects apart. */
const COMMON = 6;
const FULL = 3;
const LEAST_WEIGHT = 0.15;

/** Jaccard index of two sets (Jaccard 1912), weighted: what common members weigh over what all members weigh. */
export function jaccard(
  a: ReadonlySet<string>,
  b: ReadonlySet<string>,
  weigh: (member: string) => number = () => 1,
): number {
  let common = 0;
  let all = 0;
  for (const one of a) {
    const weight = weigh(one);
    all += weight;
    if (b.has(one)) common += weight;
  }
  for (const one of b) if (!a.has(one)) all += weigh(one);
  return all ? common / all : 0;
}

const weightBy =
  (frequencies: Frequencies) =>
  (stem: string): number =>
    Math.min(1, Math.max(LEAST_WEIGHT, (frequencies.rarity(stem) - COMMON) / FULL));

/**
 * Clusters headings by average link (Sokal & Michener 1958): first where their words agree, then where the terms of their
 * sections do.
 *
 * @param pages how many pages the field has
 * @returns topics of all sizes, those on most pages first
 */
export function headingTopics(
  headings: readonly FieldHeading[],
  pages: number,
  frequencies: Frequencies,
): HeadingTopic[] {
  const weigh = weightBy(frequencies);
  // The order of the input must not matter.
  const sorted = [...headings].sort(
    (a, b) => compare(a.text, b.text) || a.page - b.page || a.place - b.place,
  );
  const words = matrix(sorted, (a, b) => jaccard(a.stems, b.stems, weigh));
  const clusters = averageLink(
    sorted.map((_, i) => [i]),
    (i, j) => words[i]![j]!,
    SAME_WORDS,
  );
  const subjects = matrix(sorted, (a, b) =>
    a.page === b.page
      ? 0
      : WORDS_WEIGH * jaccard(a.stems, b.stems, weigh) + (1 - WORDS_WEIGH) * cosine(a.profile, b.profile),
  );
  return averageLink(clusters, (i, j) => subjects[i]![j]!, SAME_SUBJECT)
    .map((members) => topicOf(members, sorted, words, pages))
    .sort((a, b) => b.pages - a.pages || a.place - b.place || compare(a.label, b.label));
}

function topicOf(
  members: readonly number[],
  headings: readonly FieldHeading[],
  words: readonly Float32Array[],
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
    headings: own.map(({ text, page }) => ({ text, page })),
    stems: [...new Map(own.map(({ stems }) => [[...stems].sort().join(" "), [...stems].sort()])).values()],
  };
}

function matrix(
  headings: readonly FieldHeading[],
  like: (a: FieldHeading, b: FieldHeading) => number,
): Float32Array[] {
  const rows = headings.map(() => new Float32Array(headings.length));
  for (let i = 0; i < headings.length; i++) {
    rows[i]![i] = 1;
    for (let j = i + 1; j < headings.length; j++)
      rows[i]![j] = rows[j]![i] = like(headings[i]!, headings[j]!);
  }
  return rows;
}

/** Merges the two most alike clusters, by the mean likeness of their members, until none are alike enough. */
function averageLink(
  start: readonly (readonly number[])[],
  like: (i: number, j: number) => number,
  least: number,
): number[][] {
  const clusters: ({ members: number[]; sums: Float64Array } | null)[] = start.map((members) => ({
    members: [...members],
    sums: Float64Array.from(start, (others) =>
      members.reduce((sum, i) => sum + others.reduce((inner, j) => inner + like(i, j), 0), 0),
    ),
  }));
  for (;;) {
    let best = { mean: least - 1e-9, a: -1, b: -1 };
    for (let a = 0; a < clusters.length; a++) {
      const one = clusters[a];
      if (!one) continue;
      for (let b = a + 1; b < clusters.length; b++) {
        const other = clusters[b];
        if (!other || one.sums[b] === 0) continue;
        const mean = one.sums[b]! / (one.members.length * other.members.length);
        if (mean > best.mean + 1e-9) best = { mean, a, b };
      }
    }
    if (best.a < 0) break;
    const [one, other] = [clusters[best.a]!, clusters[best.b]!];
    one.members.push(...other.members);
    clusters[best.b] = null;
    for (const [i, cluster] of clusters.entries()) {
      if (!cluster || i === best.a) continue;
      one.sums[i]! += other.sums[i]!;
      cluster.sums[best.a] = one.sums[i]!;
    }
  }
  return clusters.flatMap((cluster) => (cluster ? [cluster.members] : []));
}

function cosine(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): number {
  let sum = 0;
  for (const [term, weight] of a) sum += weight * (b.get(term) ?? 0);
  return sum;
}

/** By code unit: the same on every machine, whatever its locale. */
export const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
