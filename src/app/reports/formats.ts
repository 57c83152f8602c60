/** Formats of a proof report, each loaded when it is first asked for. A new one is a writer in core/proof/export and a line here. */
import type { Out } from "../../core/proof/export/reported";

interface ReportFormatFacts {
  /** Ending of its files. */
  id: string;
  name: string;
  type: string;
  writer(): Promise<(out: Out) => string>;
}

const registered = [
  {
    id: "html",
    name: "HTML, to print or share",
    type: "text/html",
    writer: async () => (await import("../../core/proof/export/html")).reportHtml,
  },
  {
    id: "md",
    name: "Markdown",
    type: "text/markdown",
    writer: async () => (await import("../../core/proof/export/markdown")).reportMarkdown,
  },
  {
    id: "json",
    name: "JSON",
    type: "application/json",
    writer: async () => (await import("../../core/proof/export/json")).reportJson,
  },
  {
    id: "csv",
    name: "CSV, for a spreadsheet",
    type: "text/csv",
    writer: async () => (await import("../../core/proof/export/csv")).reportCsv,
  },
] as const satisfies readonly ReportFormatFacts[];

export type ReportFormat = (typeof registered)[number]["id"];
export const REPORT_FORMATS: readonly (ReportFormatFacts & { id: ReportFormat })[] = registered;
