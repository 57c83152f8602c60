/** Shares along straight lines, and the few that are worth most. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bandShare, fallingShare, oneLess, type Range, rangeShare, total, worthMost } from "./shares";
import { RUNS } from "./testing/runs";

const bounds = fc
  .array(fc.double({ min: 0, max: 1000, noNaN: true }), { minLength: 4, maxLength: 4 })
  .map((four) => four.sort((a, b) => a - b) as [number, number, number, number])
  .filter(([a, b, c, d]) => a < b && c < d);
const anyNumber = fc.double({ min: -10, max: 2000, noNaN: true });

describe("the share of a value in a range", () => {
  it.each<[number, Range, number]>([
    [0, [10, 20, 30, 40], 0],
    [10, [10, 20, 30, 40], 0],
    [15, [10, 20, 30, 40], 0.5],
    [20, [10, 20, 30, 40], 1],
    [30, [10, 20, 30, 40], 1],
    [35, [10, 20, 30, 40], 0.5],
    [40, [10, 20, 30, 40], 0],
    [1e9, [10, 20], 1],
    [12.5, [10, 20], 0.25],
    // A range that begins where it is full: there is no rise.
    [0, [0, 0], 1],
    [1, [1, 1, 1, 1], 1],
    [1.01, [1, 1, 1, 1], 0],
  ])("of %d in %j is %d", (x, range, share) => expect(rangeShare(x, range)).toBeCloseTo(share, 12));

  it("is between 0 and 1, rises up to the band and falls behind it", () => {
    fc.assert(
      fc.property(bounds, anyNumber, anyNumber, (range, one, other) => {
        const [x, y] = one <= other ? [one, other] : [other, one];
        const [at, then] = [rangeShare(x, range), rangeShare(y, range)];
        for (const share of [at, then]) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
        if (y <= range[2]) expect(then).toBeGreaterThanOrEqual(at);
        if (x >= range[1]) expect(then).toBeLessThanOrEqual(at);
      }),
      RUNS,
    );
  });

  it("is the same with its bounds one by one", () => {
    fc.assert(
      fc.property(bounds, anyNumber, (range, x) => {
        expect(bandShare(x, ...range)).toBe(rangeShare(x, range));
      }),
      RUNS,
    );
  });
});

describe("faults", () => {
  it.each([
    [0, 1],
    [0.1, 1],
    [0.3, 0.5],
    [0.5, 0],
    [1, 0],
  ])("at a frequency of %d leave %d", (x, share) => expect(fallingShare(x, 0.1, 0.5)).toBeCloseTo(share, 12));

  it("are worth together what each is worth one after the other", () => {
    const all = 40;
    const worth = total([9, 8, 7, 6, 5], (left) => oneLess(left, all, 0.1, 0.5));
    expect(worth).toBeCloseTo(fallingShare(4 / all, 0.1, 0.5) - fallingShare(9 / all, 0.1, 0.5), 12);
    // One that keeps all from being lost, and one where all is earned already, are worth less than the others.
    expect(oneLess(4, all, 0.1, 0.5)).toBe(0);
    expect(oneLess(30, all, 0.1, 0.5)).toBe(0);
  });
});

describe("the few that are worth most", () => {
  const things = fc.array(fc.record({ worth: fc.integer({ min: 0, max: 9 }), id: fc.nat() }), {
    maxLength: 30,
  });

  it("are the first of all in order of worth, equal ones in the order that they came in", () => {
    fc.assert(
      fc.property(things, fc.integer({ min: 0, max: 8 }), (all, most) => {
        expect(worthMost(all, most, ({ worth }) => worth)).toEqual(
          [...all].sort((a, b) => b.worth - a.worth).slice(0, most),
        );
      }),
      RUNS,
    );
  });

  it("asks for the worth of each once", () => {
    let asked = 0;
    worthMost([3, 1, 2], 2, (thing) => {
      asked++;
      return thing;
    });
    expect(asked).toBe(3);
  });
});
