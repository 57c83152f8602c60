/** The main content of a page, by a well-kept extractor over a document that runs nothing and loads nothing. */
import { Readability } from "@mozilla/readability";
import type { ExtractorElement } from "@mozilla/readability/JSDOMParser.js";
import type { Root } from "hast";
import type { Landmarks } from "../draft/landmarks";
import { domOf, treeOf } from "./extractorDom";

/** A page with more elements than this is no page to read; the caller's own reading is used. */
const MOST_ELEMENTS = 20_000;

/** The extractor's time grows with the third power of the depth; real pages stay far below this. */
const MOST_DEPTH = 60;

/**
 * @param root the page as it was parsed; it is left as it is
 * @param landmarks of the same page, by which it is seen beforehand whether the extractor can stand it
 * @returns the content, or null where the extractor finds none or cannot stand the page
 */
export function extracted(root: Root, { count, depth }: Landmarks): Root | null {
  if (depth > MOST_DEPTH || count >= MOST_ELEMENTS) return null;
  try {
    // The extractor asks for no more of a document than its own model has.
    const document = domOf(root) as unknown as ConstructorParameters<typeof Readability>[0];
    const article = new Readability<ExtractorElement>(document, {
      maxElemsToParse: MOST_ELEMENTS,
      charThreshold: 200,
      // What was parsed once need not be written out and parsed again.
      serializer: (element) => element as unknown as ExtractorElement,
    }).parse();
    return article?.content ? treeOf(article.content) : null;
  } catch {
    // Markup that its document model cannot hold.
    return null;
  }
}
