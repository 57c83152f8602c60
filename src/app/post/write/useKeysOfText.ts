/** Keys that only write are the text's own: what is around it need not be asked, layer by layer, whether it wants them. */
import type { Editor } from "@tiptap/core";
import { useEffect } from "react";

const WRITING = ["keydown", "keypress", "keyup", "beforeinput", "input", "textInput"];

/** A key that commands, or goes somewhere, is for whoever is around as well. */
const commands = (event: Event): boolean =>
  event instanceof KeyboardEvent &&
  (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey);

/** Ends the way of such events at the text, once the editor has had them. Fields within the text are not meant. */
export function useKeysOfText(editor: Editor | null): void {
  useEffect(() => {
    if (!editor) return;
    const { dom } = editor.view;
    const end = (event: Event) => {
      if (event.target === dom && !commands(event)) event.stopPropagation();
    };
    for (const name of WRITING) dom.addEventListener(name, end);
    return () => {
      for (const name of WRITING) dom.removeEventListener(name, end);
    };
  }, [editor]);
}
