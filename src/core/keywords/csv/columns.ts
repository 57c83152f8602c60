import { once } from "../../once";
import { foldPlain } from "../../text/fold";
import { readNumber } from "./numbers";
import type { CsvRecord } from "./records";

/** What a column of the file holds. */
export const COLUMN_ROLES = [
  "keyword",
  "searches",
  "difficulty",
  "intent",
  "costPerClick",
  "trend",
  "month",
  "ignore",
] as const;
export type ColumnRole = (typeof COLUMN_ROLES)[number];

/** Header names by role, folded, in the languages that tools come in. The first role that fits takes the column. */
const NAMES: [ColumnRole, RegExp][] = [
  [
    "difficulty",
    /difficult|\bkd\b|schwierigkeit|difficulte|dificultad|moeilijkheid|difficolta|dificuldade|competition|wettbewerb|konkurrenz|konkurrencia|concurrence|competencia|competitividad|concurrentie|concurrenza|competitivita|concorrencia|competicao/,
  ],
  [
    "costPerClick",
    /\bcpc\b|cost per click|\bbid\b|klickpreis|cout par clic|coste por clic|kosten per klik|costo per clic|custo por clique/,
  ],
  ["intent", /\bintent/],
  ["trend", /\btrend|history|verlauf|tendance|tendencia|andamento|by month/],
  [
    "searches",
    /searches|search volume|\bvolume\b|\bvolumen\b|\bsv\b|suchvolumen|zoekvolume|recherches mensuelles|busquedas|ricerche|buscas|monthly average|suchanfragen pro monat/,
  ],
  [
    "keyword",
    /^(?:.* )?(?:keywords?|key phrases?|keyphrases?|search terms?|quer(?:y|ies)|phrases?|suchbegriffe?|suchanfragen?|schlusselw[oe]+rter|mots? cles?|requetes?|palabras? claves?|zoekwoord(?:en)?|zoekterm(?:en)?|parol[ae] chiave|palavras? chaves?|terms?)$/,
  ],
];
const HEADER_LOOKED_AT = 25;
const SAMPLED = 200;

/** The name of a month in a header: "Jan 2026", "2026-01", "searches: 01/2026", "month 3". */
export interface MonthName {
  /** "YYYY-MM", or empty where the year is not said. */
  month: string;
  /** For ordering: later ones are larger. */
  order: number;
}

export function monthOfHeader(header: string): MonthName | null {
  const text = foldPlain(header).replace(/^(?:searches|search volume|volume|suchvolumen)\s+/, "");
  let m = /^(\d{4}) (\d{1,2})(?: \d{1,2})?$/.exec(text);
  if (m) return dated(Number(m[1]), Number(m[2]));
  m = /^(?:\d{1,2} )?(\d{1,2}) (\d{4})$/.exec(text);
  if (m) return dated(Number(m[2]), Number(m[1]));
  m = /^(?:month|monat|mois|mes|mese|maand|m) ?(\d{1,2})$/.exec(text);
  if (m) return { month: "", order: Number(m[1]) };
  m = /^(\p{L}+) ?(\d{2}|\d{4})?$/u.exec(text) ?? /^(?:(\d{4}) )?(\p{L}+)$/u.exec(text);
  const name = m?.find((part, i) => i > 0 && part !== undefined && /^\p{L}/u.test(part));
  const month = name === undefined ? undefined : monthNames().get(name);
  if (!month) return null;
  const year = m!.find((part, i) => i > 0 && part !== undefined && /^\d/.test(part));
  if (!year) return { month: "", order: month };
  return dated(Number(year.length === 2 ? `20${year}` : year), month);
}

function dated(year: number, month: number): MonthName | null {
  if (month < 1 || month > 12 || year < 1990 || year > 2200) return null;
  return { month: `${year}-${String(month).padStart(2, "0")}`, order: year * 12 + month };
}

/** Month names, long and short, of the languages that headers come in. */
const monthNames = once((): ReadonlyMap<string, number> => {
  const names = new Map<string, number>();
  for (const language of ["en", "de", "fr", "es", "it", "nl", "pt"]) {
    for (const month of ["long", "short"] as const) {
      const format = new Intl.DateTimeFormat(language, { month, timeZone: "UTC" });
      for (let i = 0; i < 12; i++) {
        const name = foldPlain(format.format(Date.UTC(2026, i, 15)));
        if (!names.has(name)) names.set(name, i + 1);
      }
    }
  }
  names.set("sept", 9);
  return names;
});

function roleOfHeader(header: string): ColumnRole {
  const text = foldPlain(header);
  if (!text) return "ignore";
  if (monthOfHeader(header)) return "month";
  return NAMES.find(([, pattern]) => pattern.test(text))?.[0] ?? "ignore";
}

