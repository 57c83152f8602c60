/** Lists of word processors, which are paragraphs with a marker of their own. */
import type { Element, ElementContent, Root } from "hast";
import { SKIP, visit } from "unist-util-visit";
import { plainText } from "../../draft/fromHast";
import { styleOf, wrap } from "../tree";

/** Paragraphs that carry "mso-list" are list items, their marker typed into a span of its own. */
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
      const item = wrap("li", child.children);
      while (lists.length && lists.at(-1)!.level > level) lists.pop();
      const open = lists.at(-1);
      if (open?.level === level) {
        open.list.children.push(item);
        continue;
      }
      const list = wrap(/^[\s(]*[\da-z]{1,3}[.)]/i.test(marker) ? "ol" : "ul", [item]);
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
  return marker;
}
