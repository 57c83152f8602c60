/** A page cut at its headings. */
import type { Block } from "../draft/draft";

export interface Section {
  /** Place of the heading among the blocks. */
  heading: number;
  level: number;
  /** Without its number. */
  text: string;
  /** Blocks of the section, subsections included: [from, to). */
  from: number;
  to: number;
  /** Where in the page it begins, by length of text: 0 start, 1 end. */
  place: number;
}

/** "11.2.1.", "B.4.", "3)", "Chapter 6.": which of the page's headings it is, and nothing of what it says. A number that measures stays: "3.5 mm plugs". */
const NUMBERING =
  /^(?:\p{Lu}(?:\.\d+)+[.)]?|\p{Lu}\p{L}{4,} (?:\d+|\p{Lu})\.|\d+[.)]|\d+(?:\.\d+)+[.)]|\d+(?:\.\d+){2,}|\d+\.\d+(?=\s+\p{Lu}\p{L}{3}))\s+(?=\S)/u;

/** Every heading but first-level ones, with what stands under it up to the next heading of its level or a higher one. */
export function sectionsOf(blocks: readonly Block[]): Section[] {
  const total = blocks.reduce((sum, { text }) => sum + text.length, 0) || 1;
  const sections: Section[] = [];
  let before = 0;
  for (const [i, block] of blocks.entries()) {
    if (block.kind === "heading" && block.level > 1 && block.text) {
      let to = i + 1;
      for (; to < blocks.length; to++) {
        const next = blocks[to]!;
        if (next.kind === "heading" && next.level <= block.level) break;
      }
      sections.push({
        heading: i,
        level: block.level,
        text: block.text.replace(NUMBERING, ""),
        from: i + 1,
        to,
        place: before / total,
      });
    }
    before += block.text.length;
  }
  return sections;
}
