/** The blocks of a post as its page has them: the page's H1 is the post's title, and there is one. */
import type { Block } from "../../draft/draft";
import { perObject } from "../../once";
import { fold } from "../../text/fold";
import type { RenderedPost } from "../site";

export const pageTitle = ({ title, metaTitle, slug, blocks }: RenderedPost): string =>
  title || blocks.find(isH1)?.text || metaTitle || slug || "–";

/** An H1 that says the title is the title; any other is a heading of a section. */
export const pageBlocks = perObject((post: RenderedPost): readonly Block[] => {
  // An empty line of the sheet is no paragraph of a page.
  const blocks = post.blocks.filter(
    ({ kind, text, runs }) => kind !== "paragraph" || text !== "" || runs.length > 0,
  );
  if (!blocks.some(isH1)) return blocks;
  const title = fold(pageTitle(post));
  let first = true;
  return blocks.flatMap((block): Block[] => {
    if (!isH1(block)) return [block];
    const isTitle = first && fold(block.text) === title;
    first = false;
    return isTitle ? [] : [{ ...block, level: 2 }];
  });
});

const isH1 = (block: Block): block is Block & { kind: "heading" } =>
  block.kind === "heading" && block.level === 1;
