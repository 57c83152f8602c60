import { h } from "hastscript";
import { defineBlock } from "../kind";
import { flag, id, LINES } from "../rules";
import type { ContainerBase } from "../shape";

export interface Quote extends ContainerBase {
  type: "quote";
  /** Repeated from the text to be seen, not said anew. */
  pull: boolean;
}

export const quote = defineBlock<never, Quote>({
  nodes: { blockquote: { content: `${LINES}+`, group: "block", attributes: { id, pull: flag } } },
  fromEditor: {
    blockquote({ key, attrs, inside }) {
      const container: Quote = { type: "quote", id: `${key}q`, pull: attrs.pull === true };
      inside(container);
    },
  },
  groupToEditor: {
    quote: ({ pull }, items, { parted, inner }) =>
      parted(inner(items), pull ? { type: "blockquote", attrs: { pull: true } } : { type: "blockquote" }),
  },
  fromHtml: {
    blockquote(node, place, reader) {
      const container: Quote = {
        type: "quote",
        id: reader.fresh("q"),
        pull: node.properties.dataBlock === "pull",
      };
      reader.inside(node, container, place);
    },
  },
  wrapHtml: { quote: ({ pull }) => h("blockquote", pull ? { dataBlock: "pull" } : {}) },
});
