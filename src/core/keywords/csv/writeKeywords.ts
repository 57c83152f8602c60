import { writeCsv } from "../../csv/writeCsv";
import type { KeywordRow } from "../keyword";
import { isDated, monthBefore } from "../seasonality";
import type { RejectedRow } from "./readKeywords";

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
  return writeCsv(
    [
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
    rows.map((row) => [
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
  );
}

/** Rejected rows as CSV: line, reason, and the row's own cells. */
export function writeRejectedCsv(rejected: readonly RejectedRow[]): string {
  const width = rejected.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  return writeCsv(
    ["Line", "Reason", ...Array.from({ length: width }, (_, i) => `Cell ${i + 1}`)],
    rejected.map(({ line, reason, cells }) => [line, reason, ...cells]),
  );
}
