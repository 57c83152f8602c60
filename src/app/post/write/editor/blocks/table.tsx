import type { Editor } from "@tiptap/core";
import { Table, TableCell, TableHeader, TableRow } from "@tiptap/extension-table";
import { Table as TableIcon } from "lucide-react";
import type { EditorNode } from "../../../../../core/blocks/editorJson";
import { Act, Gap } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

/** A table whose first row is its head. */
const emptyTable = (rows: number, columns: number): EditorNode => ({
  type: "table",
  content: Array.from({ length: rows }, (_, row) => ({
    type: "tableRow",
    content: Array.from({ length: columns }, () => ({
      type: row ? "tableCell" : "tableHeader",
      content: [{ type: "paragraph" }],
    })),
  })),
});

function TableTools({ editor }: { editor: Editor }) {
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

export const table: EditorBlock = {
  extensions: [
    Table.configure({ resizable: false }),
    TableRow,
    TableCell.extend({ content: "paragraph+" }),
    TableHeader.extend({ content: "paragraph+" }),
  ],
  tools: { type: "table", name: "Table", Tools: TableTools },
  inserts: [{ name: "Table", icon: TableIcon, everyday: true, run: (e) => insertBlock(e, emptyTable(3, 3)) }],
};
