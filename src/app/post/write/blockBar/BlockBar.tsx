/** The second line of the sheet's top edge: what can be done with the block that the cursor stands in. */
import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import { BLOCK_TOOLS } from "./blockTools";

export function BlockBar({ editor }: { editor: Editor }) {
  const active = useEditorState({
    editor,
    selector: ({ editor: e }) => BLOCK_TOOLS.findIndex(({ type }) => e.isActive(type)),
  });
  const tools = BLOCK_TOOLS[active];
  if (!tools || !editor.isEditable) return null;
  const { name, Tools } = tools;
  return (
    <section
      aria-label={`${name} tools`}
      className="flex min-h-8 flex-wrap items-center gap-x-1 border-t border-rule px-3 text-[13px]"
    >
      <span className="mr-2 font-semibold text-ink-2">{name}</span>
      <Tools editor={editor} />
    </section>
  );
}
