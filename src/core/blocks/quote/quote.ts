import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { defineBlock } from "../kind";
import { flag, id, LINES } from "../rules";
import { containerShape } from "../shape";

const quoteShape = containerShape("quote", {
  /** Repeated from the text to be seen, not said anew. */
  pull: is.later(is.flag()),
});
export type Quote = Static<typeof quoteShape>;

export const quote = defineBlock<never, Quote>({
  containers: [quoteShape],
  pageStyle: `
blockquote{margin:1.5rem 0;padding-inline-start:1rem;border-inline-start:3px solid #d3dad8}
[data-block=pull]{border:solid #7d8a92;border-width:1px 0;padding:.5rem 0;font-size:1.25em;text-align:center}`,
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
