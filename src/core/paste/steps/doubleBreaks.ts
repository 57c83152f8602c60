import type { ElementContent, Root } from "hast";
import { h } from "hastscript";
import { SKIP, visit } from "unist-util-visit";

/** Two breaks in a row are the end of a paragraph. */
export function doubleBreaks(tree: Root): void {
  visit(tree, "element", (node, index, parent) => {
    if (node.tagName !== "p" && node.tagName !== "div") return;
    const parts: ElementContent[][] = [[]];
    let breaks = 0;
    for (const child of node.children) {
      if (child.type === "element" && child.tagName === "br") {
        breaks++;
        continue;
      }
      if (child.type === "text" && !child.value.trim() && breaks) continue;
      if (breaks >= 2) parts.push([]);
      else if (breaks === 1) parts.at(-1)!.push(h("br", []));
      breaks = 0;
      parts.at(-1)!.push(child);
    }
    if (parts.length < 2 || !parent) return;
    parent.children.splice(index!, 1, ...parts.map((children) => h("p", children)));
    return [SKIP, index! + parts.length];
  });
}
