/**
 * Shorter sentences by rules that need no parse: what joins a sentence to the one before, asides, and words of emphasis go. After
 * H. Jing, "Sentence reduction for automatic text summarization", 2000 (what may go), without its parser: only what is set off
 * by its words or its commas is taken.
 */
import { hasFinite } from "./fragment";
import { capitalised, oneSpace } from "./sentence";

/** Each takes something away, the safest first. */
const STEPS: readonly [RegExp, string][] = [
  [
    /^(?:and|but|so|however|therefore|moreover|furthermore|in addition|of course|for example|for instance|in fact|indeed|besides|also|still|then|anyway|well|now|finally|in the end|after all|as a result|that said|in other words|to be honest|honestly|frankly|by the way|on the other hand|at the same time),?\s+(?=\S)/iu,
    "",
  ],
  [/\s*\([^()]*\)/gu, ""],
  [
    /,\s*(?:however|therefore|of course|for example|for instance|in fact|indeed|though|after all|on the whole|as a rule|I think|you know|to be honest|by the way)(?=[,.!?])(?:,(?=\s))?/giu,
    "",
  ],
  [
    /\b(?:really|very|quite|actually|basically|simply|certainly|definitely|probably|rather|just|absolutely|totally|literally|obviously|clearly)\s+(?=[a-z])/giu,
    "",
  ],
];
const ENDINGS: readonly RegExp[] = [
  /,\s+(?:which|who|whose|where)\s[^,;:]*(?=[.!?]$)/u,
  /\s+[–—]\s[^–—]*(?=[.!?]$)/u,
  /;\s[^;]*(?=[.!?]$)/u,
  /,\s+(?:because|although|though|while|whereas|since|even if|even though|unless|if)\s[^,;:]*(?=[.!?]$)/u,
  /,\s+(?:but|and|so|or)\s+(?:it|they|we|you|I|he|she|that|this|there|nobody|somebody|most|some)\s[^;:]*(?=[.!?]$)/u,
];

const LEAST_WORDS = 4;

/** Takes out what joins and what emphasises, and nothing that says something. @param sentence whole */
export function tightened(sentence: string): string {
  return STEPS.reduce(
    (text, [what, instead]) => accepted(text, text.replace(what, instead)),
    oneSpace(sentence),
  );
}

/**
 * @param most characters that it may have
 * @returns the longest reduction that fits; null where none does that is still a sentence
 */
export function compressed(sentence: string, most: number): string | null {
  let text = oneSpace(sentence);
  if (length(text) <= most) return text;
  for (const [what, instead] of STEPS) {
    text = accepted(text, text.replace(what, instead));
    if (length(text) <= most) return text;
  }
  for (const ending of ENDINGS) {
    const shorter = accepted(text, text.replace(ending, ""));
    if (shorter !== text && length(shorter) <= most) return shorter;
    text = shorter;
  }
  return null;
}

const length = (text: string): number => [...text].length;

/** The shorter one, where it is still a sentence; else the one before. */
function accepted(before: string, after: string): string {
  const tidy = capitalised(
    oneSpace(after)
      .replace(/\s+([,.;:!?])/gu, "$1")
      .replace(/,(?=[.!?])/gu, ""),
  );
  return tidy.split(" ").length >= LEAST_WORDS && hasFinite(tidy) ? tidy : before;
}
