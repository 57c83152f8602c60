import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { figuresApart, MOST_EVIDENCE, number, percents, placesIn } from "./evidence";

describe("numbers as findings say them", () => {
  const written = new Intl.NumberFormat("en");

  test.each([
    [0, "0"],
    [999, "999"],
    [1000, "1,000"],
    [2505, "2,505"],
    [40_007, "40,007"],
    [999_999, "999,999"],
    [1_000_000, "1,000,000"],
    [-1200, "-1,200"],
    [-0, "-0"],
    [0.004, "0.004"],
    [1234.5, "1,234.5"],
  ])("%d reads “%s”", (n, shown) => {
    expect(number(n)).toBe(shown);
  });

  test("whole numbers written out read as the standard library writes them", () => {
    fc.assert(
      fc.property(fc.integer({ min: -2_000_000, max: 2_000_000 }), (n) => {
        expect(number(n)).toBe(written.format(n));
      }),
    );
  });
});

describe("numbers side by side", () => {
  test.each<[string, number[], number, string[]]>([
    ["differ in the digits asked for", [42, 50, 80], 0, ["42", "50", "80"]],
    ["differ behind them", [0.42, 0.4], 0, ["0.42", "0.40"]],
    ["are the same", [0.4, 0.4], 1, ["0.4", "0.4"]],
    ["are two alike and one that differs", [0.4, 0.42, 0.4], 1, ["0.40", "0.42", "0.40"]],
    ["differ by less than is ever shown", [1, 1.000001], 0, ["1.0000", "1.0000"]],
    ["are negative", [-1.4, -1.2], 0, ["−1.4", "−1.2"]],
    ["are none", [], 1, []],
  ])("that %s", (_, values, digits, shown) => {
    expect(figuresApart(values, digits)).toEqual(shown);
  });

  test("shares have as many digits as tell them apart", () => {
    expect(percents([0.0042, 0.004, 0.02], 1)).toEqual(["0.42 %", "0.40 %", "2.00 %"]);
  });

  test("two that differ read alike only where four digits do not tell them apart", () => {
    const value = fc.double({ min: -100, max: 100, noNaN: true });
    fc.assert(
      fc.property(value, value, (a, b) => {
        const [one, other] = figuresApart([a, b]);
        expect(one === other).toBe(a === b || a.toFixed(4) === b.toFixed(4));
      }),
    );
  });
});

describe("places counted in stretches", () => {
  const place = (block: number) => ({ quote: "a", block, start: 0, end: 1 });
  const counts = [{ places: [place(0), place(1)] }, { places: [] }, { places: [place(2)] }];

  test("come in order", () => {
    expect(placesIn(counts).map(({ block }) => block)).toEqual([0, 1, 2]);
  });

  test.each([0, 1, 2, 3, 9])("at most %d", (most) => {
    expect(placesIn(counts, most)).toHaveLength(Math.min(most, 3));
  });

  test("as many as a person looks at, where nothing else is said", () => {
    const many = [{ places: Array.from({ length: 3 * MOST_EVIDENCE }, (_, i) => place(i)) }];
    expect(placesIn(many)).toHaveLength(MOST_EVIDENCE);
  });
});
