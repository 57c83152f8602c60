/** What can be put into the text from the sheet's top edge: the everyday things first, the others behind "More". */
import type { Editor } from "@tiptap/core";
import {
  CircleHelp,
  Code,
  Heading2,
  Link2,
  List,
  ListOrdered,
  ListTree,
  type LucideIcon,
  MessageSquareQuote,
  Minus,
  NotebookPen,
  Play,
  Quote,
  Table,
} from "lucide-react";
import type { EditorNode } from "../../../core/blocks/editorJson";
import { EMPTY_FAQ } from "./editor/blocks/faq";
import { insertBlock, insertDivider } from "./editor/insertBlock";

export interface Insert {
  name: string;
  icon: LucideIcon;
  run: (editor: Editor) => void;
  /** Pressed from the text. */
  keys?: string;
}

const EMPTY = [{ type: "paragraph" }];

/** A table whose first row is its head. */
const emptyTable = (rows: number, columns: number): EditorNode => ({
  type: "table",
  content: Array.from({ length: rows }, (_, row) => ({
    type: "tableRow",
    content: Array.from({ length: columns }, () => ({
      type: row ? "tableCell" : "tableHeader",
      content: EMPTY,
    })),
  })),
});

export const INSERTS: readonly Insert[] = [
  { name: "Heading", icon: Heading2, run: (e) => e.chain().focus().toggleHeading({ level: 2 }).run() },
  { name: "List", icon: List, run: (e) => e.chain().focus().toggleBulletList().run() },
  { name: "Numbered", icon: ListOrdered, run: (e) => e.chain().focus().toggleOrderedList().run() },
  { name: "Quote", icon: Quote, run: (e) => e.chain().focus().toggleBlockquote().run() },
  {
    name: "Table",
    icon: Table,
    run: (e) => insertBlock(e, emptyTable(3, 3)),
  },
  { name: "Divider", icon: Minus, run: insertDivider },
];

export const MORE: readonly Insert[] = [
  {
    name: "Pull quote",
    icon: MessageSquareQuote,
    run: (e) => insertBlock(e, { type: "blockquote", attrs: { pull: true }, content: EMPTY }),
  },
  { name: "Note box", icon: NotebookPen, run: (e) => insertBlock(e, { type: "note", content: EMPTY }) },
  { name: "Questions and answers", icon: CircleHelp, run: (e) => insertBlock(e, EMPTY_FAQ) },
  { name: "Button", icon: Link2, run: (e) => insertBlock(e, { type: "button" }) },
  {
    name: "Video or audio",
    icon: Play,
    run: (e) => insertBlock(e, { type: "embed", attrs: { href: "", label: "" } }),
  },
  { name: "Contents list", icon: ListTree, run: (e) => insertBlock(e, { type: "contents" }) },
  { name: "Code", icon: Code, run: (e) => e.chain().focus().toggleCodeBlock().run() },
];
