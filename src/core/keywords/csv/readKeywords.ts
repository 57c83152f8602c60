import { INTENTS } from "../keyword";
import { identity } from "../list";
import { LONGEST_KEYWORD, normaliseKeyword } from "../normalise";
import { type KeywordTable, type Numbers, TableBuilder } from "../table";
import { type ColumnRole, monthOfHeader, trendOf } from "./columns";
import { readNumber } from "./numbers";
import type { CsvPlan } from "./plan";
import { type CsvRecord, csvRecords } from "./records";

/** A row that was ignored, whole, with why. */
export interface RejectedRow {
  line: number;
  reason: string;
  cells: string[];
}

/** A cell that could not be read; its row was taken with that number unknown. */
export interface UnreadCell {
  line: number;
  column: number;
  cell: string;
}

/** What came of a file. Every record is accounted for: read = rows taken + merged + rejected + blank + above. */
export interface ReadKeywords {
  table: KeywordTable;
  rejected: RejectedRow[];
  unread: UnreadCell[];
  counts: {
    /** Records of the file. */
    read: number;
    taken: number;
    /** Rows of a keyword that an earlier row had. */
    merged: number;
    rejected: number;
    blank: number;
    /** The header and what stands before it. */
    above: number;
  };
  notes: string[];
}

/** Rows between two reports of progress. */
const STEP = 4096;

/**
 * Reads the keywords of a table text.
 *
 * The rule for duplicates: rows whose keywords fold to the same text are one; the first stays, and later ones only give
 * it the numbers that it lacks.
 *
 * @param onProgress called now and then with the line of the file that is being read
 */
export function readKeywordCsv(
  text: string,
  plan: CsvPlan,
  onProgress?: (line: number) => void,
): ReadKeywords {
  return readKeywordTable(csvRecords(text, plan.separator), plan, onProgress);
}

/** The same for records that come from elsewhere, such as a workbook. */
export function readKeywordTable(
  records: Iterable<CsvRecord>,
  plan: CsvPlan,
  onProgress?: (line: number) => void,
): ReadKeywords {
  let columns = plan.header === null ? readColumns([], plan) : null;
  const kept = new Map<string, number>();
  const builder = new TableBuilder();
  const rejected: RejectedRow[] = [];
  const unread: UnreadCell[] = [];
  const counts = { read: 0, taken: 0, merged: 0, rejected: 0, blank: 0, above: 0 };
  for (const record of records) {
    if (counts.read % STEP === 0) onProgress?.(record.line);
    const order = counts.read++;
    if (!columns || (plan.header !== null && order <= plan.header)) {
      if (order === plan.header) columns = readColumns(record.cells, plan);
      counts.above++;
      continue;
    }
    const { cells, line } = record;
    if (!record.fault && isBlank(cells)) {
      counts.blank++;
      continue;
    }
    const text = normaliseKeyword(unescaped(cells[columns.keyword] ?? ""));
    const reason = record.fault ?? faultOf(cells, text, columns);
    if (reason) {
      rejected.push({ line, reason, cells });
      continue;
    }
    const key = identity(text);
    let at = kept.get(key);
    if (at === undefined) {
      at = builder.add(text);
      kept.set(key, at);
    } else counts.merged++;
    builder.fill(at, readNumbers(record, columns, plan, unread));
  }
  const table = builder.finish();
  counts.taken = table.text.length;
  counts.rejected = rejected.length;
  const notes = [scaleDifficulty(table), shapeOnly(table)].filter((note) => note !== null);
  return { table, rejected, unread, counts, notes };
}

function isBlank(cells: readonly string[]): boolean {
  for (const cell of cells) if (cell.trim()) return false;
  return true;
}

interface Columns {
  keyword: number;
  place: Partial<Record<ColumnRole, number>>;
  /** Columns of the last twelve months, oldest first. */
  months: number[];
  lastMonth: string;
  /** Column in which our own exports say that figures are a stand-in's. */
  figures: number;
  width: number;
}

function readColumns(names: readonly string[], { columns }: CsvPlan): Columns {
  const place: Partial<Record<ColumnRole, number>> = {};
  columns.forEach((role, c) => {
    place[role] ??= c;
  });
  const months = columns
    .flatMap((role, column) =>
      role === "month" ? [{ column, name: monthOfHeader(names[column] ?? "") }] : [],
    )
    .map(({ column, name }) => ({ column, month: name?.month ?? "", order: name?.order ?? column }));
  // Bare month names are in the order of the file; a year may begin anywhere.
  if (months.every(({ month }) => month)) months.sort((a, b) => a.order - b.order);
  const last = months.slice(-12);
  return {
    keyword: place.keyword ?? -1,
    place,
    months: last.length === 12 ? last.map(({ column }) => column) : [],
    lastMonth: last.length === 12 ? last[11]!.month : "",
    figures: names.findIndex((name) => /^figures$/i.test(name.trim())),
    width: Math.max(columns.length, names.length),
  };
}

