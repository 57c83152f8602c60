/** From a draft to Markdown with front matter. What Markdown has no syntax for is written as HTML, which it allows. */
import type { Element, ElementContent, Root } from "hast";
import { defaultHandlers, type State } from "hast-util-to-mdast";
import type { Html, Root as MdastRoot, Nodes } from "mdast";
import rehypeRemark from "rehype-remark";
import rehypeStringify from "rehype-stringify";
import remarkGfm from "remark-gfm";
import remarkStringify from "remark-stringify";
import { unified } from "unified";
import type { Draft, PictureBlock } from "./draft";
import { writeFrontMatter } from "./frontMatter";
import { blocksToHast } from "./toHast";

const html = unified().use(rehypeStringify);
const asHtml = (node: Element): Html => ({
  type: "html",
  value: html.stringify({ type: "root", children: [node] }),
});

const toTree = unified().use(rehypeRemark, {
  document: true,
  handlers: {
    figure(_state, node: Element): Nodes {
      const image = node.children[0] as Element;
      // A caption, decoration, a link around it, a place beside the text or a focus: only HTML can say so.
      const plain =
        node.children.length === 1 &&
        image.tagName === "img" &&
        image.properties.alt !== "" &&
        node.properties.dataSide === undefined &&
        node.properties.dataFocus === undefined;
      if (!plain) return asHtml(node);
      const picture = { url: String(image.properties.src ?? ""), alt: String(image.properties.alt ?? "") };
      return { type: "paragraph", children: [{ type: "image", ...picture }] };
    },
    table(state, node: Element) {
      return isPlainTable(node) ? defaultHandlers.table!(state, node) : asHtml(node);
    },
    iframe(_state, node: Element) {
      return asHtml(node);
    },
    // What is told apart by data-block, Markdown has no syntax for.
    ...Object.fromEntries(
      (["blockquote", "div", "section", "p", "nav"] as const).map((name) => [
        name,
        (state: State, node: Element) =>
          node.properties.dataBlock === undefined ? defaultHandlers[name]!(state, node) : asHtml(node),
      ]),
    ),
    a(state, node: Element) {
      // An empty link is a fault that must not vanish on the way.
      return node.children.length ? defaultHandlers.a!(state, node) : asHtml(node);
    },
  },
});
const writer = unified()
  .use(remarkGfm)
  .use(remarkStringify, { bullet: "-", emphasis: "_", rule: "-", fences: true });

/**
 * Writes a draft as Markdown (CommonMark with GFM), front matter first.
 *
 * @param pictureSrc address to write for a picture, as its path in the download; the draft's own where absent
 */
export function draftToMarkdown(
  draft: Draft,
  pictureSrc?: (picture: Pick<PictureBlock, "src">) => string,
): string {
  const children = blocksToHast(draft.blocks, { headingIds: false, ...(pictureSrc && { pictureSrc }) });
  const root: Root = { type: "root", children };
  const tree = toTree.runSync(root) as unknown as MdastRoot;
  const body = writer.stringify(tree);
  const { socialPicture } = draft.meta;
  const meta =
    socialPicture && pictureSrc
      ? { ...draft.meta, socialPicture: pictureSrc({ src: socialPicture }) }
      : draft.meta;
  return `${writeFrontMatter(meta)}${body ? `\n${body}` : ""}`;
}

/** GFM tables have one header row, no spans, and nothing but a line of text in a cell. */
function isPlainTable(table: Element): boolean {
  const [head, ...rest] = table.children as Element[];
  if (head?.tagName !== "thead" || rest.length > 1) return false;
  const rows = [head, ...rest].flatMap((section) => section.children as Element[]);
  return rows.every((row, i) =>
    row.children.every(
      (cell) =>
        cell.type === "element" &&
        (cell.tagName === "th") === (i === 0) &&
        !cell.properties.colSpan &&
        !cell.properties.rowSpan &&
        cell.children.every(isLine),
    ),
  );
}

function isLine(node: ElementContent): boolean {
  if (node.type !== "element") return true;
  return (
    !/^(p|ul|ol|br|figure|pre|h[1-6]|blockquote|table|hr|iframe)$/.test(node.tagName) &&
    node.children.every(isLine)
  );
}
