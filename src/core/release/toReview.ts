/** Texts that the application wrote or began and a person has yet to look at: alt texts, headings, what the apprentice suggested. */
import type { Block } from "../draft/draft";

export interface TextToReview {
  text: string;
  kind: "alt text" | "heading" | "text";
  /** Place of its block. */
  block: number;
}

/** Those that still stand as they were written; one that was changed has been reviewed. */
export function textsToReview(blocks: readonly Block[], texts: readonly string[]): TextToReview[] {
  if (!texts.length) return [];
  const ids = new Set(texts);
  return blocks.flatMap((block, at): TextToReview[] => {
    if (block.kind === "picture" && block.alt && ids.has(block.alt))
      return [{ text: block.alt, kind: "alt text", block: at }];
    if (!block.text || !ids.has(block.text)) return [];
    return [{ text: block.text, kind: block.kind === "heading" ? "heading" : "text", block: at }];
  });
}
