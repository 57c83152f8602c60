/** Connections to outside services. A new one is a form beside this file, and a line here. */
import type { ComponentType } from "react";
import { BlogConnectionForm } from "./BlogConnectionForm";
import { FilesForm } from "./FilesForm";
import { SearchConnectionForm } from "./SearchConnectionForm";
import { WriterConnectionForm } from "./WriterConnectionForm";

export interface Connection {
  id: string;
  name: string;
  Form: ComponentType;
}

export const CONNECTIONS: readonly Connection[] = [
  { id: "search", name: "Search", Form: SearchConnectionForm },
  { id: "writer", name: "Writer", Form: WriterConnectionForm },
  { id: "blog", name: "Blog", Form: BlogConnectionForm },
  { id: "files", name: "Files", Form: FilesForm },
];
