/** Claims: sentences that somebody may ask a source for, and whether one stands with them. */

import { linksOf } from "../blocks/runs";
import type { Block } from "../draft/draft";
import { saysFigure } from "../text/figure";
import { fold } from "../text/fold";
import type { LanguagePack } from "../text/packs/pack";
import { sentences } from "../text/sentences";
import { isProse } from "./marking";

/** A claim wherever its block stands. */
export interface BlockClaim {
  /** Span in the block's text. */
  start: number;
  end: number;
  sentence: string;
  why: "figure" | "study" | "superlative";
  /** A link or footnote in the sentence, or in the one before or behind it in the same block. */
  source: { text: string; href: string } | null;
}

export interface Claim extends BlockClaim {
  /** Place among the blocks. */
  block: number;
}

export const CLAIM_REASONS: Record<Claim["why"], string> = {
  figure: "a figure",
  study: "what others found",
  superlative: "a superlative",
};

/** Two claims are one where they say the same: what is accepted stays so though it moves. */
export const claimKey = ({ sentence }: Pick<Claim, "sentence">): string =>
  fold(sentence).replace(/\s+/g, " ").trim();

/** A link that names a source: to another page, or to a note, which is numbered or starred. */
const isSource = ({ href }: { href: string }, text: string): boolean =>
  /^https?:|^\//i.test(href) || (href.startsWith("#") && /^[[(]?(?:\d+|[*†‡]+)[\])]?$/.test(text.trim()));

/**
 * @param inBlock what one block claims, for callers that remember it
 * @returns the claims of a draft in reading order; questions and headings claim nothing
 */
export function claimsOf(blocks: readonly Block[], pack: LanguagePack, inBlock = claimsIn): Claim[] {
  return blocks.flatMap((block, at) => inBlock(block, pack).map((claim) => ({ ...claim, block: at })));
}

/** Claims of one block. */
export function claimsIn(block: Block, pack: LanguagePack): BlockClaim[] {
  if (!isProse(block)) return [];
  const spans = sentences(block.text, pack);
  const links = linksOf(block.runs).filter(({ link, text }) => isSource(link, text));
  return spans.flatMap(({ start, end }, i): BlockClaim[] => {
    const sentence = block.text.slice(start, end);
    const why = whyClaim(sentence, pack);
    if (!why) return [];
    const from = spans[i - 1]?.start ?? start;
    const to = spans[i + 1]?.end ?? end;
    const near =
      links.find((link) => link.start >= start && link.end <= end) ??
      links.find((link) => link.start >= from && link.end <= to);
    return [
      {
        start,
        end,
        sentence,
        why,
        source: near ? { text: near.text, href: near.link.href } : null,
      },
    ];
  });
}

const LEAST_WORDS = 4;

function whyClaim(sentence: string, { claims }: LanguagePack): Claim["why"] | null {
  // A label or a cell is no sentence, and a question claims nothing.
  if (sentence.split(/\s+/).length < LEAST_WORDS || /\?["'\u2019\u201D)]*$/.test(sentence)) return null;
  if (saysFigure(sentence)) return "figure";
  const folded = fold(sentence);
  if (claims?.study.test(folded)) return "study";
  return claims?.superlative.test(folded) ? "superlative" : null;
}
