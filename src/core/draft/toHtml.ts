import rehypeStringify from "rehype-stringify";
import { unified } from "unified";
import type { Block } from "./draft";
import { blocksToHast, type HastOptions } from "./toHast";

const writer = unified().use(rehypeStringify, { closeSelfClosing: false, omitOptionalTags: false });

/** The blocks as an HTML fragment, one block a line. */
export function blocksToHtml(blocks: readonly Block[], options: HastOptions): string {
  return blocksToHast(blocks, options)
    .map((node) => writer.stringify({ type: "root", children: [node] }))
    .join("\n");
}
