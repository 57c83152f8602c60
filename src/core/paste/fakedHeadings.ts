/** Lines that are headings to the eye alone: short, and bold or large from end to end. */
import type { Element, Root } from "hast";
import { visit } from "unist-util-visit";
import { plainText } from "../blocks/plainText";
import { styleOf } from "./tree";

const LONGEST = 90;
/** Points from which a line is large; text is pasted at 10 to 12. */
const LARGE = 15;
const POINTS: Record<string, number> = { pt: 1, px: 0.75, em: 12, rem: 12 };
/** Where a tree carries the mark that a line looks like a heading, until it has been read. */
export const FAKED = "dataFaked";

/**
 * Marks the paragraphs that look like headings. Where every paragraph does, none is one: then it is how the text was set.
 *
 * @returns how many there are
 */
export function markFakedHeadings(tree: Root): number {
  const headings: Element[] = [];
  let others = 0;
  visit(tree, "element", (node) => {
    if (node.tagName !== "p" && node.tagName !== "div") return;
    const text = plainText(node).trim();
    if (
      !text ||
      node.children.some((child) => child.type === "element" && /^(?:p|div|ul|ol|table)$/.test(child.tagName))
    )
      return;
    if (text.length <= LONGEST && !/[.,;:]$/.test(text) && (isBold(node) || isLarge(node)))
      headings.push(node);
    else others++;
  });
  if (!others) return 0;
  for (const node of headings) node.properties[FAKED] = "";
  return headings.length;
}

/** All of its letters stand in bold. */
function isBold(node: Element): boolean {
  return node.children.every(
    (child) =>
      (child.type === "text" && !child.value.trim()) ||
      child.type === "comment" ||
      (child.type === "element" &&
        (/^(?:b|strong)$/.test(child.tagName) || (child.children.length > 0 && isBold(child)))),
  );
}

function isLarge(node: Element): boolean {
  let large = false;
  const see = (element: Element) => {
    const size = /font-size\s*:\s*([\d.]+)(pt|px|r?em)/.exec(styleOf(element));
    if (size) large = Number(size[1]) * POINTS[size[2]!]! >= LARGE;
  };
  see(node);
  visit(node, "element", see);
  return large;
}
