import { type Editor, Node } from "@tiptap/core";
import { NotebookPen } from "lucide-react";
import { Act } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

/** A box beside the run of the text: a hint, a warning, a definition. */
const Note = Node.create({
  name: "note",
  group: "block",
  content: "(paragraph | bulletList | orderedList)+",
  defining: true,

  renderHTML() {
    return ["div", { "data-block": "note", role: "note" }, 0];
  },
});

const NoteTools = ({ editor }: { editor: Editor }) => (
  <Act onClick={() => editor.chain().focus().lift("note").run()}>Back to text</Act>
);

export const note: EditorBlock = {
  extensions: [Note],
  tools: { type: "note", name: "Note box", Tools: NoteTools },
  inserts: [
    {
      name: "Note box",
      icon: NotebookPen,
      run: (e) => insertBlock(e, { type: "note", content: [{ type: "paragraph" }] }),
    },
  ],
};
