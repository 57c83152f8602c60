/** Lists that were typed: paragraphs in a row that begin with a marker. */

import type { Element, ElementContent, Root, Text } from "hast";
import { h } from "hastscript";
import { visit } from "unist-util-visit";
import { plainText } from "../../blocks/plainText";

const BULLET = /^\s*[•·▪◦‣●○*–-]\s+/;
const NUMBER = /^\s*(\d{1,2})[.)]\s+/;
/** One line alone may begin so by chance. */
const LEAST = 2;

/**
 * Makes lists of paragraphs that begin with bullets, or with numbers that count up from one.
 *
 * @returns how many lists were made
 */
export function typedLists(tree: Root): number {
  let count = 0;
  visit(tree, (node) => {
    if (node.type !== "root" && node.type !== "element") return;
    if (node.type === "element" && /^(?:li|ul|ol|table|tr|pre|td|th)$/.test(node.tagName)) return;
    const out: ElementContent[] = [];
    let run: Element[] = [];
    let kind: "ul" | "ol" | null = null;
    let here = 0;
    const settle = () => {
      if (kind && run.length >= LEAST) {
        out.push(
          h(
            kind,
            run.map((item) => h("li", withoutMarker(item).children)),
          ),
        );
        here++;
      } else out.push(...run);
      run = [];
      kind = null;
    };
    for (const child of node.children as ElementContent[]) {
      // Blanks between paragraphs part nothing.
      if (child.type === "text" && !child.value.trim()) {
        if (!run.length) out.push(child);
        continue;
      }
      const marker = kindOf(child, run.length + 1);
      if (marker !== kind || marker === null) {
        settle();
        // A new run of numbers begins at one.
        kind = kindOf(child, 1);
      }
      if (kind) run.push(child as Element);
      else out.push(child);
    }
    settle();
    count += here;
    if (here) node.children = out;
  });
  return count;
}

function kindOf(node: ElementContent, nth: number): "ul" | "ol" | null {
  if (node.type !== "element" || (node.tagName !== "p" && node.tagName !== "div")) return null;
  const text = plainText(node);
  if (BULLET.test(text)) return "ul";
  return Number(NUMBER.exec(text)?.[1] ?? 0) === nth ? "ol" : null;
}

function withoutMarker(item: Element): Element {
  let first: Text | undefined;
  visit(item, "text", (node) => {
    if (!first && node.value.trim()) first = node;
  });
  if (first) first.value = first.value.replace(BULLET, "").replace(NUMBER, "");
  return item;
}
