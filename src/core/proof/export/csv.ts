import { writeCsv } from "../../csv/writeCsv";
import type { Out } from "./reported";

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
  return `\uFEFF${writeCsv(fields, data)}\r\n`;
}
