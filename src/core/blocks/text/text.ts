import type { Static } from "../../declare";
import { defineBlock } from "../kind";
import { id } from "../rules";
import { blockShape, type ContainerBase } from "../shape";

/** A line of text; its kind is that of what it stands in. */
const textShape = blockShape(["paragraph", "listItem", "quote", "cell"], {});
export type TextBlock = Static<typeof textShape>;

/** What a stretch of text is by where it stands. */
export function kindIn(within: readonly ContainerBase[]): TextBlock["kind"] {
  switch (within.at(-1)?.type) {
    case "item":
      return "listItem";
    case "quote":
      return "quote";
    case "cell":
      return "cell";
    default:
      return "paragraph";
  }
}

export const text = defineBlock<TextBlock>({
  shapes: [textShape],
  nodes: { paragraph: { content: "inline*", group: "block", attributes: { id } } },
  fromEditor: {
    paragraph({ within, push, text }) {
      const content = text();
      // Empty paragraphs are gaps on the sheet, not text; in a cell they hold the column open.
      if (content.text || within.at(-1)?.type === "cell") push({ kind: kindIn(within), ...content });
    },
  },
  fromHtml: { p: (node, place, reader) => reader.block(node, place) },
  toDocx: {
    quote: ({ runs }) => ({ style: "text", runs, indented: true }),
    listItem: ({ runs }) => ({ style: "text", runs, listed: true }),
  },
});
