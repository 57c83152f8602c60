/** Parts with what they were made from. */
import type { Material } from "../material/material";
import { originOf, type Passage } from "../material/passage";
import type { Origin, Part } from "../shapes";

/** The writer's own words: nothing of the material stands behind them. */
export const OWN_WORDS: Origin = { kind: "writer", ref: "stand-in writer", quote: "" };

export const part = (field: string, text: string, from: readonly (Origin | Passage)[]): Part => ({
  field,
  text,
  from: withoutDoubles(from.map((one) => ("text" in one ? originOf(one) : one))),
});

const withoutDoubles = (origins: readonly Origin[]): Origin[] => {
  const all = new Map(origins.map((origin) => [`${origin.kind} ${origin.ref} ${origin.quote}`, origin]));
  return all.size ? [...all.values()] : [OWN_WORDS];
};

export const keywordOrigin = (keyword: string, ref = "target keyword"): Origin => ({
  kind: "keyword",
  ref,
  quote: keyword,
});

/** A sentence with what it was made from, before it has its place in an answer. */
export interface Sentence {
  text: string;
  from: (Origin | Passage)[];
}

/** Sentences as prose, a new paragraph after so many. */
export const prose = (sentences: readonly Sentence[], perParagraph = 4): Part[] =>
  sentences.map(({ text, from }, i) => part(i % perParagraph ? "sentence" : "paragraph", text, from));

export const isName =
  ({ names }: Material) =>
  (word: string): boolean =>
    names.has(word) ||
    /^(?:English|German|French|Spanish|Italian|Dutch|Portuguese|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|January|February|March|April|June|July|August|September|October|November|December|Christmas|Easter)$/.test(
      word,
    );