function faultOf(cells: readonly string[], text: string, columns: Columns): string | null {
  if (columns.keyword < 0) return "No column is the keyword's.";
  if (cells.length > columns.width && cells.slice(columns.width).some((cell) => cell.trim()))
    return `It has ${cells.length} cells where the file has ${columns.width} columns: there is a separator inside a cell.`;
  if (columns.keyword >= cells.length) return "It ends before the keyword's column.";
  if (!text) return "Its keyword is empty.";
  if (text.length > LONGEST_KEYWORD)
    return `Its keyword has ${text.length} characters; the most is ${LONGEST_KEYWORD}.`;
  if (text.includes("\uFFFD")) return "Its keyword has characters that could not be decoded.";
  return null;
}

function readNumbers(record: CsvRecord, columns: Columns, plan: CsvPlan, unread: UnreadCell[]): Numbers {
  const { cells } = record;
  const { place } = columns;
  return {
    searches: readCell(record, place.searches, plan, true, unread),
    difficulty: readCell(record, place.difficulty, plan, false, unread, 100),
    costPerClick: readCell(record, place.costPerClick, plan, false, unread),
    intent: place.intent === undefined ? 0 : readIntent(cells[place.intent] ?? ""),
    months: readMonths(record, columns, plan, unread),
    lastMonth: columns.lastMonth,
    standIn: columns.figures >= 0 && cells[columns.figures] === "stand-in",
  };
}

/** @returns NaN where the cell says nothing, or nothing that can be read */
function readCell(
  { cells, line }: CsvRecord,
  column: number | undefined,
  { decimal }: CsvPlan,
  counted: boolean,
  unread: UnreadCell[],
  most = Number.POSITIVE_INFINITY,
): number {
  const cell = column === undefined ? undefined : cells[column];
  if (cell === undefined || cell === "") return Number.NaN;
  const value = readNumber(cell, decimal, counted);
  if (value === null) return Number.NaN;
  if (value === "unreadable" || value > most) {
    unread.push({ line, column: column!, cell });
    return Number.NaN;
  }
  return value;
}

function readMonths(
  { cells, line }: CsvRecord,
  columns: Columns,
  { decimal }: CsvPlan,
  unread: UnreadCell[],
): number[] | null {
  if (columns.months.length) {
    const months: number[] = [];
    for (const column of columns.months) {
      const value = readNumber(cells[column] ?? "", decimal, true);
      if (typeof value !== "number") {
        if (value === "unreadable") unread.push({ line, column, cell: cells[column]! });
        return null;
      }
      months.push(value);
    }
    return months;
  }
  const column = columns.place.trend;
  const cell = column === undefined ? "" : (cells[column] ?? "");
  if (cell === "") return null;
  const trend = trendOf(cell);
  if (!trend || trend.length < 12) {
    if (!cell.trim()) return null;
    unread.push({ line, column: column!, cell });
    return null;
  }
  return trend.length === 12 ? trend : trend.slice(-12);
}

/** Code of an intent by its name or first letter; where a cell names several, of the first. */
function readIntent(cell: string): number {
  if (!cell) return 0;
  const word = cell
    .toLowerCase()
    .trim()
    .split(/[\s,;/|]+/)[0]!;
  return INTENTS.findIndex((intent) => intent === word || (word.length === 1 && intent[0] === word)) + 1;
}

/** The quote that an export puts before what a spreadsheet would run. */
const unescaped = (cell: string): string =>
  cell.startsWith("'") && /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;

/** Some tools give difficulty from 0 to 1. */
function scaleDifficulty({ difficulty }: KeywordTable): string | null {
  let fractions = false;
  for (const value of difficulty) {
    if (value > 1) return null;
    if (value % 1) fractions = true;
  }
  if (!fractions) return null;
  difficulty.forEach((value, i) => {
    difficulty[i] = Math.round(value * 100);
  });
  return "Difficulty goes from 0 to 1 in this file and was read as 0 to 100.";
}

/** Some tools give a trend as shares of its highest month: it then has the shape of the year, whose mean is the searches a month. */
function shapeOnly({ months, searches }: KeywordTable): string | null {
  let fractions = false;
  for (const value of months) {
    if (value > 1) return null;
    if (value % 1) fractions = true;
  }
  if (!fractions) return null;
  for (let row = 0; row < searches.length; row++) {
    const year = months.subarray(row * 12, row * 12 + 12);
    const sum = year.reduce((total, n) => total + n, 0);
    const factor = sum > 0 ? (12 * searches[row]!) / sum : Number.NaN;
    year.forEach((n, m) => {
      year[m] = Math.round(n * factor);
    });
  }
  return "Trends are shares of the highest month in this file; they were scaled so that their mean is the searches a month.";
}
