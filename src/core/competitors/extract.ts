/** The main content of a page, by a well-kept extractor over a document that runs nothing and loads nothing. */
import { Readability } from "@mozilla/readability";
import type { Root } from "hast";
import { fromDom } from "hast-util-from-dom";
import { parseHTML } from "linkedom";
import type { Landmarks } from "../draft/landmarks";
import { TAG, UNENDED } from "../draft/tags";

/** A page with more elements than this is no page to read; the caller's own reading is used. */
const MOST_ELEMENTS = 20_000;
const MOST_CHARACTERS = 3_000_000;

/** The extractor's time grows with the third power of the depth; real pages stay far below this. */
const MOST_DEPTH = 60;

/**
 * @param landmarks of the same page, by which it is seen beforehand whether the extractor can stand it
 * @returns the content, or null where the extractor finds none or cannot stand the page
 */
export function extracted(html: string, landmarks: Landmarks): Root | null {
  if (!html.trim() || html.length > MOST_CHARACTERS || !isBearable(landmarks) || nesting(html) > MOST_DEPTH)
    return null;
  try {
    const { document } = parseHTML(/<html[\s>]/i.test(html) ? html : `<html><body>${html}</body></html>`);
    const article = new Readability<Parameters<typeof fromDom>[0]>(document, {
      maxElemsToParse: MOST_ELEMENTS,
      charThreshold: 200,
      // What was parsed once need not be written out and parsed again.
      serializer: (element) => element,
    }).parse();
    return article?.content ? asRoot(fromDom(article.content)) : null;
  } catch {
    // Nested too deep, too large, or markup that its document model cannot hold.
    return null;
  }
}

/** The extractor's own element is none of the page's. */
const asRoot = (node: ReturnType<typeof fromDom>): Root => ({
  type: "root",
  children: "children" in node ? node.children : [],
});

/** How deep the source nests: the tree of a page that no parser could hold says nothing of it. */
function nesting(html: string): number {
  let depth = 0;
  let deepest = 0;
  for (const [, ends, name, closed] of html.matchAll(TAG)) {
    if (closed || UNENDED.has(name!.toLowerCase())) continue;
    depth = Math.max(0, depth + (ends ? -1 : 1));
    deepest = Math.max(deepest, depth);
  }
  return deepest;
}

const isBearable = ({ count, depth }: Landmarks): boolean => depth <= MOST_DEPTH && count < MOST_ELEMENTS;
