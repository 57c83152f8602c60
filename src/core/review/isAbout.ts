import type { ReviewComment } from "./shapes";

/** Letters by which a block without an id is known again. */
const ENOUGH = 40;
const squeezed = (text: string): string => text.replace(/\s+/g, " ").trim();

/**
 * Is a comment about a block? By its id, wherever it has moved; one that had none when the page was sent is known by how it begins.
 *
 * @param text of the block
 */
export function isAbout(
  { block, quote }: Pick<ReviewComment, "block" | "quote">,
  id: string,
  text: string,
): boolean {
  if (block) return block === id;
  const beginning = squeezed(quote).slice(0, ENOUGH);
  return beginning !== "" && squeezed(text).startsWith(beginning);
}
