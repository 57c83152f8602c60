import type { Editor } from "@tiptap/core";
import { Act } from "./parts";

export const NoteTools = ({ editor }: { editor: Editor }) => (
  <Act onClick={() => editor.chain().focus().lift("note").run()}>Back to text</Act>
);
