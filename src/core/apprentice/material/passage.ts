/** A piece of the material: a sentence, heading or note, and where it stands. */
import type { Origin, OriginKind } from "../shapes";

export interface Passage {
  kind: OriginKind;
  ref: string;
  /** As it may be said. */
  text: string;
  /** As it stands in the material; shorter where marks or line ends stand between its words there. */
  quote: string;
}

export const originOf = ({ kind, ref, quote }: Passage): Origin => ({ kind, ref, quote });

/** @param said a part of its text that was used */
export const originIn = (passage: Passage, said: string): Origin => ({
  ...originOf(passage),
  quote: passage.quote.includes(said) ? said : passage.quote,
});

/** The text, or the longest run of its words that stands in the source as it is written there. */
export function standingQuote(text: string, source: string): string {
  if (source.includes(text)) return text;
  const words = text.split(/\s+/).filter(Boolean);
  let best = "";
  for (let from = 0; from < words.length; from++) {
    let run = "";
    for (let to = from; to < words.length; to++) {
      const longer = run ? `${run} ${words[to]}` : words[to]!;
      if (!source.includes(longer)) break;
      run = longer;
    }
    if (run.length > best.length) best = run;
  }
  return best;
}
