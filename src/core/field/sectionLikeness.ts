/** How alike the sections under headings are, by the words that tell one section from another. */
import type { Frequencies } from "./frequencies/frequencies";

interface SectionWords {
  page: number;
  uses: ReadonlyMap<string, number>;
}

/** Rarity in general text from which a word begins to count, and over how much it comes to count in full. */
const COMMON = 5;
const FULL = 4;
const LEAST_WEIGHT = 0.1;

/**
 * Cosine of every two sections (Salton, Wong & Yang 1975): a word weighs ln(1 + uses) · ln(sections / sections that have it)
 * · how rare it is in general text. Words of one page alone join nothing.
 *
 * @returns a symmetric matrix of values from 0 to 1, with 1 on its diagonal where a section says anything
 */
export function sectionLikeness(sections: readonly SectionWords[], frequencies: Frequencies): Float64Array[] {
  const postings = new Map<string, { at: number; uses: number }[]>();
  sections.forEach(({ uses }, at) => {
    for (const [word, n] of uses) {
      const known = postings.get(word);
      if (known) known.push({ at, uses: n });
      else postings.set(word, [{ at, uses: n }]);
    }
  });
  const rows = sections.map(() => new Float64Array(sections.length));
  for (const [word, places] of postings) {
    if (places.every(({ at }) => sections[at]!.page === sections[places[0]!.at]!.page)) continue;
    const rare = Math.min(1, Math.max(LEAST_WEIGHT, (frequencies.rarity(word) - COMMON) / FULL));
    const weight = Math.log(sections.length / places.length) * rare;
    const values = places.map(({ at, uses }) => ({ at, value: weight * Math.log(1 + uses) }));
    for (const one of values)
      for (const other of values) if (one.at <= other.at) rows[one.at]![other.at]! += one.value * other.value;
  }
  const norms = rows.map((row, i) => Math.sqrt(row[i]!));
  rows.forEach((row, i) => {
    for (let j = i; j < row.length; j++) {
      const norm = norms[i]! * norms[j]!;
      row[j] = norm > 0 ? row[j]! / norm : 0;
      rows[j]![i] = row[j]!;
    }
  });
  return rows;
}
