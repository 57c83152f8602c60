/** Reports as files to take away: one post or many, in each of the formats. */
import { reportCsv } from "../../core/proof/export/csv";
import { reportHtml } from "../../core/proof/export/html";
import { reportJson } from "../../core/proof/export/json";
import { reportMarkdown } from "../../core/proof/export/markdown";
import type { Out, Reported } from "../../core/proof/export/reported";
import type { Report } from "../../core/proof/report";
import { postAddress } from "../../data/draft";
import type { Post, Site } from "../../data/model";
import { fileNameOf } from "../ui/download";

export const REPORT_FORMATS = {
  html: { name: "HTML, to print or share", type: "text/html", write: reportHtml },
  md: { name: "Markdown", type: "text/markdown", write: reportMarkdown },
  json: { name: "JSON", type: "application/json", write: reportJson },
  csv: { name: "CSV, for a spreadsheet", type: "text/csv", write: reportCsv },
} as const;
export type ReportFormat = keyof typeof REPORT_FORMATS;

export function reportedPost(post: Post, site: Site, report: Report, field: Reported["field"]): Reported {
  return {
    name: post.title || "Untitled post",
    address: postAddress(post, site),
    keyword: post.keyword,
    score: report.score,
    words: report.words,
    minutes: report.minutes,
    field,
    findings: report.findings,
    notes: report.notes,
  };
}

export function reportFile(out: Out, format: ReportFormat): { blob: Blob; name: string } {
  const { type, write } = REPORT_FORMATS[format];
  const name = out.reports.length === 1 ? out.reports[0]!.name : `${out.reports.length} posts`;
  return {
    blob: new Blob([write(out)], { type: `${type};charset=utf-8` }),
    name: `proof-${fileNameOf(name)}.${format}`,
  };
}
