import type { Editor } from "@tiptap/core";
import { useCallback, useSyncExternalStore } from "react";

/** What the editor says, asked with every key: a plain value, so that a key that changes nothing of it costs next to nothing. */
export function useEditorValue<T extends string | number | boolean | null>(
  editor: Editor,
  ask: (editor: Editor) => T,
): T {
  const follow = useCallback(
    (tell: () => void) => {
      editor.on("transaction", tell);
      return () => editor.off("transaction", tell);
    },
    [editor],
  );
  return useSyncExternalStore(follow, () => ask(editor));
}
