import { h } from "hastscript";
import type { Static } from "../../declare";
import { defineBlock } from "../kind";
import { id, LINES } from "../rules";
import { containerShape } from "../shape";

/** Lines in a box, beside the course of the text. */
const noteShape = containerShape("note", {});
export type Note = Static<typeof noteShape>;

export const note = defineBlock<never, Note>({
  containers: [noteShape],
  pageStyle: "\n[data-block=note]{border:1px solid #7d8a92;background:#f3f5f4;padding:.7rem 1rem}",
  nodes: { note: { content: `${LINES}+`, group: "block", attributes: { id } } },
  fromEditor: { note: ({ key, inside }) => inside({ type: "note", id: `${key}n` }) },
  groupToEditor: { note: (_container, items, { parted, inner }) => parted(inner(items), { type: "note" }) },
  fromMarkedHtml: {
    note: (node, place, reader) => reader.inside(node, { type: "note", id: reader.fresh("n") }, place),
  },
  wrapHtml: { note: (_container) => h("div", { dataBlock: "note", role: "note" }) },
});
