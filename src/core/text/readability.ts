/** How easily a text reads. */
import { syllable } from "syllable";
import type { AnalysedText } from "./match";
import type { LanguagePack } from "./packs/pack";

/**
 * Reading ease after Flesch (1948): 206.835 − 1.015 · words per sentence − 84.6 · syllables per word. Higher reads easier;
 * plain English lies between 60 and 70.
 *
 * @param texts paragraphs; no sentence crosses them
 * @returns null for a text of fewer than 20 words, and in languages for which the formula was not made
 */
export function readingEase(texts: readonly AnalysedText[], pack: LanguagePack): number | null {
  if (pack.code !== "en") return null;
  let words = 0;
  let sentences = 0;
  let syllables = 0;
  for (const { text, tokens, sentenceCount } of texts) {
    if (!tokens.length) continue;
    words += tokens.length;
    sentences += sentenceCount;
    for (const { start, end } of tokens) syllables += syllablesOf(text.slice(start, end));
  }
  if (words < 20 || !sentences) return null;
  return 206.835 - (1.015 * words) / sentences - (84.6 * syllables) / words;
}

/** Words repeat endlessly; counting costs far more than a look-up. */
const known = new Map<string, number>();
const KNOWN_LIMIT = 20_000;

function syllablesOf(word: string): number {
  const hit = known.get(word);
  if (hit !== undefined) return hit;
  const count = Math.max(1, syllable(word));
  if (known.size >= KNOWN_LIMIT) known.clear();
  known.set(word, count);
  return count;
}
