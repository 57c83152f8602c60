/** The opening: the body's first paragraph, or its first words of paragraphs, lists and quotes where that is longer. */
import type { Block } from "../../draft/draft";
import { once } from "../../once";
import type { AnalysedText, Token } from "../../text/analyse";
import { bestOccurrence, type Occurrence } from "../../text/match";
import type { Sentence } from "../../text/sentences";
import type { BlockReading, Opening } from "./reading";

/** Which blocks make the opening, and how many of their words. */
export interface OpeningBlocks {
  blocks: readonly BlockReading[];
  most: number;
}

/**
 * @param blocks of the draft, in order
 * @param limit words that an opening has, where the first paragraph has fewer
 * @returns null where the body has no such text
 */
export function openingBlocks(blocks: readonly BlockReading[], limit: number): OpeningBlocks | null {
  const first = blocks.find(({ of }) => of.kind === "paragraph" && of.text !== "");
  if (first && first.reading.analysed.tokens.length > limit)
    return { blocks: [first], most: Number.POSITIVE_INFINITY };
  const members: BlockReading[] = [];
  let words = 0;
  for (const one of blocks) {
    if (words >= limit) break;
    if (!canOpen(one.of)) continue;
    members.push(one);
    words += one.reading.analysed.tokens.length;
  }
  return words ? { blocks: members, most: limit } : null;
}

const canOpen = ({ kind, text }: Block): boolean =>
  text !== "" && (kind === "paragraph" || kind === "listItem" || kind === "quote");

export function openingOf({ blocks, most }: OpeningBlocks): Opening {
  let offset = 0;
  const parts = blocks.map(({ block, of, reading }) => {
    const part = { block, of, reading, offset };
    offset += reading.analysed.text.length + 1;
    return part;
  });
  const analysed = once(() =>
    joined(
      blocks.map(({ reading }) => reading.analysed),
      most,
    ),
  );
  return { parts, most, analysed };
}

/**
 * The use of the keyword in the opening that is worth most, of those that its blocks have anyway: while somebody writes the opening it is
 * not searched a second time. The words of a keyword that are scattered over it are no use of any block.
 *
 * @returns its span in the opening's text; null where no block has one that ends within the opening
 */
export function bestUse({ parts, most }: Opening): Occurrence | null {
  const uses: Occurrence[] = [];
  let left = most;
  for (const { reading, offset } of parts) {
    const { tokens } = reading.analysed;
    const last = left < tokens.length ? (tokens[left - 1]?.end ?? 0) : Number.POSITIVE_INFINITY;
    for (const use of reading.uses)
      if (use.end <= last) uses.push({ ...use, start: use.start + offset, end: use.end + offset });
    left -= Math.min(left, tokens.length);
  }
  return bestOccurrence(uses);
}

/** Texts as one, up to so many words; no sentence crosses from one to the next. */
function joined(parts: readonly AnalysedText[], most: number): AnalysedText {
  const tokens: Token[] = [];
  let text = "";
  const sentences: Sentence[] = [];
  for (const part of parts) {
    const offset = text.length;
    for (const token of part.tokens.slice(0, most - tokens.length)) {
      tokens.push({
        ...token,
        start: token.start + offset,
        end: token.end + offset,
        sentence: token.sentence + sentences.length,
      });
    }
    // The cut may fall inside a hyphenated word; what is cut off joins nothing.
    const last = tokens.at(-1);
    if (last?.joinsNext) tokens[tokens.length - 1] = { ...last, joinsNext: false };
    text += `${part.text}\n`;
    sentences.push(...part.sentences.map(({ start, end }) => ({ start: start + offset, end: end + offset })));
  }
  return { text, tokens, sentences };
}
