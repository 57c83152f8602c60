import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import { Act, Choice } from "./parts";

const KINDS = [
  ["quote", "quote"],
  ["pull", "pull quote"],
] as const;

export function QuoteTools({ editor }: { editor: Editor }) {
  const pull = useEditorState({
    editor,
    selector: ({ editor: e }) => e.getAttributes("blockquote").pull === true,
  });
  return (
    <>
      <Choice
        label="Kind"
        options={KINDS}
        value={pull ? "pull" : "quote"}
        onChange={(kind) =>
          editor
            .chain()
            .focus()
            .updateAttributes("blockquote", { pull: kind === "pull" })
            .run()
        }
      />
      <Act onClick={() => editor.chain().focus().lift("blockquote").run()}>Back to text</Act>
    </>
  );
}
