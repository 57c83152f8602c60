/** Reading keyword files. A worker of its own, so that a reading that takes too long can be ended. */
import { type CsvPlan, guessPlan, guessTablePlan } from "../core/keywords/csv/plan";
import { type ReadKeywords, readKeywordCsv, readKeywordTable } from "../core/keywords/csv/readKeywords";
import type { CsvRecord } from "../core/keywords/csv/records";
import { writeRejectedCsv } from "../core/keywords/csv/writeKeywords";
import { decode } from "../core/text/decodeText";
import { guessLanguage } from "../core/text/guessLanguage";
import { saveLookUp } from "../data/lookUps";
import type { LookUp } from "../data/model";

export interface TablePreview {
  plan: CsvPlan;
  encoding: string;
  /** A workbook has neither encoding nor separator. */
  workbook: boolean;
  head: CsvRecord[];
  /** What the keywords seem to be written in; null where they do not tell. */
  language: string | null;
}

export type ReadFile = Omit<ReadKeywords, "table">;

const WORKBOOK = [0x50, 0x4b, 0x03, 0x04];
const SHOWN = 30;

export function createTableFileApi() {
  let text = "";
  let encoding = "";
  let records: CsvRecord[] | null = null;
  let read: ReadKeywords | null = null;

  /** Guesses again what has not been decided. */
  function guess(decided: Partial<CsvPlan>): TablePreview {
    const { plan, head } = records ? guessTablePlan(records, decided) : guessPlan(text, decided);
    const keywords = plan.columns.indexOf("keyword");
    const from = plan.header === null ? 0 : plan.header + 1;
    const language = guessLanguage(
      head
        .slice(from)
        .map(({ cells }) => cells[keywords] ?? "")
        .join("\n"),
    );
    return {
      plan,
      encoding,
      workbook: records !== null,
      head: head.slice(0, (plan.header ?? 0) + SHOWN),
      language,
    };
  }

  return {
    /** Takes a file and guesses how to read it. @throws Error where it is no table */
    async take(bytes: Uint8Array, decided: Partial<CsvPlan> = {}, named?: string): Promise<TablePreview> {
      records = null;
      read = null;
      if (WORKBOOK.every((byte, i) => bytes[i] === byte)) {
        const { default: readXlsx } = await import("read-excel-file/web-worker");
        const sheets = await readXlsx(bytes.slice().buffer);
        const rows = (sheets[0]?.data ?? []) as unknown[][];
        records = rows.map((row, i) => ({ cells: row.map(cellText), line: i + 1 }));
        text = "";
        encoding = "";
      } else ({ text, encoding } = decode(bytes, false, named));
      return guess(decided);
    },
    guess,
    read(plan: CsvPlan, onProgress: (line: number) => void): ReadFile {
      read = records ? readKeywordTable(records, plan, onProgress) : readKeywordCsv(text, plan, onProgress);
      const { table: _table, ...counted } = read;
      return { ...counted, rejected: counted.rejected.slice(0, 200), unread: counted.unread.slice(0, 200) };
    },
    lines: (): number => records?.length ?? (text.match(/\n/g)?.length ?? 0) + 1,
    rejectedCsv: (): string => writeRejectedCsv(read?.rejected ?? []),
    /** Keeps what was read as a look-up. */
    async keep(lookUp: LookUp): Promise<LookUp> {
      if (!read) throw new Error("Nothing has been read yet.");
      const { table } = read;
      table.found.fill(undefined);
      const kept = { ...lookUp, count: table.text.length, standIn: table.standIn.some((flag) => flag === 1) };
      await saveLookUp(kept, { table, articles: [] });
      return kept;
    },
  };
}
export type TableFileApi = ReturnType<typeof createTableFileApi>;

function cellText(cell: unknown): string {
  if (cell === null || cell === undefined) return "";
  return cell instanceof Date ? cell.toISOString().slice(0, 10) : String(cell);
}
