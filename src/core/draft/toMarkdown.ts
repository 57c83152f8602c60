/** From a draft to Markdown with front matter. What Markdown has no syntax for is written as HTML, which it allows. */
import type { Element, Root } from "hast";
import { defaultHandlers, type Handle, type State } from "hast-util-to-mdast";
import type { Html, Root as MdastRoot, Nodes } from "mdast";
import rehypeRemark from "rehype-remark";
import rehypeStringify from "rehype-stringify";
import remarkGfm from "remark-gfm";
import remarkStringify from "remark-stringify";
import { unified } from "unified";
import { byName } from "../blocks/byName";
import type { Draft, PictureBlock } from "./draft";
import { writeFrontMatter } from "./frontMatter";
import { blocksToHast } from "./toHast";

const html = unified().use(rehypeStringify);
const asHtml = (node: Element): Html => ({
  type: "html",
  value: html.stringify({ type: "root", children: [node] }),
});

const HANDLERS: Readonly<Record<string, Handle>> = defaultHandlers;
const usual = (state: State, node: Element) =>
  HANDLERS[node.tagName]!(state, node, undefined) as Nodes | undefined;

const toTree = unified().use(rehypeRemark, {
  document: true,
  handlers: {
    // What is told apart by data-block: Markdown has no syntax for it.
    ...Object.fromEntries(
      Object.keys(HANDLERS).map((name) => [
        name,
        (state: State, node: Element) =>
          node.properties.dataBlock === undefined ? usual(state, node) : asHtml(node),
      ]),
    ),
    ...Object.fromEntries(
      Object.entries(byName(({ toMarkdown }) => toMarkdown)).map(([name, write]) => [
        name,
        (state: State, node: Element) => write!(state, node, { html: asHtml, usual }) as Nodes,
      ]),
    ),
    a(state, node: Element) {
      // An empty link is a fault that must not vanish on the way.
      return node.children.length ? usual(state, node) : asHtml(node);
    },
  },
});
const writer = unified()
  .use(remarkGfm)
  .use(remarkStringify, { bullet: "-", emphasis: "_", rule: "-", fences: true });

/**
 * Writes a draft as Markdown (CommonMark with GFM), front matter first.
 *
 * @param fileAddress address to write for a picture, as its path in the download; the draft's own where absent
 */
export function draftToMarkdown(
  draft: Draft,
  fileAddress?: (picture: Pick<PictureBlock, "src">) => string,
): string {
  const children = blocksToHast(draft.blocks, { headingIds: false, ...(fileAddress && { fileAddress }) });
  const root: Root = { type: "root", children };
  const tree = toTree.runSync(root) as unknown as MdastRoot;
  const body = writer.stringify(tree);
  const { socialPicture } = draft.meta;
  const meta =
    socialPicture && fileAddress
      ? { ...draft.meta, socialPicture: fileAddress({ src: socialPicture }) }
      : draft.meta;
  return `${writeFrontMatter(meta)}${body ? `\n${body}` : ""}`;
}
