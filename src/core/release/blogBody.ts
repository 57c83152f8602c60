/**
 * The body of a post for pasting into a blog: headings, paragraphs, lists, tables, pictures and links, and nothing that only our
 * own pages understand.
 */

import type { Element, ElementContent } from "hast";
import { h } from "hastscript";
import rehypeStringify from "rehype-stringify";
import { unified } from "unified";
import type { Block, PictureBlock } from "../draft/draft";
import { blocksToHast } from "../draft/toHast";

/** How pictures are written: as images by the names of their files, or as a line that says which goes there. */
export type PictureForm = "image" | "place";

/** Attributes that any blog keeps. */
const KEPT = new Set([
  "href",
  "rel",
  "src",
  "alt",
  "title",
  "width",
  "height",
  "colSpan",
  "rowSpan",
  "start",
]);
/** Boxes of our own, whose content stands without them. */
const BOXES = new Set(["section", "div", "nav"]);

const writer = unified().use(rehypeStringify, { closeSelfClosing: false, omitOptionalTags: false });

/**
 * @param names of the files of pictures, by their address in the draft; others keep their address
 * @returns an HTML fragment, one block a line; a table of contents is left out, since it points to places that a blog names itself
 */
export function blogBody(
  blocks: readonly Block[],
  pictures: PictureForm,
  names: Readonly<Record<string, string>> = {},
): string {
  const nameOf = ({ src }: Pick<PictureBlock, "src">) => names[src] ?? src;
  const tree = blocksToHast(
    blocks.filter(({ kind }) => kind !== "contents"),
    { headingIds: false, fileAddress: nameOf },
  );
  return tree
    .flatMap((node) => plain(node, pictures))
    .map((node) => writer.stringify({ type: "root", children: [node] }))
    .join("\n");
}

function plain(node: ElementContent, pictures: PictureForm): ElementContent[] {
  if (node.type !== "element") return [node];
  const children = node.children.flatMap((child) => plain(child, pictures));
  if (BOXES.has(node.tagName)) return children;
  if (node.tagName === "figure" && pictures === "place") return [place(node)];
  const properties = Object.fromEntries(
    Object.entries(node.properties).filter(
      ([name]) => KEPT.has(name) || (name === "className" && node.tagName === "code"),
    ),
  );
  return [h(node.tagName, properties, children)];
}

/** Where a picture goes, for whoever uploads it: an editor takes no image from a clipboard that it cannot fetch. */
function place(figure: Element): Element {
  const image = find(figure, "img");
  const caption = find(figure, "figcaption");
  const alt = String(image?.properties.alt ?? "");
  const says = [String(image?.properties.src ?? ""), alt && `alt text: ${alt}`].filter(Boolean).join("; ");
  return h("p", {}, [
    h("em", {}, [{ type: "text", value: `[Picture: ${says}]` }]),
    ...(caption ? [{ type: "text" as const, value: " " }, ...caption.children] : []),
  ]);
}

function find(node: Element, tagName: string): Element | undefined {
  for (const child of node.children) {
    if (child.type !== "element") continue;
    if (child.tagName === tagName) return child;
    const inner = find(child, tagName);
    if (inner) return inner;
  }
  return undefined;
}
