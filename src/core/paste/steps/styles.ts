/** Styles that say what an element would: read as such. */

import type { Root } from "hast";
import { h } from "hastscript";
import { visit } from "unist-util-visit";
import { styleOf } from "../tree";

/** Emphasis that is only a style becomes a mark, and a mark that its style takes back goes. */
export function styleToMarks(tree: Root): void {
  visit(tree, "element", (node) => {
    const style = styleOf(node);
    if (!style) return;
    const weight = /font-weight\s*:\s*(\w+)/.exec(style)?.[1];
    const italic = /font-style\s*:\s*(\w+)/.exec(style)?.[1];
    if ((node.tagName === "b" || node.tagName === "strong") && (weight === "normal" || weight === "400"))
      node.tagName = "span";
    if ((node.tagName === "i" || node.tagName === "em") && italic === "normal") node.tagName = "span";
    if (node.tagName !== "span") return;
    if (italic === "italic") node.children = [h("em", node.children)];
    if (weight === "bold" || Number(weight) >= 600) node.children = [h("strong", node.children)];
    if (/text-decoration[^;]*line-through/.test(style)) node.children = [h("del", node.children)];
  });
}
