import { reportMarkdown } from "../../core/proof/export/markdown";
import { defineFormat } from "./format";
import type { ScoredFile } from "./scored";

/** The answer for a comment on a change, or a page of a wiki. */
export const markdown = defineFormat({
  id: "markdown",
  forPeople: true,
  piece: ({ file, draft, report, competitors }: ScoredFile) => ({
    name: file,
    address: draft.meta.canonical,
    keyword: draft.meta.keyword,
    score: report.score,
    words: report.words,
    minutes: report.minutes,
    benchmark: competitors?.benchmark ?? null,
    findings: report.findings,
    notes: report.notes,
  }),
  write: (reports, profile) =>
    reportMarkdown({ profile, date: new Date().toISOString().slice(0, 10), reports }),
});
