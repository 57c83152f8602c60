/** The opening: the body's first paragraph, or its first words of paragraphs, lists and quotes where that is longer. */
import type { Block } from "../../draft/draft";
import type { AnalysedText, Token } from "../../text/analyse";
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
    const part = { block, of, offset };
    offset += reading.analysed.text.length + 1;
    return part;
  });
  return {
    parts,
    analysed: joined(
      blocks.map(({ reading }) => reading.analysed),
      most,
    ),
  };
}

/** Texts as one, up to so many words; no sentence crosses from one to the next. */
function joined(parts: readonly AnalysedText[], most: number): AnalysedText {
  const tokens: Token[] = [];
  let text = "";
  let sentence = 0;
  for (const part of parts) {
    const offset = text.length;
    for (const token of part.tokens.slice(0, most - tokens.length)) {
      tokens.push({
        ...token,
        start: token.start + offset,
        end: token.end + offset,
        sentence: token.sentence + sentence,
      });
    }
    // The cut may fall inside a hyphenated word; what is cut off joins nothing.
    const last = tokens.at(-1);
    if (last?.joinsNext) tokens[tokens.length - 1] = { ...last, joinsNext: false };
    text += `${part.text}\n`;
    sentence += Math.max(1, part.sentenceCount);
  }
  return { text, tokens, sentenceCount: sentence };
}
