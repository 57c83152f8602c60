/** Heading topics: headings of several pages that say the same thing. */
import { Clusters, product, products, sumOf, type Vector } from "./clusters";
import type { Frequencies } from "./frequencies/frequencies";
import { sectionVectors } from "./sectionVectors";
import type { Standing } from "./standing";
import { percentile } from "./terms";

/** A heading of the competing pages. */
export interface CompetitorHeading {
  page: number;
  text: string;
  level: number;
  /** 0 start of the page, 1 end. */
  place: number;
  /** What it says: subjects, without small words and the target keyword. */
  stems: ReadonlySet<string>;
  standing: Standing;
  /** Words up to the next heading. */
  words: number;
  /** How often the heading, counted twice, and its section use each word. */
  uses: ReadonlyMap<string, number>;
}

export interface HeadingTopic {
  /** Its most typical heading, of those that stand alone. */
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
const SAME_WORDS = 0.65;
/** Likeness from which topics are one, though their headings share few words. */
const SAME_SUBJECT = 0.285;
/** What the words of the headings weigh in that likeness; the words of their sections weigh the rest. */
const WORDS_WEIGH = 0.36;
/** What it costs two topics that stand on the same pages side by side: an author parts what is two subjects. */
const SAME_PAGE = 0.27;

/** Less likeness to the rest of its topic than this, and less of its section's, and a heading is left out: it belongs to another or to none. */
const LEAST_LIKE = 0.275;
const LEAST_SECTION = 0.26;
/** The same where its words have nothing in common with theirs. */
const LEAST_SECTION_ALONE = 0.52;
/** The same where it asks or points, and words that it shares say little: "Do I get the money before or after I buy?" is not about prices. */
const LEAST_SECTION_POINTING = 0.1;
/** Which headings make the better label. */
const RANKS: Record<Standing, number> = { alone: 0, pointing: 1, leaning: 2 };

/** How rare a word must be to weigh in full, and what a common one weighs ("buy", "use"): it tells few subjects apart. */
const COMMON = 6;
const FULL = 3;
const LEAST_WEIGHT = 0.27;
/** In how many wordings of headings a word may stand and still weigh in full, and what one weighs that stands in all. */
const FEW = 2.5;
const LEAST_HERE = 0.1;

/** What headings and their sections say, for comparison. */
interface HeadingVectors {
  names: readonly Vector[];
  sections: readonly Vector[];
}
const NOTHING: ReadonlySet<string> = new Set();

/** Jaccard index of two sets (Jaccard 1912): common members over all members. */
export function jaccard(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  if (!a.size || !b.size) return 0;
  let common = 0;
  for (const one of a) if (b.has(one)) common++;
  return common / (a.size + b.size - common);
}

/**
 * What a stem weighs among the words of a heading: one that is common in general text, or in these headings ("configure"), tells few subjects
 * apart. By the inverse document frequency (Spärck Jones 1972) among the wordings, as a share of that of a word which few of them have.
 */
function weightBy(frequencies: Frequencies, named: readonly ReadonlySet<string>[]) {
  const wordings = new Set(named.map((stems) => [...stems].sort().join(" ")));
  const counts = new Map<string, number>();
  for (const wording of wordings)
    for (const stem of wording.split(" ")) counts.set(stem, (counts.get(stem) ?? 0) + 1);
  const few = Math.max(Math.LN2, Math.log(wordings.size / FEW));
  return (stem: string): number => {
    const rare = (frequencies.spokenRarity(stem) - COMMON) / FULL;
    const rareHere = Math.log(wordings.size / (counts.get(stem) ?? 1)) / few;
    return Math.min(1, Math.max(LEAST_WEIGHT, rare)) * Math.min(1, Math.max(LEAST_HERE, rareHere));
  };
}

/**
 * Clusters headings: first where their words agree, then where the words of their sections do too.
 *
 * @param pages how many competing pages there are
 * @returns topics of all sizes, on most pages first
 */
export function headingTopics(
  headings: readonly CompetitorHeading[],
  pages: number,
  frequencies: Frequencies,
): HeadingTopic[] {
  // The order of the input must not matter.
  const sorted = [...headings].sort(
    (a, b) => compare(a.text, b.text) || a.page - b.page || a.place - b.place,
  );
  const named = sorted.map(({ stems, standing }) => (standing === "leaning" ? NOTHING : stems));
  const weigh = weightBy(frequencies, named);
  const wordings = wordingsOf(named);
  const likeness = jaccardIndices(
    wordings.map(([first]) => named[first!]!),
    weigh,
  );
  const vectors = {
    names: named.map((stems) => headingVector(stems, weigh)),
    sections: sectionVectors(sorted, frequencies),
  };
  const topics = sameSubject(sameWords(wordings, likeness), sorted, vectors).flatMap((members) =>
    withoutDoubtful(members, vectors, sorted),
  );
  const wordingOf = new Map(wordings.flatMap((members, wording) => members.map((i) => [i, wording])));
  const alike = (i: number, j: number) => likeness[wordingOf.get(i)!]![wordingOf.get(j)!]!;
  return topics
    .map((members) => topicOf(members, sorted, alike, pages))
    .sort((a, b) => b.pages - a.pages || a.place - b.place || compare(a.label, b.label));
}

/** Headings of one and the same set of stems belong together whatever else there is; those that say nothing stand alone. */
function wordingsOf(named: readonly ReadonlySet<string>[]): number[][] {
  const wordings = new Map<string, number[]>();
  named.forEach((stems, i) => {
    const key = stems.size ? [...stems].sort().join(" ") : `${i}`;
    const earlier = wordings.get(key);
    if (earlier) earlier.push(i);
    else wordings.set(key, [i]);
  });
  return [...wordings.values()];
}

/** The Jaccard index of every two sets, each member counting as much as it weighs. */
function jaccardIndices(
  sets: readonly ReadonlySet<string>[],
  weigh: (member: string) => number,
): Float64Array[] {
  const roots = new Map<string, number>();
  for (const set of sets) for (const one of set) if (!roots.has(one)) roots.set(one, Math.sqrt(weigh(one)));
  const rows = products(sets.map((set) => new Map([...set].map((one) => [one, roots.get(one)!]))));
  const whole = rows.map((row, i) => row[i]!);
  rows.forEach((row, i) => {
    for (let j = 0; j < row.length; j++) {
      const common = row[j]!;
      if (common) row[j] = common / (whole[i]! + whole[j]! - common);
    }
  });
  return rows;
}

/** Joins wordings that agree in enough of their words. */
function sameWords(wordings: readonly number[][], likeness: readonly Float64Array[]): number[][] {
  const sums = likeness.map((row, i) =>
    row.map((value, j) => value * wordings[i]!.length * wordings[j]!.length),
  );
  const clusters = new Clusters(wordings, [sums]);
  const { members } = clusters;
  clusters.merge((a, b) => sums[a]![b]! / (members[a]!.length * members[b]!.length), SAME_WORDS);
  return clusters.left;
}

/** Joins clusters whose headings and sections together speak of the same. */
function sameSubject(
  groups: readonly number[][],
  headings: readonly CompetitorHeading[],
  vectors: HeadingVectors,
): number[][] {
  const summed = (own: readonly Vector[]) =>
    products(groups.map((members) => sumOf(members.map((i) => own[i]!))));
  const names = summed(vectors.names);
  const sections = summed(vectors.sections);
  const samePage = summed(headings.map(({ page }) => new Map([[`${page}`, 1]])));
  const clusters = new Clusters(groups, [names, sections, samePage]);
  const { members } = clusters;
  clusters.merge((a, b) => {
    const [m, n] = [members[a]!.length, members[b]!.length];
    const norms = sections[a]![a]! * sections[b]![b]!;
    const together = Math.min(1, samePage[a]![b]! / Math.min(m, n));
    return (
      (WORDS_WEIGH * names[a]![b]!) / (m * n) +
      (norms > 0 ? ((1 - WORDS_WEIGH) * sections[a]![b]!) / Math.sqrt(norms) : 0) -
      SAME_PAGE * together
    );
  }, SAME_SUBJECT);
  return clusters.left;
}

/** Without the headings that neither their words nor their sections join to the others: each is a topic of its own. */
function withoutDoubtful(
  members: readonly number[],
  { names, sections }: HeadingVectors,
  headings: readonly CompetitorHeading[],
): number[][] {
  const rest = sumOf(members.map((i) => sections[i]!));
  const length = product(rest, rest);
  const isDoubtful = (i: number): boolean => {
    // The others together, without this one.
    const [own, whole] = [product(sections[i]!, sections[i]!), product(sections[i]!, rest)];
    const section = (whole - own) / Math.sqrt(Math.max(Number.EPSILON, length - 2 * whole + own));
    const others = members.filter((j) => j !== i);
    const name = others.reduce((sum, j) => sum + product(names[i]!, names[j]!), 0) / others.length;
    if (name <= 0) return section < LEAST_SECTION_ALONE;
    if (headings[i]!.standing === "pointing" && section < LEAST_SECTION_POINTING) return true;
    return section < LEAST_SECTION && WORDS_WEIGH * name + (1 - WORDS_WEIGH) * section < LEAST_LIKE;
  };
  if (members.length < 2) return [[...members]];
  const doubtful = members.filter(isDoubtful);
  const left = members.filter((i) => !doubtful.includes(i));
  return [...(left.length ? [left] : []), ...doubtful.map((i) => [i])];
}

/** The product of two is Ochiai's coefficient (1957) of their stems by weight: a short heading within a longer one counts for more than by Jaccard's. */
function headingVector(stems: ReadonlySet<string>, weigh: (stem: string) => number): Vector {
  let whole = 0;
  for (const stem of stems) whole += weigh(stem);
  return new Map([...stems].map((stem) => [stem, Math.sqrt(weigh(stem) / whole)]));
}

function topicOf(
  members: readonly number[],
  headings: readonly CompetitorHeading[],
  alike: (a: number, b: number) => number,
  pages: number,
): HeadingTopic {
  const typical = new Map(members.map((i) => [i, members.reduce((sum, j) => sum + alike(i, j), 0)]));
  const own = members.map((i) => headings[i]!);
  // What several pages say in the same words is what a reader calls it.
  const isShared = ({ text, page }: CompetitorHeading) =>
    own.some((other) => other.text === text && other.page !== page);
  const rank = (i: number) => (isShared(headings[i]!) ? -1 : RANKS[headings[i]!.standing]);
  const medoid = [...members].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      typical.get(b)! - typical.get(a)! ||
      headings[a]!.text.length - headings[b]!.text.length ||
      compare(headings[a]!.text, headings[b]!.text),
  )[0]!;
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
