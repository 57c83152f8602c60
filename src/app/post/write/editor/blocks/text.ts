import { ListItem } from "@tiptap/extension-list";
import StarterKit from "@tiptap/starter-kit";
import { Heading2, List, ListOrdered } from "lucide-react";
import type { EditorBlock } from "./block";

const ListItemOfLines = ListItem.extend({ content: "paragraph (paragraph | bulletList | orderedList)*" });

/** Paragraphs, headings, lists, code, dividers and marks, as the editor's own kit has them. */
export const text: EditorBlock = {
  extensions: [
    StarterKit.configure({
      heading: { levels: [1, 2, 3, 4, 5, 6] },
      underline: false,
      link: {
        openOnClick: false,
        autolink: false,
        linkOnPaste: true,
        HTMLAttributes: { rel: null, target: null },
      },
      listItem: false,
      blockquote: false,
      dropcursor: { color: "var(--color-proof)", width: 2 },
      trailingNode: { node: "paragraph" },
    }),
    ListItemOfLines,
  ],
  inserts: [
    {
      name: "Heading",
      icon: Heading2,
      everyday: true,
      run: (e) => e.chain().focus().toggleHeading({ level: 2 }).run(),
    },
    { name: "List", icon: List, everyday: true, run: (e) => e.chain().focus().toggleBulletList().run() },
    {
      name: "Numbered",
      icon: ListOrdered,
      everyday: true,
      run: (e) => e.chain().focus().toggleOrderedList().run(),
    },
  ],
};
