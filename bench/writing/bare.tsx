/** The editor alone: the same text, the same blocks, nothing that listens. What a keystroke costs without us. */
import { EditorContent } from "@tiptap/react";
import { createRoot } from "react-dom/client";
import "../../src/app/styles.css";
import { createEditor } from "../../src/app/post/write/editor/createEditor";
import type { Intake } from "../../src/app/post/write/editor/intake";
import type { EditorDoc } from "../../src/core/blocks/editorJson";

/** Nothing comes in here but keys. */
const noIntake: Intake = {
  readPaste: () => Promise.reject(new Error("The bare editor reads no pastes.")),
  keepPicture: () => Promise.reject(new Error("The bare editor keeps no pictures.")),
  keepFile: () => Promise.reject(new Error("The bare editor keeps no files.")),
};

declare global {
  interface Window {
    begin: (doc: EditorDoc) => void;
  }
}

window.begin = (doc) => {
  const editor = createEditor(doc, true, noIntake);
  createRoot(document.getElementById("root")!).render(
    <div className="mx-auto w-[760px] bg-sheet px-10 pt-5">
      <EditorContent editor={editor} />
    </div>,
  );
};
