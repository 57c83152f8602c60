import Papa from "papaparse";
import type { Out } from "./reported";

/** What a spreadsheet takes for a formula; a cell may have several lines. */
const FORMULA = /^[=+\-@\t\r][\s\S]*$/;

/** A row a check and post, as spreadsheets read it (RFC 4180), with a byte order mark so that they read it as UTF-8. */
export function reportCsv({ reports, profile }: Out): string {
  const fields = [
    "post",
    "address",
    "keyword",
    "score",
    "words",
    "group",
    "check",
    "name",
    "state",
    "share",
    "weight",
    "gain",
    "reason",
    "profile",
  ];
  const data = reports.flatMap((report) =>
    report.findings.map((f) => [
      report.name,
      report.address,
      report.keyword,
      Number(report.score.toFixed(2)),
      report.words,
      f.group,
      f.id,
      f.name,
      f.state,
      Number(f.share.toFixed(4)),
      f.weight,
      Number(f.gain.toFixed(2)),
      f.reason,
      `${profile.name}, version ${profile.version}`,
    ]),
  );
  // A cell that begins like a formula would be run by a spreadsheet.
  return `\uFEFF${Papa.unparse({ fields, data }, { newline: "\r\n", escapeFormulae: FORMULA })}\r\n`;
}
