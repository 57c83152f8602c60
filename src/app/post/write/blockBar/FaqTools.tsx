import type { Editor } from "@tiptap/core";
import { Act } from "./parts";

export const FaqTools = ({ editor }: { editor: Editor }) => (
  <>
    <Act onClick={() => editor.chain().focus().keyboardShortcut("Mod-Enter").run()}>Add a question</Act>
    <span className="text-ink-2">
      Ctrl Enter adds one from the keyboard; Backspace takes an empty one out.
    </span>
  </>
);
