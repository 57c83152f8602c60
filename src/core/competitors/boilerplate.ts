/** What a site repeats on its pages: notes on its authors, calls to subscribe, terms of use. It is none of what any page is about. */
import type { Block } from "../draft/draft";
import { foldPlain } from "../text/fold";
import type { CompetitorPage } from "./page";

/** A block of fewer words may be the same by chance: "Prices", "Yes." */
const LEAST_WORDS = 4;
/** A page with more than this share of its words on another is a copy of that: nothing of it is taken away. */
const COPIED = 0.5;

/**
 * @returns the pages in their order, without the blocks that other pages of their site have word for word, and without the headings
 * that then have nothing under them and stand there too
 */
export function withoutBoilerplate(pages: readonly CompetitorPage[]): CompetitorPage[] {
  const sites = new Map<string, Map<string, number>>();
  for (const page of pages) {
    const counts = sites.get(siteOf(page)) ?? new Map<string, number>();
    sites.set(siteOf(page), counts);
    for (const key of new Set(page.draft.blocks.map(keyOf))) counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  return pages.map((page) => {
    const counts = sites.get(siteOf(page))!;
    const isRepeated = (block: Block) => block.text !== "" && counts.get(keyOf(block))! > 1;
    const { blocks } = page.draft;
    const left = blocks.filter((block, i) =>
      block.kind === "heading"
        ? !isRepeated(block) || block.level < 2 || !isEmptied(blocks, i, isRepeated)
        : !isRepeated(block) || wordsIn(block) < LEAST_WORDS,
    );
    if (left.length === blocks.length) return page;
    const [whole, kept] = [blocks, left].map((some) => some.reduce((sum, block) => sum + wordsIn(block), 0));
    return kept! < COPIED * whole! ? page : { ...page, draft: { ...page.draft, blocks: left } };
  });
}

const siteOf = ({ address }: CompetitorPage): string =>
  URL.canParse(address) ? new URL(address).host : address;
const keyOf = ({ kind, text }: Block): string => `${kind} ${foldPlain(text)}`;
const wordsIn = ({ text }: Block): number => text.split(/\s+/).filter(Boolean).length;

/** Is all that stands under a heading repeated too? */
function isEmptied(
  blocks: readonly Block[],
  heading: number,
  isRepeated: (block: Block) => boolean,
): boolean {
  const next = blocks.findIndex(({ kind }, i) => i > heading && kind === "heading");
  const under = blocks.slice(heading + 1, next < 0 ? undefined : next);
  return under.length > 0 && under.every((block) => isRepeated(block) && wordsIn(block) >= LEAST_WORDS);
}
