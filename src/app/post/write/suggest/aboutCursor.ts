/** What stands around the cursor, as the apprentice is asked about it. */
import type { Editor } from "@tiptap/core";
import type { OutlineItem } from "../../../../core/outline/outline";

export interface AboutCursor {
  /** Text before it, paragraphs apart. */
  before: string;
  /** Words that are selected; empty for none. */
  selected: string;
  range: { from: number; to: number };
  /** The heading that it stands under; empty for none. */
  heading: string;
  /** What the outline notes for that heading. */
  note: string;
  /** The question of an FAQ that it stands in; empty for none. */
  question: string;
}

export function aboutCursor({ state }: Editor, outline: readonly OutlineItem[]): AboutCursor {
  const { doc, selection } = state;
  const { from, to } = selection;
  let heading = "";
  doc.nodesBetween(0, from, (node, pos) => {
    if (node.type.name === "heading" && pos <= from) heading = node.textContent;
    return node.type.name === "doc";
  });
  const { $from } = selection;
  let question = "";
  for (let depth = $from.depth; depth > 0; depth--) {
    const node = $from.node(depth);
    if (/faq/i.test(node.type.name) && node.firstChild) question = node.firstChild.textContent || question;
  }
  return {
    before: doc.textBetween(0, from, "\n\n", " "),
    selected: selection.empty ? "" : doc.textBetween(from, to, "\n\n", " "),
    range: { from, to },
    heading,
    note: outline.find(({ text }) => text.trim() === heading.trim())?.note ?? "",
    question: question.trim().endsWith("?")
      ? question.trim()
      : heading.trim().endsWith("?")
        ? heading.trim()
        : "",
  };
}
