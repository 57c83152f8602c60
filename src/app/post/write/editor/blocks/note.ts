import { Node } from "@tiptap/core";

/** A box beside the run of the text: a hint, a warning, a definition. */
export const Note = Node.create({
  name: "note",
  group: "block",
  content: "(paragraph | bulletList | orderedList)+",
  defining: true,

  renderHTML() {
    return ["div", { "data-block": "note", role: "note" }, 0];
  },
});
