import type { Report } from "../core/proof/report";
import type { PostScore } from "./model";

/** What lists show of a report: no evidence, no text. */
export function summarise(postId: string, report: Report): Omit<PostScore, "scoredAt"> {
  return {
    postId,
    score: report.score,
    words: report.words,
    minutes: report.minutes,
    findings: report.findings.map(({ evidence: _e, says: _s, place: _p, ...finding }) => finding),
  };
}
