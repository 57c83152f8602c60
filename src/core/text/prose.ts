/** A text as somebody reads it: sentences, and how long they and their words are. */
import type { AnalysedText } from "./analyse";
import type { ReadingSums } from "./readability";

export interface Prose {
  /** Words of each sentence, in order; sentences without words left out. */
  sentences: { words: number; first: number }[];
  words: number;
  syllables: number;
}

/**
 * @param leaveOut numbers of sentences that do not count
 * @returns sentences with their number of words, and `first`, the place of the first of these among the text's tokens
 */
export function proseOf({ tokens }: AnalysedText, leaveOut?: ReadonlySet<number>): Prose {
  const sentences: Prose["sentences"] = [];
  let syllables = 0;
  let words = 0;
  let current = -1;
  let last: Prose["sentences"][number] | undefined;
  for (let i = 0; i < tokens.length; i++) {
    const { sentence, facts } = tokens[i]!;
    if (leaveOut?.has(sentence)) continue;
    words++;
    if (!last || sentence !== current) {
      last = { words: 0, first: i };
      sentences.push(last);
      current = sentence;
    }
    last.words++;
    syllables += facts.syllables;
  }
  return { sentences, words, syllables };
}

export const sumsIn = ({ words, sentences, syllables }: Prose): ReadingSums => ({
  words,
  sentences: sentences.length,
  syllables,
});

export function sumsOf(parts: Iterable<ReadingSums>): ReadingSums {
  const sums: ReadingSums = { words: 0, sentences: 0, syllables: 0 };
  for (const part of parts) {
    sums.words += part.words;
    sums.sentences += part.sentences;
    sums.syllables += part.syllables;
  }
  return sums;
}