/** The header: the first row that names columns, a keyword's or at least two others; null where the file begins with its data. */
export function guessHeader(records: readonly CsvRecord[]): number | null {
  for (let i = 0; i < Math.min(records.length, HEADER_LOOKED_AT); i++) {
    const roles = records[i]!.cells.map(roleOfHeader);
    const named = new Set(roles.filter((role) => role !== "ignore"));
    if (named.size > 1) return i;
    // A title above the table is one cell; a lone header is all that the rows have too.
    const width = records[i + 1]?.cells.length ?? 1;
    if (named.has("keyword") && records[i]!.cells.length === width) return i;
  }
  return null;
}

/** What each column holds, by its header and, where that does not say, by its cells. No role but "month" is given twice. */
export function guessColumns(records: readonly CsvRecord[], header: number | null): ColumnRole[] {
  const rows = records.slice(header === null ? 0 : header + 1, SAMPLED).filter(({ fault }) => !fault);
  const width = Math.max(records[header ?? -1]?.cells.length ?? 0, usualWidth(rows));
  const roles: ColumnRole[] = [];
  const given = new Set<ColumnRole>();
  for (let c = 0; c < width; c++) {
    const named = header === null ? "ignore" : roleOfHeader(records[header]!.cells[c] ?? "");
    const cells = rows.map((row) => row.cells[c]?.trim() ?? "").filter(Boolean);
    const free = named === "month" || !given.has(named);
    roles[c] = named !== "ignore" && free && fits(named, cells) ? named : "ignore";
    if (roles[c] !== "month") given.add(roles[c]!);
  }
  if (!given.has("keyword")) {
    const best = roles
      .map((role, c) => ({ c, score: role === "ignore" ? 0 : -1 }))
      .filter(({ score }) => score >= 0)
      .map(({ c }) => ({ c, score: rows.filter((row) => /\p{L}{2}/u.test(row.cells[c] ?? "")).length }))
      .sort((a, b) => b.score - a.score || a.c - b.c)[0];
    if (best && best.score > 0) roles[best.c] = "keyword";
  }
  if (header === null && !given.has("searches")) {
    // Without names, the numbers with the largest sum are the searches.
    const best = roles
      .map((role, c) => ({ c, role, sum: sumOf(rows.map((row) => row.cells[c] ?? "")) }))
      .filter(({ role, sum }) => role === "ignore" && sum > 0)
      .sort((a, b) => b.sum - a.sum)[0];
    if (best) roles[best.c] = "searches";
    const trend = roles.findIndex(
      (role, c) => role === "ignore" && rows.some((row) => trendOf(row.cells[c] ?? "")?.length === 12),
    );
    if (trend >= 0) roles[trend] = "trend";
  }
  return roles;
}

/** The commonest number of cells: one row with a separator too many makes no column. */
function usualWidth(rows: readonly CsvRecord[]): number {
  const counts = new Map<number, number>();
  for (const { cells } of rows) counts.set(cells.length, (counts.get(cells.length) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0;
}

/** Whether the cells of a column can be what its header says. */
function fits(role: ColumnRole, cells: readonly string[]): boolean {
  if (!cells.length) return true;
  if (role === "trend") return cells.some((cell) => trendOf(cell) !== null);
  if (role === "difficulty" || role === "searches" || role === "costPerClick" || role === "month")
    return cells.some(
      (cell) =>
        readNumber(cell, ".", false) !== "unreadable" || readNumber(cell, ",", false) !== "unreadable",
    );
  return true;
}

function sumOf(cells: readonly string[]): number {
  let sum = 0;
  for (const cell of cells) {
    const value = readNumber(cell, ".", true);
    if (value === "unreadable") return 0;
    sum += value ?? 0;
  }
  return sum;
}

/** The numbers of one cell: "12,14,…", "12;14", "[0.5, 1]", "12 | 14"; null where it is no such list. */
export function trendOf(cell: string): number[] | null {
  const whole = wholeNumbers(cell);
  if (whole) return whole;
  const bare = cell.trim().replace(/^[[({]|[\])}]$/g, "");
  if (!/^[\d.,;|\s]+$/.test(bare)) return null;
  const by = bare.includes("|") ? "|" : bare.includes(";") ? ";" : bare.includes(",") ? "," : /\s+/;
  const numbers = bare
    .split(by)
    .map((part) => (part.trim() ? Number(part.trim().replace(",", ".")) : Number.NaN));
  return numbers.length > 1 && numbers.every(Number.isFinite) ? numbers : null;
}

/** The commonest spelling, "12,14,9", read digit by digit: a large file has millions of these. */
function wholeNumbers(cell: string): number[] | null {
  let count = 0;
  let value = -1;
  for (let i = 0; i < cell.length; i++) {
    const digit = cell.charCodeAt(i) - 48;
    if (digit >= 0 && digit <= 9) value = (value < 0 ? 0 : value) * 10 + digit;
    else if (digit === -4 && value >= 0 && count < scratch.length) {
      scratch[count++] = value;
      value = -1;
    } else return null;
  }
  if (value < 0 || !count || count === scratch.length) return null;
  scratch[count++] = value;
  return scratch.slice(0, count);
}
/** Room for one cell's numbers, so that each list is made at its size. */
const scratch: number[] = new Array(60).fill(0);
