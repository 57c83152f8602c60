import type { ElementContent, Root, RootContent } from "hast";

export type HtmlNode = Root | RootContent | ElementContent;

/** Elements whose text is no part of what is read. Form controls and site furniture among them. */
export const SKIPPED = new Set(
  "script style template noscript head nav button input select textarea option datalist svg math canvas object map area dialog meta link title base colgroup col".split(
    " ",
  ),
);

/** All text below a node, line breaks as \n. */
export function plainText(node: HtmlNode): string {
  let text = "";
  const stack: HtmlNode[] = [node];
  for (let next = stack.pop(); next; next = stack.pop()) {
    if (next.type === "text") text += next.value;
    else if (next.type === "element" && next.tagName === "br") text += "\n";
    else if ("children" in next && !(next.type === "element" && SKIPPED.has(next.tagName))) {
      for (let i = next.children.length - 1; i >= 0; i--) stack.push(next.children[i] as HtmlNode);
    }
  }
  return text;
}
