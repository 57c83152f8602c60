import { h } from "hastscript";
import type { Static } from "../../declare";
import { defineBlock } from "../kind";
import { id } from "../rules";
import { blockShape } from "../shape";

const dividerShape = blockShape(["divider"], {});
export type DividerBlock = Static<typeof dividerShape>;

export const divider = defineBlock<DividerBlock>({
  shapes: [dividerShape],
  nodes: { horizontalRule: { group: "block", attributes: { id } } },
  fromEditor: { horizontalRule: ({ push }) => push({ kind: "divider", text: "", runs: [] }) },
  toEditor: { divider: () => [{ type: "horizontalRule" }] },
  fromHtml: {
    hr(node, place, reader) {
      reader.block({ ...node, children: [] }, place);
      reader.push({ kind: "divider", runs: [], text: "", within: place.within });
    },
  },
  toHtml: { divider: (_block) => h("hr") },
  toDocx: { divider: () => ({ style: "rule" }) },
  words: { divider: () => false },
  links: { divider: () => [] },
});
