/** How easily a text reads. */
import { syllable } from "syllable";
import type { LanguagePack } from "./packs/pack";
import { sentences } from "./sentences";
import { words } from "./words";

/**
 * Reading ease after Flesch (1948): 206.835 − 1.015 · words per sentence − 84.6 · syllables per word. Higher reads easier;
 * plain English lies between 60 and 70.
 *
 * @param texts paragraphs; no sentence crosses them
 * @returns null for a text of fewer than 20 words, and in languages for which the formula was not made
 */
export function readingEase(texts: readonly string[], pack: LanguagePack): number | null {
  if (pack.code !== "en") return null;
  let wordCount = 0;
  let sentenceCount = 0;
  let syllables = 0;
  for (const text of texts) {
    const own = words(text);
    if (!own.length) continue;
    wordCount += own.length;
    sentenceCount += sentences(text, pack).length;
    for (const word of own) syllables += syllablesOf(word.text);
  }
  if (wordCount < 20 || !sentenceCount) return null;
  return 206.835 - (1.015 * wordCount) / sentenceCount - (84.6 * syllables) / wordCount;
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
