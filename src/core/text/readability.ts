/** How easily a text reads. */
import { perObject, perText } from "../once";
import type { LanguagePack, Readability } from "./packs/pack";

const MOST_REMEMBERED = 20_000;

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
const counterOf = perObject(({ syllables }: Readability) =>
  perText((word) => Math.max(1, syllables(word)), MOST_REMEMBERED),
);

/** Syllables of a word by the language's rules; at least one, and one in a language without rules. */
export function syllablesOf(word: string, { readability }: LanguagePack): number {
  return readability ? counterOf(readability)(word) : 1;
}
