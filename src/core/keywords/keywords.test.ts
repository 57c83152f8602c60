import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { opportunities } from "./opportunity";
import { stemKey } from "./stemKey";

describe("opportunity", () => {
  it("is the rank of the searches times what difficulty leaves", () => {
    const rows = [
      { searches: 10, difficulty: 0 },
      { searches: 100, difficulty: 50 },
      { searches: 1000, difficulty: 20 },
    ];
    expect(opportunities(rows)).toEqual([0, 25, 80]);
  });
  it.each([
    [
      "ties share their rank",
      [
        { searches: 5, difficulty: 0 },
        { searches: 5, difficulty: 0 },
        { searches: 9, difficulty: 0 },
      ],
      [25, 25, 100],
    ],
    [
      "unknown numbers stay unknown, and rank nobody",
      [
        { searches: null, difficulty: 5 },
        { searches: 8, difficulty: null },
        { searches: 9, difficulty: 0 },
      ],
      [null, null, 100],
    ],
    ["one row is the best there is", [{ searches: 1, difficulty: 10 }], [90]],
    ["nothing", [], []],
  ])("%s", (_what, rows, expected) => {
    expect(opportunities(rows)).toEqual(expected);
  });
  it("lies from 0 to 100, and never falls with more searches at one difficulty", () => {
    const row = fc.record({ searches: fc.nat(1e6), difficulty: fc.integer({ min: -5, max: 120 }) });
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 30 }), (rows) => {
        const scores = opportunities(rows);
        for (const [i, a] of rows.entries()) {
          expect(scores[i]! >= 0 && scores[i]! <= 100).toBe(true);
          for (const [j, b] of rows.entries())
            if (a.difficulty === b.difficulty && a.searches <= b.searches)
              expect(scores[i]!).toBeLessThanOrEqual(scores[j]!);
        }
      }),
    );
  });
});

describe("stemKey", () => {
  it.each([
    ["bikes for family", "family bike", true],
    ["e-bike range", "range of e-bikes", true],
    ["cargo bike", "cargo bike hire", false],
    ["the who", "who", false],
  ])("of %j and %j agree: %s", (a, b, same) => {
    expect(stemKey(a, "en") === stemKey(b, "en")).toBe(same);
  });
});
