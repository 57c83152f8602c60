/** What each of several texts says that the others do not. */
import { analyseText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";
import { eachPhrase, PhraseTable } from "./phrases";

/**
 * The phrase of each text that says most of it: uses · ln(1 + texts / texts that have it) · √words.
 *
 * @param texts each as its sentences
 * @param leastUses a phrase used less often says nothing
 * @returns a phrase for each text, as it stands there first, with a capital; empty where nothing stands out
 */
export function keyPhrases(
  texts: readonly (readonly string[])[],
  pack: LanguagePack,
  leastUses = 2,
): string[] {
  const table = new PhraseTable();
  const counted = texts.map((sentences) => {
    const uses = new Map<number, { n: number; form: string }>();
    for (const text of sentences) {
      const analysed = analyseText(text, pack);
      eachPhrase(analysed, table, pack.measures, (phrase, from, to) => {
        const form = text.slice(analysed.tokens[from]!.start, analysed.tokens[to]!.end);
        const earlier = uses.get(phrase);
        if (earlier) earlier.n++;
        else uses.set(phrase, { n: 1, form });
      });
    }
    return uses;
  });
  return counted.map((uses) => {
    let best = { worth: 0, form: "" };
    for (const [phrase, { n, form }] of uses) {
      if (n < leastUses) continue;
      const holding = counted.filter((other) => other.has(phrase)).length;
      const worth = n * Math.log(1 + counted.length / holding) * Math.sqrt(table.lengths[phrase]!);
      if (worth > best.worth) best = { worth, form };
    }
    return best.form.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());
  });
}

/** How much two texts say with the same words: the cosine of their counts of stems, 0 to 1. */
export function likeness(a: readonly string[], b: readonly string[]): number {
  const [counts, others] = [countOf(a), countOf(b)];
  let dot = 0;
  for (const [stem, n] of counts) dot += n * (others.get(stem) ?? 0);
  return dot ? dot / Math.sqrt(squares(counts) * squares(others)) : 0;
}

function countOf(stems: readonly string[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const stem of stems) counts.set(stem, (counts.get(stem) ?? 0) + 1);
  return counts;
}
const squares = (counts: ReadonlyMap<string, number>): number =>
  [...counts.values()].reduce((sum, n) => sum + n * n, 0);
