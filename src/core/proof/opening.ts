/** The opening: the body's first paragraph, or its first words of paragraphs, lists and quotes where that is longer. */
import type { AnalysedText, Token } from "../text/analyse";
import type { Evidence } from "./check";
import { inBlock } from "./evidence";
import type { DraftReading } from "./reading/reading";

export interface Opening {
  /** The opening as one text; no sentence crosses a block. */
  analysed: AnalysedText;
  /** Quotes a span of it, as far as it stands in the block where it begins. */
  evidence(start: number, end: number): Evidence;
}

/** @returns null where the body has no such text */
export function openingOf(reading: DraftReading): Opening | null {
  const { blocks } = reading.draft;
  const texts = (i: number) => /^(paragraph|listItem|quote)$/.test(blocks[i]!.kind) && blocks[i]!.text !== "";
  const first = blocks.findIndex((block) => block.kind === "paragraph" && block.text !== "");
  const limit = reading.profile.openingWords;
  if (first >= 0 && reading.analysed(first).tokens.length > limit)
    return assemble(reading, [first], Number.POSITIVE_INFINITY);
  const members: number[] = [];
  let words = 0;
  for (let i = 0; i < blocks.length && words < limit; i++) {
    if (!texts(i)) continue;
    members.push(i);
    words += reading.analysed(i).tokens.length;
  }
  return words ? assemble(reading, members, limit) : null;
}

function assemble(reading: DraftReading, members: number[], most: number): Opening {
  const starts: { block: number; offset: number }[] = [];
  let length = 0;
  for (const block of members) {
    starts.push({ block, offset: length });
    length += reading.analysed(block).text.length + 1;
  }
  const texts = members.map((block) => reading.analysed(block).text);
  const analysed = reading.memory<AnalysedText>("opening", most).get(JSON.stringify(texts), () =>
    joined(
      members.map((block) => reading.analysed(block)),
      most,
    ),
  );
  return {
    analysed,
    evidence(start, end) {
      const at = starts.findLast(({ offset }) => offset <= start)!;
      const most = reading.draft.blocks[at.block]!.text.length;
      return inBlock(reading, at.block, start - at.offset, Math.min(end - at.offset, most));
    },
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
