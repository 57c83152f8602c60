/** The elements by which a page is known: what its head says, and where its content may stand. Found in one walk, since each of a page's readers asks for some. */
import type { Element, Root } from "hast";

export interface Landmark {
  node: Element;
  /** What it stands in, however deep. */
  inDrawing: boolean;
  inTemplate: boolean;
  inFurniture: boolean;
}

export interface Landmarks {
  /** In document order. */
  elements: readonly Landmark[];
  /** Elements of the whole page, and how deep they nest. */
  count: number;
  depth: number;
}

/** Elements that stand around the content of a page. */
export const FURNITURE: ReadonlySet<string> = new Set(["nav", "footer", "aside"]);
const SOUGHT = new Set("html title link meta time script body main article h1".split(" "));

interface Place extends Omit<Landmark, "node"> {
  node: Root | Element;
  depth: number;
}

/** @param root of any depth: nothing here recurses */
export function landmarksOf(root: Root): Landmarks {
  const elements: Landmark[] = [];
  let count = 0;
  let deepest = 0;
  const stack: Place[] = [{ node: root, depth: 0, inDrawing: false, inTemplate: false, inFurniture: false }];
  for (let next = stack.pop(); next; next = stack.pop()) {
    const { node, depth } = next;
    let { inDrawing, inTemplate, inFurniture } = next;
    if (node.type === "element") {
      const { tagName } = node;
      count++;
      deepest = Math.max(deepest, depth);
      if (SOUGHT.has(tagName) || node.properties.role === "main")
        elements.push({ node, inDrawing, inTemplate, inFurniture });
      inDrawing ||= tagName === "svg" || tagName === "math";
      inTemplate ||= tagName === "template";
      inFurniture ||= FURNITURE.has(tagName);
    }
    for (let i = node.children.length - 1; i >= 0; i--) {
      const child = node.children[i]!;
      if (child.type === "element")
        stack.push({ node: child, depth: depth + 1, inDrawing, inTemplate, inFurniture });
    }
  }
  return { elements, count, depth: deepest };
}
