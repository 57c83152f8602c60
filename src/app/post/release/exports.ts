/** Files that a post is exported as, each written when it is asked for. A new one is a writer and a line here. */
import { FileCode2, FileText, type LucideIcon } from "lucide-react";
import type { PostSession } from "../../store/postSession";
import type { AppThunk } from "../../store/thunk";
import type { ExportedFile, ExportOptions } from "./exportPost";

export interface ExportFormat {
  id: string;
  name: string;
  icon: LucideIcon;
  writer(): Promise<(session: PostSession, options: ExportOptions) => AppThunk<Promise<ExportedFile>>>;
}

/** The first is the one that most want. */
export const EXPORTS: readonly ExportFormat[] = [
  {
    id: "page",
    name: "HTML page",
    icon: FileCode2,
    writer: async () => (await import("./exportPost")).exportPage,
  },
  {
    id: "markdown",
    name: "Markdown and pictures, zipped",
    icon: FileText,
    writer: async () => (await import("./exportPost")).exportMarkdown,
  },
];
