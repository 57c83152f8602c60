import type { Editor } from "@tiptap/core";
import { Act, Gap } from "./parts";

export function TableTools({ editor }: { editor: Editor }) {
  const run = () => editor.chain().focus();
  return (
    <>
      <span className="text-ink-2">Row</span>
      <Act onClick={() => run().addRowBefore().run()}>above</Act>
      <Act onClick={() => run().addRowAfter().run()}>below</Act>
      <Act onClick={() => run().deleteRow().run()}>delete</Act>
      <Gap />
      <span className="text-ink-2">Column</span>
      <Act onClick={() => run().addColumnBefore().run()}>left</Act>
      <Act onClick={() => run().addColumnAfter().run()}>right</Act>
      <Act onClick={() => run().deleteColumn().run()}>delete</Act>
      <Gap />
      <Act onClick={() => run().toggleHeaderRow().run()}>Header row</Act>
      <Act onClick={() => run().deleteTable().run()}>Delete table</Act>
    </>
  );
}
