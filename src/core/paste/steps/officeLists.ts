/** Lists of word processors, which are paragraphs with a marker of their own. */

import type { Element, ElementContent, Root } from "hast";
import { h } from "hastscript";
import { SKIP, visit } from "unist-util-visit";
import { plainText } from "../../blocks/plainText";
import { styleOf } from "../tree";

/** A marker that stands in the text: a letter or a digit alone is none, nor is one without a hard blank or two blanks behind it. */
const TYPED = /^\s*(?:[·•●▪§◦‣–-]|o|\(?(?:\d{1,3}|[a-z]|[ivx]{1,5})[.)])(?:\s*\u00a0\s*| {2,})/i;
const NUMBERED = /^[\s(]*[\da-z]{1,3}[.)]/i;

/** Paragraphs that carry "mso-list" are list items, their marker in a span that says so or, where that was lost on the way, in the text. */
export function officeLists(tree: Root): void {
  visit(tree, "element", (node) => regroup(node));
  regroup(tree);

  function regroup(parent: Root | Element): void {
    const out: ElementContent[] = [];
    let lists: { level: number; list: Element }[] = [];
    for (const child of parent.children as ElementContent[]) {
      const level =
        child.type === "element" && child.tagName === "p"
          ? Number(/mso-list\s*:[^;]*level(\d)/.exec(styleOf(child))?.[1] ?? 0)
          : 0;
      if (!level || child.type !== "element") {
        if (child.type !== "text" || child.value.trim()) lists = [];
        out.push(child);
        continue;
      }
      const marker = takeMarker(child);
      const tagName = NUMBERED.test(marker) ? "ol" : "ul";
      const item = h("li", child.children);
      while (lists.length && lists.at(-1)!.level > level) lists.pop();
      // Bullets end where numbers begin.
      if (marker && lists.at(-1)?.level === level && lists.at(-1)!.list.tagName !== tagName) lists.pop();
      const open = lists.at(-1);
      if (open?.level === level) {
        open.list.children.push(item);
        continue;
      }
      const list = h(tagName, [item]);
      const above = open?.list.children.at(-1);
      if (above?.type === "element") above.children.push(list);
      else out.push(list);
      lists.push({ level, list });
    }
    parent.children = out;
  }
}

function takeMarker(item: Element): string {
  let marker = "";
  visit(item, "element", (node, index, parent) => {
    if (!/mso-list\s*:\s*ignore/.test(styleOf(node))) return;
    marker = plainText(node);
    parent!.children.splice(index!, 1);
    return [SKIP, index!];
  });
  return marker || takeTyped(item);
}

function takeTyped(item: Element): string {
  const marker = TYPED.exec(plainText(item))?.[0] ?? "";
  let left = marker.length;
  // It can be parted among spans.
  visit(item, "text", (node) => {
    const taken = Math.min(left, node.value.length);
    node.value = node.value.slice(taken);
    left -= taken;
  });
  return marker;
}
