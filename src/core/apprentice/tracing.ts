/** What a part of a writer's answer was made from, told by its words. */

import { ownSentences, sentencesOfPost } from "./composing/pool";
import type { BarePart } from "./form";
import type { Material } from "./material/material";
import { originOf, type Passage } from "./material/passage";
import { contentStemSet } from "./methods/likeness";
import type { Origin, Part } from "./shapes";

/** So much of a part's words stand in the passage that it was made from. */
const MADE_FROM = 0.6;
const MOST = 3;
/** Of fewer words nothing can be told. */
const LEAST_WORDS = 2;

/**
 * @param writer by what name the writer goes: what nothing vouches for is its own
 * @returns each part with the passages that hold most of its words, or the writer's own
 */
export function traced(parts: readonly BarePart[], material: Material, writer: string): Part[] {
  const { pack } = material;
  const passages = allPassages(material).map((passage) => ({
    passage,
    stems: contentStemSet(passage.text, pack),
  }));
  return parts.map((part): Part => {
    const stems = contentStemSet(part.text, pack);
    const from = passages
      .map(({ passage, stems: theirs }) => ({
        passage,
        share: shareOf(stems, theirs),
        of: shareOf(theirs, stems),
      }))
      .filter(({ share }) => stems.size >= LEAST_WORDS && share >= MADE_FROM)
      .sort((a, b) => b.share + b.of - (a.share + a.of))
      .slice(0, MOST)
      .map(({ passage }) => originOf(passage));
    const own: Origin = { kind: "writer", ref: writer, quote: "" };
    return { ...part, from: from.length ? from : [own] };
  });
}

const shareOf = (a: ReadonlySet<string>, b: ReadonlySet<string>): number =>
  a.size ? [...a].filter((stem) => b.has(stem)).length / a.size : 0;

function allPassages(material: Material): Passage[] {
  const { outline, notes, questions, facts, product, spoken, post, keyword, title } = material;
  return [
    ...outline.flatMap(({ text, notes: its }): Passage[] => [
      { kind: "outline", ref: text, text, quote: text },
      ...its,
    ]),
    ...notes,
    ...questions,
    ...facts,
    ...product,
    ...spoken,
    ...sentencesOfPost(post),
    ...ownSentences(material),
    ...(keyword ? [{ kind: "keyword" as const, ref: "target keyword", text: keyword, quote: keyword }] : []),
    ...(title ? [{ kind: "post" as const, ref: "title", text: title, quote: title }] : []),
  ];
}
