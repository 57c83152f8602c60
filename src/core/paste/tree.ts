/** Small things that every step of cleaning needs. */
import type { Element, ElementContent } from "hast";

export const styleOf = (node: Element): string => String(node.properties.style ?? "").toLowerCase();

export const wrap = (tagName: string, children: ElementContent[]): Element => ({
  type: "element",
  tagName,
  properties: {},
  children,
});
