import Papa from "papaparse";

/**
 * What a spreadsheet takes for a formula (OWASP, "CSV Injection"): cells that begin with one of its signs, wide ones of other scripts
 * too, behind blanks or not, in however many lines; and those that begin with a tab or an end of line.
 */
const FORMULA = /^(?:[\s\u00a0\u200b\ufeff]*[=+\-@＝＋－＠]|[\t\r\n])[\s\S]*$/;

export type Cell = string | number | null;

/** A table as CSV (RFC 4180). Texts that a spreadsheet would run get a quote in front; numbers stay numbers. */
export const writeCsv = (fields: readonly string[], data: readonly (readonly Cell[])[]): string =>
  Papa.unparse(
    { fields: [...fields], data: data.map((row) => [...row]) },
    { newline: "\r\n", escapeFormulae: FORMULA },
  );
