import type { ElementContent } from "hast";
import { h } from "hastscript";
import type { Static } from "../../declare";
import { isHeading } from "../heading/heading";
import { defineBlock } from "../kind";
import { id } from "../rules";
import { blockShape } from "../shape";

/** The place where the page lists its headings. */
const contentsShape = blockShape(["contents"], {});
export type ContentsBlock = Static<typeof contentsShape>;

export const contents = defineBlock<ContentsBlock>({
  shapes: [contentsShape],
  htmlAllowed: { elements: ["nav"] },
  pageStyle: '\nnav [data-level="3"]{margin-inline-start:1.2rem}',
  nodes: { contents: { group: "block", atom: true, attributes: { id } } },
  fromEditor: { contents: ({ push }) => push({ kind: "contents", text: "", runs: [] }) },
  toEditor: { contents: () => [{ type: "contents" }] },
  fromMarkedHtml: {
    contents(node, place, reader) {
      reader.block({ ...node, children: [] }, place);
      reader.push({ kind: "contents", runs: [], text: "", within: place.within });
    },
  },
  toHtml: {
    /** Headings of the second and third level, as links to their places where they have any. */
    contents(_block, { blocks, ids }) {
      const lines = blocks.flatMap((block, i) => {
        if (!isHeading(block) || block.level < 2 || block.level > 3 || !block.text) return [];
        const own = ids?.get(i);
        const line: ElementContent[] = [{ type: "text", value: block.text }];
        return [h("li", { dataLevel: block.level }, own ? [h("a", { href: `#${own}` }, line)] : line)];
      });
      return h("nav", { dataBlock: "contents" }, lines.length ? [h("ul", {}, lines)] : []);
    },
  },
  toDocx: { contents: () => ({ style: "rule" }) },
  words: { contents: () => false },
  links: { contents: () => [] },
});
