/** Fragment ids of headings, made as Markdown renderers commonly do. */
import GithubSlugger from "github-slugger";
import type { Block } from "./draft";

/** Ids for the headings of a draft in order, each unique; keyed by the heading's place among the blocks. */
export function derivedHeadingIds(blocks: readonly Block[]): Map<number, string> {
  const slugger = new GithubSlugger();
  const ids = new Map<number, string>();
  blocks.forEach((block, i) => {
    if (block.kind === "heading") ids.set(i, slugger.slug(block.text) || `section-${i}`);
  });
  return ids;
}
