import Papa from "papaparse";
import type { KeywordRow } from "../keyword";
import { isDated, monthBefore } from "../seasonality";
import type { RejectedRow } from "./readKeywords";

/** Cells that a spreadsheet would run as a formula get a quote in front (OWASP, "CSV Injection"). */
const SAFE = { escapeFormulae: true, newline: "\r\n" } as const;

/** What an export says beyond the row. */
export interface ExportedKeyword extends KeywordRow {
  opportunity?: number | null;
  lists?: readonly string[];
  note?: string;
}

/**
 * Keywords as CSV (RFC 4180) with a header, unknown numbers empty. Months have columns of their own where any row has
 * them, named by year and month where all rows end in the same one.
 */
export function writeKeywordCsv(rows: readonly ExportedKeyword[]): string {
  const withMonths = rows.filter(({ months }) => months.length === 12);
  const ends = new Set(withMonths.map(({ lastMonth }) => lastMonth ?? ""));
  const end = ends.size === 1 ? [...ends][0]! : "";
  const months = withMonths.length
    ? Array.from({ length: 12 }, (_, i) => (isDated(end) ? monthBefore(end, 11 - i) : `Month ${i + 1}`))
    : [];
  return Papa.unparse(
    {
      fields: [
        "Keyword",
        "Searches",
        "Difficulty",
        "Intent",
        "Cost per click",
        "Opportunity",
        "Lists",
        "Note",
        "Figures",
        ...months,
      ],
      data: rows.map((row) => [
        row.text,
        row.searches,
        row.difficulty,
        row.intent,
        row.costPerClick,
        row.opportunity === null || row.opportunity === undefined ? null : Math.round(row.opportunity),
        (row.lists ?? []).join("; "),
        row.note ?? "",
        row.standIn ? "stand-in" : "",
        ...months.map((_, i) => row.months[i] ?? null),
      ]),
    },
    SAFE,
  );
}

/** Rejected rows as CSV: line, reason, and the row's own cells. */
export function writeRejectedCsv(rejected: readonly RejectedRow[]): string {
  const width = rejected.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  return Papa.unparse(
    {
      fields: ["Line", "Reason", ...Array.from({ length: width }, (_, i) => `Cell ${i + 1}`)],
      data: rejected.map(({ line, reason, cells }) => [line, reason, ...cells]),
    },
    SAFE,
  );
}
