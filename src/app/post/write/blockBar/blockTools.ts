import type { Editor } from "@tiptap/core";
import type { ComponentType } from "react";
import { ButtonTools } from "./ButtonTools";
import { CodeTools } from "./CodeTools";
import { EmbedTools } from "./EmbedTools";
import { FaqTools } from "./FaqTools";
import { GalleryTools } from "./GalleryTools";
import { NoteTools } from "./NoteTools";
import { PictureTools } from "./PictureTools";
import { QuoteTools } from "./QuoteTools";
import { TableTools } from "./TableTools";

export interface BlockTools {
  /** Node of the editor's schema. */
  type: string;
  name: string;
  Tools: ComponentType<{ editor: Editor }>;
}

/** What stands further in comes first: a picture of a gallery shows the gallery's tools, with its own among them. */
export const BLOCK_TOOLS: readonly BlockTools[] = [
  { type: "table", name: "Table", Tools: TableTools },
  { type: "gallery", name: "Gallery", Tools: GalleryTools },
  { type: "picture", name: "Picture", Tools: PictureTools },
  { type: "faq", name: "FAQ", Tools: FaqTools },
  { type: "button", name: "Button", Tools: ButtonTools },
  { type: "embed", name: "Video or audio", Tools: EmbedTools },
  { type: "note", name: "Note box", Tools: NoteTools },
  { type: "blockquote", name: "Quote", Tools: QuoteTools },
  { type: "codeBlock", name: "Code", Tools: CodeTools },
];
