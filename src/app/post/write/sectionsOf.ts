import type { Node } from "@tiptap/pm/model";
import { perObject } from "../../../core/once";
import { countWords } from "../../../core/text/words";

/** A section of the text: from one heading to the next, or what stands before the first. */
export interface Section {
  heading: string;
  level: number;
  words: number;
  /** Position of its first node in the document, and that node's place among the others. */
  pos: number;
  at: number;
}

/** Nodes never change in place: of a long text, a key makes one to count, or to read. */
const wordsIn = perObject((node: Node) => countWords(node.textBetween(0, node.content.size, " ", " ")));
const textOf = perObject((node: Node) => node.textContent);

export function sectionsOf(doc: Node): Section[] {
  const sections: Section[] = [{ heading: "", level: 2, words: 0, pos: 0, at: 0 }];
  doc.forEach((node, pos, at) => {
    if (node.type.name === "heading")
      sections.push({ heading: textOf(node), level: Number(node.attrs.level), words: 0, pos, at });
    else if (node.type.name !== "codeBlock") sections.at(-1)!.words += wordsIn(node);
  });
  return sections.filter(({ heading, words }, i) => i > 0 || words > 0 || heading);
}

/** The place of the section that a position is in; -1 before the first. Halved, since it is asked with every key. */
export function sectionAt(sections: readonly Section[], pos: number): number {
  let from = 0;
  let to = sections.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (sections[middle]!.pos <= pos) from = middle + 1;
    else to = middle;
  }
  return from - 1;
}
