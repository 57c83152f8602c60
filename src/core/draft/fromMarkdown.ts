/** From a Markdown file (CommonMark with GFM, front matter, raw HTML) to a draft, through the same tree as HTML. */

import type { Root as HastRoot } from "hast";
import { h } from "hastscript";
import type { Root as MdastRoot } from "mdast";
import rehypeRaw from "rehype-raw";
import remarkGfm from "remark-gfm";
import remarkParse from "remark-parse";
import remarkRehype from "remark-rehype";
import { type Processor, unified } from "unified";
import { EXIT, SKIP, visit } from "unist-util-visit";
import { slugOf } from "../text/slug";
import { boundMarkdown } from "./boundMarkdown";
import type { Draft } from "./draft";
import { blocksFromHast } from "./fromHast";
import { parseHtml } from "./fromHtml";
import { readFrontMatter } from "./frontMatter";
import { limitDepth, withoutTags } from "./limitDepth";

/**
 * The GFM reader looks for bare addresses twice: while parsing, where an escape is honoured, and once more in the finished
 * text, where it is not. Without the second look, an address written as plain text stays plain text.
 */
function honourEscapes(this: Processor): void {
  type Extension = { transforms?: unknown[] };
  const { fromMarkdownExtensions = [] } = this.data() as {
    fromMarkdownExtensions?: (Extension | Extension[])[];
  };
  for (const extension of fromMarkdownExtensions.flat()) if (extension.transforms) extension.transforms = [];
}

const parser = unified()
  .use(remarkParse)
  .use(remarkGfm)
  .use(honourEscapes as never);
const toTree = unified().use(remarkRehype, {
  allowDangerousHtml: true,
  clobberPrefix: "",
  handlers: {
    // Nothing between the brackets means that nobody has described the picture, not that it is decoration.
    image(state, node: { alt?: string | null; url: string }) {
      const properties = node.alt ? { src: node.url, alt: node.alt } : { src: node.url };
      const result = h("img", properties);
      state.patch(node as never, result);
      return result;
    },
    imageReference(state, node: { alt?: string | null; identifier: string }) {
      const definition = state.definitionById.get(node.identifier.toUpperCase());
      const src = definition?.url ?? "";
      return h("img", node.alt ? { src, alt: node.alt } : { src });
    },
  },
});
/** Reads the HTML that stands in a Markdown file, for which the whole is read as HTML once more. */
const withHtml = unified().use(rehypeRaw);

/**
 * Reads a Markdown post.
 *
 * @throws FrontMatterError where the front matter is no YAML mapping; the body itself is never refused
 */
export function draftFromMarkdown(file: string): Draft {
  const { meta, body } = readFrontMatter(file);
  const tree = treeOf(body);
  if (!meta.slug) meta.slug = slugOf(meta.canonical);
  return { meta, blocks: blocksFromHast(tree), headingIds: "derived" };
}

/** A hundred quotes and lists opened in one line: nobody writes so, and the parser's time grows with the square. */
const MARKER_CHAIN = /^[ \t]*(?:(?:>|[-+*](?=[ \t])|\d{1,9}[.)](?=[ \t]))[ \t]*){100,}/gm;

function treeOf(body: string): HastRoot {
  try {
    const source = parser.parse(boundMarkdown(body.replace(MARKER_CHAIN, ""))) as MdastRoot;
    const tree = toTree.runSync(source) as HastRoot;
    return withoutFootnoteFurniture(
      limitDepth(hasHtml(source) ? (withHtml.runSync(tree as never) as HastRoot) : tree),
    );
  } catch (error) {
    // Nested beyond what the parser's own recursion can stand: the words are kept, the nesting is not.
    if (error instanceof RangeError) return parseHtml(`<p>${withoutTags(body)}</p>`);
    throw error;
  }
}

function hasHtml(source: MdastRoot): boolean {
  let some = false;
  visit(source, "html", () => {
    some = true;
    return EXIT;
  });
  return some;
}

/** The heading, the numbers and the arrows that the renderer adds around footnotes are nobody's headings and links. */
function withoutFootnoteFurniture(root: HastRoot): HastRoot {
  visit(root, "element", (node, index, parent) => {
    const { dataFootnoteRef, dataFootnoteBackref, id } = node.properties;
    if (dataFootnoteRef === undefined && dataFootnoteBackref === undefined && id !== "footnote-label") return;
    parent!.children.splice(index!, 1);
    return [SKIP, index!];
  });
  return root;
}
