/** How alike two texts are, by the stems of their content words. */

import { analyseText } from "../../text/analyse";
import type { LanguagePack } from "../../text/packs/pack";

/** Stems of a text's content words, with how often each is used. */
export type StemCounts = ReadonlyMap<string, number>;

export function stemCounts(text: string, pack: LanguagePack): StemCounts {
  const counts = new Map<string, number>();
  for (const { stem, small } of analyseText(text, pack).tokens)
    if (!small) counts.set(stem, (counts.get(stem) ?? 0) + 1);
  return counts;
}

/** Stems of a text's content words, each once. */
export const contentStemSet = (text: string, pack: LanguagePack): Set<string> =>
  new Set(stemCounts(text, pack).keys());

/** Cosine of the angle between two texts as vectors of stems (G. Salton, 1975), 0 to 1; rare stems may weigh more. */
export function cosine(a: StemCounts, b: StemCounts, weight: (stem: string) => number = () => 1): number {
  const [small, large] = a.size <= b.size ? [a, b] : [b, a];
  let dot = 0;
  for (const [stem, n] of small) {
    const m = large.get(stem);
    if (m) dot += n * m * weight(stem) ** 2;
  }
  if (!dot) return 0;
  return dot / (norm(a, weight) * norm(b, weight));
}

const norm = (counts: StemCounts, weight: (stem: string) => number): number =>
  Math.sqrt([...counts].reduce((sum, [stem, n]) => sum + (n * weight(stem)) ** 2, 0));

/** Inverse document frequency (K. Spärck Jones, 1972): what is in few of the texts tells more. */
export function rarity(texts: readonly StemCounts[]): (stem: string) => number {
  const holding = new Map<string, number>();
  for (const counts of texts)
    for (const stem of counts.keys()) holding.set(stem, (holding.get(stem) ?? 0) + 1);
  return (stem) => Math.log(1 + texts.length / (1 + (holding.get(stem) ?? 0)));
}

/**
 * The greatest share that two sets have in common of either: 1 where the smaller is all in the larger.
 * (Szymkiewicz–Simpson; the strictest of the usual measures of overlap.)
 */
export function overlap(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  if (!a.size || !b.size) return 0;
  let shared = 0;
  for (const stem of a) if (b.has(stem)) shared++;
  return shared / Math.min(a.size, b.size);
}
