/** Small things that every step of cleaning needs. */
import type { Element } from "hast";

export const styleOf = (node: Element): string => String(node.properties.style ?? "").toLowerCase();
