/** A block of the editor: its nodes with how they look and what keys do in them, its tools, and how it is put in. One file a kind. */
import type { AnyExtension, Editor } from "@tiptap/core";
import type { LucideIcon } from "lucide-react";
import type { ComponentType } from "react";

export interface Insert {
  name: string;
  icon: LucideIcon;
  run: (editor: Editor) => void;
  /** Offered beside the text at all times, not behind "More". */
  everyday?: true;
}

export interface EditorBlock {
  /** Nodes of the editor's schema; names and nesting are those of core/blocks. */
  extensions: readonly AnyExtension[];
  /** What can be done with it while the cursor stands in it. */
  tools?: {
    /** Node that the cursor stands in. */
    type: string;
    name: string;
    Tools: ComponentType<{ editor: Editor }>;
  };
  inserts?: readonly Insert[];
}
