import Papa from "papaparse";

/** One record of a table file, with the line of the file that it begins on, from 1. */
export interface CsvRecord {
  cells: string[];
  line: number;
  /** Why it cannot be trusted; its cells are then the line as it stands. */
  fault?: string;
}

export const SEPARATORS = [",", ";", "\t", "|"] as const;
export type Separator = (typeof SEPARATORS)[number];

/** As many broken lines are fixed one by one; a file with more has stray quotes as a habit. */
const MOST_MENDED = 40;
/** Characters read at a time, and the longest that a cell of several lines may be. */
const CHUNK = 1 << 16;
const LONGEST_CELL = 1 << 20;
/** Characters in which the first records are looked for before the whole text is. */
const HEAD = 1 << 18;
const BROKEN = "Its quotes are broken: one is opened and not closed, or closed in the middle of a cell.";

/** The separator of a text, by how evenly each parts its first lines. */
export function guessSeparator(text: string): Separator {
  // Some spreadsheets say it in a line of its own.
  const said = SEPARATORS.find((separator) => new RegExp(`^"?sep=\\${separator}"?\\s`).test(text));
  if (said) return said;
  const head = headOf(text, 60);
  let best: Separator = ",";
  let bestScore = 0;
  for (const separator of SEPARATORS) {
    const widths = Papa.parse(head, { delimiter: separator }).data.map((cells) => cells.length);
    const counts = new Map<number, number>();
    for (const width of widths) if (width > 1) counts.set(width, (counts.get(width) ?? 0) + 1);
    // Rows of one width count, wider ones a little more, so that "1,9" does not beat the separator around it.
    for (const [width, n] of counts) {
      const score = n * (1 + width / 100);
      if (score > bestScore) {
        best = separator;
        bestScore = score;
      }
    }
  }
  return best;
}

/**
 * Cuts a text into records (RFC 4180, with any separator and any line break), one after the other, so that a large file
 * is never held in pieces. A line whose quotes are broken becomes a record with a fault, and reading goes on with the
 * next line, so that one stray quote never swallows the rest.
 */
export function* csvRecords(source: string, separator: Separator): Generator<CsvRecord, void, undefined> {
  // Files that were put together have more than one kind of line break.
  const text = source.includes("\r") ? source.replace(/\r\n?/g, "\n") : source;
  const newline = "\n";
  const end = text.endsWith(newline) ? text.length - newline.length : text.length;
  let line = 1;
  let fixed = 0;
  let span = CHUNK;
  for (let at = 0; at < end || (at === 0 && end > 0); ) {
    const to = endOfLine(text, newline, at + span, end);
    const literal = fixed >= MOST_MENDED;
    const piece = text.slice(at, to);
    const { data, errors } = Papa.parse(piece, {
      delimiter: separator,
      newline,
      ...(literal && { quoteChar: "\u0000" }),
    });
    const broken = literal ? undefined : errors.find(({ type }) => type === "Quotes")?.row;
    if (broken !== undefined && to < end && span < LONGEST_CELL) {
      // A cell of several lines may only have been cut by the end of the piece.
      span *= 4;
      continue;
    }
    span = CHUNK;
    const whole = broken ?? data.length;
    // Where there are as many records as lines, no cell has several.
    const oneLined = broken === undefined && countOf(piece, newline) === data.length - 1;
    let lines = 0;
    for (let r = 0; r < whole; r++) {
      const cells = data[r]!;
      yield { cells, line: line + lines };
      lines++;
      if (!oneLined) for (const cell of cells) lines += countOf(cell, newline);
    }
    line += lines;
    if (broken === undefined) {
      at = to + newline.length;
      continue;
    }
    while (lines-- > 0) at = text.indexOf(newline, at) + newline.length;
    const stop = endOfLine(text, newline, at, end);
    yield { cells: [text.slice(at, stop)], line, fault: BROKEN };
    line++;
    fixed++;
    at = stop + newline.length;
  }
}

/** The first records of a text. */
export function firstRecords(text: string, separator: Separator, most: number): CsvRecord[] {
  if (text.length > HEAD) {
    // The last of a head may have been cut; one before it has not.
    const records = upTo(most + 1, csvRecords(text.slice(0, HEAD), separator));
    if (records.length > most && records.every(({ fault }) => !fault)) return records.slice(0, most);
  }
  return upTo(most, csvRecords(text, separator));
}

function upTo(most: number, records: Iterable<CsvRecord>): CsvRecord[] {
  const first: CsvRecord[] = [];
  for (const record of records) {
    first.push(record);
    if (first.length === most) break;
  }
  return first;
}

function endOfLine(text: string, newline: string, from: number, end: number): number {
  const newlineAt = from < end ? text.indexOf(newline, from) : -1;
  return newlineAt < 0 || newlineAt > end ? end : newlineAt;
}

function countOf(text: string, part: string): number {
  let n = 0;
  for (let at = text.indexOf(part); at >= 0; at = text.indexOf(part, at + part.length)) n++;
  return n;
}

function headOf(text: string, lines: number): string {
  let at = 0;
  for (let n = 0; n < lines; n++) {
    const next = /\r\n|\n|\r/g;
    next.lastIndex = at;
    const match = next.exec(text);
    if (!match) return text;
    at = next.lastIndex;
  }
  return text.slice(0, at);
}
