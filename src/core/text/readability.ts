/** How easily a text reads. */
import type { LanguagePack, Readability } from "./packs/pack";

/** What reading ease is made of: sums over a text. */
export interface ReadingSums {
  words: number;
  sentences: number;
  syllables: number;
}

/**
 * Reading ease by the language's own formula, Flesch (1948) or one of its kin: higher reads easier.
 *
 * @returns null where there is no word, or no formula for the language
 */
export function readingEase({ words, sentences, syllables }: ReadingSums, pack: LanguagePack): number | null {
  const formula = pack.readability;
  if (!formula || !words || !sentences) return null;
  return formula.constant - (formula.perWord * words) / sentences - (formula.perSyllable * syllables) / words;
}

/** Words repeat endlessly; counting costs far more than a look-up. */
const known = new WeakMap<Readability, Map<string, number>>();
const KNOWN_LIMIT = 20_000;

/** Syllables of a word by the language's rules; at least one, and one in a language without rules. */
export function syllablesOf(word: string, { readability }: LanguagePack): number {
  if (!readability) return 1;
  let counts = known.get(readability);
  if (!counts || counts.size >= KNOWN_LIMIT) {
    counts = new Map();
    known.set(readability, counts);
  }
  const hit = counts.get(word);
  if (hit !== undefined) return hit;
  const count = Math.max(1, readability.syllables(word));
  counts.set(word, count);
  return count;
}
