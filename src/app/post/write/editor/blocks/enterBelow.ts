import type { KeyboardShortcutCommand } from "@tiptap/core";

/** Keys of a block that is one line of text: Enter goes on below it. @param name of the node */
export const enterBelow = (name: string): Record<string, KeyboardShortcutCommand> => ({
  Enter: ({ editor }) => {
    const { $from } = editor.state.selection;
    if ($from.parent.type.name !== name) return false;
    return editor
      .chain()
      .insertContentAt($from.after(), { type: "paragraph" })
      .setTextSelection($from.after() + 1)
      .run();
  },
});
