import fc from "fast-check";
import Papa from "papaparse";
import { expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { writeCsv } from "./writeCsv";

const cellOf = (text: string): string =>
  (Papa.parse(writeCsv(["a"], [[text]]), { newline: "\r\n", delimiter: "," }).data as string[][])[1]![0]!;

it.each([
  "=1+1",
  "+1",
  "-1",
  "@SUM(A1)",
  "\t=1",
  "\r=1",
  "\n=1",
  "=1\n2",
  "+a\r\nb",
  " =1",
  "\u00a0=1",
  "\u200b=1",
  "＝1",
  "－1\n2",
  "\nplain",
])("%j cannot be run by a spreadsheet", (text) => {
  expect(cellOf(text)).toBe(`'${text}`);
});

it.each(["plain", "a=b", "1-2", "", "'=1", "a\n=b", "🚲"])("%j stays as it is", (text) => {
  expect(cellOf(text)).toBe(text);
});

it("gives back every text, and never one that begins like a formula", () => {
  fc.assert(
    fc.property(fc.string({ unit: "binary" }), (text) => {
      const cell = cellOf(text);
      expect(cell === text || cell === `'${text}`).toBe(true);
      expect(/^\s*[=+\-@]/.test(cell)).toBe(false);
    }),
    RUNS,
  );
});

it("keeps numbers, and leaves what is not known empty", () => {
  expect(writeCsv(["a", "b"], [[-5, null]])).toBe("a,b\r\n-5,");
});
