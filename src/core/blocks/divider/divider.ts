import { h } from "hastscript";
import { defineBlock } from "../kind";
import { id } from "../rules";
import type { BlockBase } from "../shape";

export interface DividerBlock extends BlockBase {
  kind: "divider";
}

export const divider = defineBlock<DividerBlock>({
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
