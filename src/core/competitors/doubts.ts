/** Pages that may not compete: in another language, off the subject, or too thin to say anything of it. */
import type { AnalysedText } from "../text/analyse";

export type Doubt = "other-language" | "off-subject" | "thin";

export interface DoubtfulText {
  texts: readonly AnalysedText[];
  words: number;
  /** Nearly all of it is in another language. */
  isOther: boolean;
}

/** Likeness to the other pages under this share of the median page's is off the subject. */
const FAR = 0.5;
/** Fewer words than this share of the median page's are thin. */
const THIN = 0.3;
/** With fewer pages there is no rest to be unlike. */
const LEAST_PAGES = 4;

/**
 * Likeness of each page to the mean of the others: cosine of ln(1 + uses) · ln(pages / pages that have the word) over the words
 * that carry a subject (Salton, Wong & Yang 1975). Words of every page tell none apart, and words of one page alone are
 * counted in its length.
 *
 * @returns what is doubted of each page, in their order; null where nothing is
 */
export function doubtsOf(pages: readonly DoubtfulText[]): (Doubt | null)[] {
  if (pages.length < LEAST_PAGES) return pages.map(({ isOther }) => (isOther ? "other-language" : null));
  const uses = pages.map(({ texts }) => {
    const counts = new Map<string, number>();
    for (const { tokens } of texts)
      for (const { stem, small } of tokens) if (!small) counts.set(stem, (counts.get(stem) ?? 0) + 1);
    return counts;
  });
  const onPages = new Map<string, number>();
  for (const counts of uses)
    for (const stem of counts.keys()) onPages.set(stem, (onPages.get(stem) ?? 0) + 1);
  const vectors = uses.map(
    (counts) =>
      new Map(
        [...counts].map(([stem, n]) => [
          stem,
          Math.log(1 + n) * Math.log((1 + pages.length) / onPages.get(stem)!),
        ]),
      ),
  );
  const sum = new Map<string, number>();
  for (const vector of vectors)
    for (const [stem, value] of vector) sum.set(stem, (sum.get(stem) ?? 0) + value);
  const likeness = vectors.map((own) => {
    let dot = 0;
    let norm = 0;
    let rest = 0;
    for (const [stem, all] of sum) {
      const mine = own.get(stem) ?? 0;
      const others = all - mine;
      dot += mine * others;
      norm += mine * mine;
      rest += others * others;
    }
    return norm > 0 && rest > 0 ? dot / Math.sqrt(norm * rest) : 0;
  });
  const median = (values: readonly number[]) =>
    [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
  const usual = median(likeness);
  const length = median(pages.map(({ words }) => words));
  return pages.map(({ words, isOther }, i) => {
    if (isOther) return "other-language";
    if (likeness[i]! < FAR * usual) return "off-subject";
    return words < THIN * length ? "thin" : null;
  });
}
