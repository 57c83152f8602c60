/** The main content of a page, by a well-kept extractor over a document that runs nothing and loads nothing. */
import { Readability } from "@mozilla/readability";
import { parseHTML } from "linkedom";

/** A page with more elements than this is no page to read; the caller's own reading is used. */
const MOST_ELEMENTS = 50_000;
const MOST_CHARACTERS = 5_000_000;

/** @returns the content as HTML, or null where the extractor finds none or cannot stand the page */
export function extracted(html: string): string | null {
  if (!html.trim() || html.length > MOST_CHARACTERS) return null;
  try {
    const { document } = parseHTML(/<html[\s>]/i.test(html) ? html : `<html><body>${html}</body></html>`);
    const article = new Readability(document, { maxElemsToParse: MOST_ELEMENTS, charThreshold: 200 }).parse();
    return article?.content?.trim() || null;
  } catch {
    // Nested too deep, too large, or markup that its document model cannot hold.
    return null;
  }
}
