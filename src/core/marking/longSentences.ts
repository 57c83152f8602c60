import { sentences } from "../text/sentences";
import type { Marking } from "./marking";

/** More words than this in one sentence are hard to follow: twice the mean of easy English prose (Flesch 1948). */
export const LONG = 25;

export const longSentences: Marking = {
  id: "long",
  name: `Sentences of more than ${LONG} words`,
  find(text, pack) {
    const words: number[] = [];
    for (const { sentence } of text.tokens) words[sentence] = (words[sentence] ?? 0) + 1;
    if (!words.some((n) => n > LONG)) return [];
    return sentences(text.text, pack).filter((_, i) => (words[i] ?? 0) > LONG);
  },
};
