/** Reports as files to take away: one post or many, in each of the formats. */
import type { Out, Reported } from "../../core/proof/export/reported";
import type { Report } from "../../core/proof/report";
import { postAddress } from "../../data/draft";
import type { Post, Site } from "../../data/model";
import { fileNameOf } from "../ui/download";
import { REPORT_FORMATS, type ReportFormat } from "./formats";

export function reportedPost(
  post: Post,
  site: Site,
  report: Report,
  benchmark: Reported["benchmark"],
): Reported {
  return {
    name: post.title || "Untitled post",
    address: postAddress(post, site),
    keyword: post.keyword,
    score: report.score,
    words: report.words,
    minutes: report.minutes,
    benchmark,
    findings: report.findings,
    notes: report.notes,
  };
}

export async function reportFile(out: Out, format: ReportFormat): Promise<{ blob: Blob; name: string }> {
  const { type, writer } = REPORT_FORMATS.find(({ id }) => id === format)!;
  const write = await writer();
  const name = out.reports.length === 1 ? out.reports[0]!.name : `${out.reports.length} posts`;
  return {
    blob: new Blob([write(out)], { type: `${type};charset=utf-8` }),
    name: `proof-${fileNameOf(name)}.${format}`,
  };
}
