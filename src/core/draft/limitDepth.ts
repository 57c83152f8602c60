import type { Element, ElementContent, Root } from "hast";
import { plainText } from "../blocks/plainText";

/** Deeper than any page is built, and shallow enough that a recursive walk never runs out of stack. */
const MOST_DEPTH = 200;
/** What stands between a table and its cells: the cells are where text can be. */
const PARTS_OF_TABLES = new Set(["thead", "tbody", "tfoot", "tr", "colgroup"]);
const HOLDERS = new Set(["table", "ul", "ol", "dl", "menu"]);

/**
 * Makes what is nested too deep into text, so that every later walk over the tree is safe. Changes the tree in place.
 * Iterative, as the trees that need it are those that a recursive function cannot walk.
 */
export function limitDepth(root: Root): Root {
  const stack: { node: Root | Element; depth: number }[] = [{ node: root, depth: 0 }];
  for (let next = stack.pop(); next; next = stack.pop()) {
    const { node, depth } = next;
    if (depth >= MOST_DEPTH && !(node.type === "element" && PARTS_OF_TABLES.has(node.tagName))) {
      // Text that stands directly in a table or a list is read by nobody.
      if (node.type === "element" && HOLDERS.has(node.tagName)) node.tagName = "div";
      node.children = [{ type: "text", value: plainText(node) }] as ElementContent[];
      continue;
    }
    for (const child of node.children)
      if (child.type === "element") stack.push({ node: child, depth: depth + 1 });
  }
  return root;
}

/** The text of an HTML source without its tags: what is left of a page that no parser can hold. */
export function withoutTags(html: string): string {
  return html
    .replace(/<(script|style|template)\b[\s\S]*?<\/\1\s*>/gi, " ")
    .replace(/<!--[\s\S]*?-->/g, " ")
    .replace(/<\/?[a-z][^<>]*>/gi, " ")
    .replace(/</g, "&lt;");
}
