/** What sections speak of, by the words that tell one section from another. */
import type { Vector } from "./clusters";
import type { Frequencies } from "./frequencies/frequencies";

interface SectionWords {
  page: number;
  uses: ReadonlyMap<string, number>;
}

/** Rarity in general text from which a word begins to count, and over how much it comes to count in full. */
const COMMON = 5;
const FULL = 4;
const LEAST_WEIGHT = 0.1;
/** What tells sections apart is what few of them say: more than in proportion. */
const RARE_HERE = 1.5;
/** What the words of one page alone count for in the length of a section: they join nothing, but say that it speaks of something else too. */
const OWN = 0.25;

/**
 * A vector for each section, so that the product of two is their cosine (Salton, Wong & Yang 1975): a word weighs
 * √uses · ln(sections / sections that have it)^1.5 · how rare it is in general text. Words of one page alone join nothing: they count, less,
 * in the length that a vector is divided by, and two short sections are not alike for the one word that they share.
 *
 * @returns in their order; empty where a section says nothing
 */
export function sectionVectors(sections: readonly SectionWords[], frequencies: Frequencies): Vector[] {
  const seen = new Map<string, { sections: number; page: number; several: boolean }>();
  for (const { page, uses } of sections)
    for (const word of uses.keys()) {
      const cached = seen.get(word);
      if (cached) {
        cached.sections++;
        cached.several ||= cached.page !== page;
      } else seen.set(word, { sections: 1, page, several: false });
    }
  const weights = new Map<string, number>();
  const alone = new Map<string, number>();
  for (const [word, { sections: n, several }] of seen) {
    const rare = Math.min(1, Math.max(LEAST_WEIGHT, (frequencies.spokenRarity(word) - COMMON) / FULL));
    const weight = Math.log(sections.length / n) ** RARE_HERE * rare;
    if (several && weight) weights.set(word, weight);
    else if (weight) alone.set(word, weight * OWN);
  }
  return sections.map(({ uses }) => {
    const vector = new Map<string, number>();
    let norm = 0;
    for (const [word, n] of uses) {
      const weight = weights.get(word);
      if (weight === undefined) {
        norm += (alone.get(word) ?? 0) ** 2 * n;
        continue;
      }
      const value = weight * Math.sqrt(n);
      vector.set(word, value);
      norm += value * value;
    }
    for (const [word, value] of vector) vector.set(word, value / Math.sqrt(norm));
    return vector;
  });
}
