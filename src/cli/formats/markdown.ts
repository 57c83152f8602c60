import { reportMarkdown } from "../../core/proof/export/markdown";
import type { Profile } from "../../core/proof/profile";
import type { ScoredFile } from "./scored";

/** The answer for a comment on a change, or a page of a wiki. */
export function asMarkdown(scored: ScoredFile[], profile: Profile): string {
  return reportMarkdown({
    profile,
    date: new Date().toISOString().slice(0, 10),
    reports: scored.map(({ file, draft, report, competitors }) => ({
      name: file,
      address: draft.meta.canonical,
      keyword: draft.meta.keyword,
      score: report.score,
      words: report.words,
      minutes: report.minutes,
      benchmark: competitors?.benchmark ?? null,
      findings: report.findings,
      notes: report.notes,
    })),
  });
}
