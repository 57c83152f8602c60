/** What a document can hold: the nodes and marks of the editor's schema. core/draft/documentRules says the same as data. */
import { ListItem } from "@tiptap/extension-list";
import { Table, TableCell, TableHeader, TableRow } from "@tiptap/extension-table";
import StarterKit from "@tiptap/starter-kit";
import { BlockIds } from "./blockIds";
import { ButtonBlock } from "./blocks/button";
import { Contents } from "./blocks/contents";
import { Embed } from "./blocks/embed";
import { Faq, FaqPair, FaqQuestion } from "./blocks/faq";
import { Gallery } from "./blocks/gallery";
import { Kept } from "./blocks/kept";
import { Note } from "./blocks/note";
import { PictureNode } from "./blocks/picture";
import { Quote } from "./blocks/quote";

/** Names and nesting here are what core/draft/fromEditor and toEditor know. */
const ListItemOfLines = ListItem.extend({ content: "paragraph (paragraph | bulletList | orderedList)*" });

export const documentExtensions = [
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
  Quote,
  PictureNode,
  Gallery,
  Embed,
  ButtonBlock,
  Note,
  Faq,
  FaqPair,
  FaqQuestion,
  Contents,
  Kept,
  Table.configure({ resizable: false }),
  TableRow,
  TableCell.extend({ content: "paragraph+" }),
  TableHeader.extend({ content: "paragraph+" }),
  BlockIds,
];
