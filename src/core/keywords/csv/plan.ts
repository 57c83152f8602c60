import { type ColumnRole, guessColumns, guessHeader } from "./columns";
import { type Decimal, guessDecimal } from "./numbers";
import { type CsvRecord, firstRecords, guessSeparator, type Separator } from "./records";

/** How a table file is to be read. Guessed first, then shown and corrected. */
export interface CsvPlan {
  separator: Separator;
  /** Place of the header among the records, from 0; null where there is none. What stands before it is left out. */
  header: number | null;
  columns: ColumnRole[];
  decimal: Decimal;
}

const SAMPLED = 400;

/** A plan for a text, by its first records. What is already decided is kept, and the rest guessed with it. */
export function guessPlan(
  text: string,
  decided: Partial<CsvPlan> = {},
): { plan: CsvPlan; head: CsvRecord[] } {
  const separator = decided.separator ?? guessSeparator(text);
  return guessTablePlan(firstRecords(text, separator, SAMPLED), { ...decided, separator });
}

/** The same for records that come from elsewhere, such as a workbook. */
export function guessTablePlan(
  records: readonly CsvRecord[],
  decided: Partial<CsvPlan> = {},
): { plan: CsvPlan; head: CsvRecord[] } {
  const head = records.slice(0, SAMPLED);
  const header = decided.header === undefined ? guessHeader(head) : decided.header;
  const columns = decided.columns ?? guessColumns(head, header);
  const numeric = head
    .slice(header === null ? 0 : header + 1)
    .flatMap(({ cells, fault }) =>
      fault
        ? []
        : cells.filter(
            (_, c) => columns[c] !== "keyword" && columns[c] !== "ignore" && columns[c] !== "trend",
          ),
    );
  const decimal = decided.decimal ?? guessDecimal(numeric);
  return { plan: { separator: decided.separator ?? ",", header, columns, decimal }, head };
}
