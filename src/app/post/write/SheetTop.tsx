/** The top edge of the sheet: what can be put in, and undo. */
import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import {
  Code,
  Heading2,
  ImagePlus,
  List,
  ListOrdered,
  type LucideIcon,
  Minus,
  Quote,
  Redo2,
  Table,
  Undo2,
} from "lucide-react";
import { Toolbar } from "radix-ui";
import { type RefObject, useRef } from "react";
import { insertPictures } from "./editor/insertPictures";

const INSERTS: { name: string; icon: LucideIcon; run: (editor: Editor) => void }[] = [
  { name: "Heading", icon: Heading2, run: (e) => e.chain().focus().toggleHeading({ level: 2 }).run() },
  { name: "List", icon: List, run: (e) => e.chain().focus().toggleBulletList().run() },
  { name: "Numbered", icon: ListOrdered, run: (e) => e.chain().focus().toggleOrderedList().run() },
  { name: "Quote", icon: Quote, run: (e) => e.chain().focus().toggleBlockquote().run() },
  {
    name: "Table",
    icon: Table,
    run: (e) => e.chain().focus().insertTable({ rows: 3, cols: 3, withHeaderRow: true }).run(),
  },
  { name: "Code", icon: Code, run: (e) => e.chain().focus().toggleCodeBlock().run() },
  { name: "Divider", icon: Minus, run: (e) => e.chain().focus().setHorizontalRule().run() },
];

interface Props {
  editor: Editor;
  bar: RefObject<HTMLDivElement | null>;
  readOnly: boolean;
}

export function SheetTop({ editor, bar, readOnly }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const { undo, redo } = useEditorState({
    editor,
    selector: ({ editor: e }) => ({ undo: e.can().undo(), redo: e.can().redo() }),
  });
  const tool =
    "inline-flex h-7 items-center gap-1 rounded px-1.5 text-[13px] hover:bg-proof-wash disabled:text-ink-2 disabled:opacity-50";
  return (
    <Toolbar.Root
      ref={bar}
      aria-label="Insert"
      className="sticky top-[188px] z-10 flex min-h-9 flex-wrap items-center gap-0.5 border-b border-rule bg-sheet px-3"
      onKeyDown={(event) => {
        if (event.key === "Escape") editor.commands.focus();
      }}
    >
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        tabIndex={-1}
        aria-label="Picture files"
        className="hidden"
        onChange={(event) => {
          void insertPictures(editor, [...(event.target.files ?? [])]);
          event.target.value = "";
        }}
      />
      <Toolbar.Button
        type="button"
        className={tool}
        disabled={readOnly}
        onClick={() => input.current?.click()}
      >
        <ImagePlus size={15} aria-hidden="true" /> Picture
      </Toolbar.Button>
      {INSERTS.map(({ name, icon: Icon, run }) => (
        <Toolbar.Button
          key={name}
          type="button"
          className={tool}
          disabled={readOnly}
          onClick={() => run(editor)}
        >
          <Icon size={15} aria-hidden="true" /> {name}
        </Toolbar.Button>
      ))}
      <span className="mx-1 h-4 w-px bg-rule" aria-hidden="true" />
      <Toolbar.Button
        type="button"
        className={tool}
        aria-label="Undo"
        title="Undo"
        disabled={!undo || readOnly}
        onClick={() => editor.chain().focus().undo().run()}
      >
        <Undo2 size={15} aria-hidden="true" />
      </Toolbar.Button>
      <Toolbar.Button
        type="button"
        className={tool}
        aria-label="Redo"
        title="Redo"
        disabled={!redo || readOnly}
        onClick={() => editor.chain().focus().redo().run()}
      >
        <Redo2 size={15} aria-hidden="true" />
      </Toolbar.Button>
    </Toolbar.Root>
  );
}
