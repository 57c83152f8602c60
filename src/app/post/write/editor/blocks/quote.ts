import { mergeAttributes } from "@tiptap/core";
import { Blockquote } from "@tiptap/extension-blockquote";

/** A quotation, or a line of the text set apart to be seen. */
export const Quote = Blockquote.extend({
  content: "(paragraph | bulletList | orderedList)+",

  addAttributes() {
    return { pull: { default: false } };
  },

  renderHTML({ node, HTMLAttributes }) {
    return [
      "blockquote",
      mergeAttributes(HTMLAttributes, node.attrs.pull ? { "data-block": "pull" } : {}),
      0,
    ];
  },
});
