import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { droppedSection, type Levels, movedSection, sectionAt } from "./sections";

/** Headings as digits, other blocks as dots. */
const levels = (text: string): Levels => [...text].map((char) => (char === "." ? null : Number(char)));
const move = (text: string, at: number, by: -1 | 1): string | null => {
  // Letters tell the blocks apart.
  const blocks = [...text].map((char, i) => `${char}${String.fromCharCode(97 + i)}`);
  const to = movedSection(levels(text), at, by);
  if (!to) return null;
  const moved = blocks.slice(to.from, to.to);
  const rest = [...blocks.slice(0, to.from), ...blocks.slice(to.to)];
  const before = to.before > to.from ? to.before - moved.length : to.before;
  return [...rest.slice(0, before), ...moved, ...rest.slice(before)].join(" ");
};

describe("sections", () => {
  it.each([
    ["..2..", 0, null],
    [".2.3.2.", 2, { from: 1, to: 5 }],
    [".2.3.2.", 4, { from: 3, to: 5 }],
    [".2.3.2.", 6, { from: 5, to: 7 }],
  ])("of “%s” at %d", (text, at, expected) => expect(sectionAt(levels(text), at)).toEqual(expected));

  it.each([
    ["2.2.", 0, 1, "2c .d 2a .b"],
    ["2.2.", 2, -1, "2c .d 2a .b"],
    ["2.2.", 3, 1, null],
    ["2.2.", 0, -1, null],
    // At the edge of what holds it, a section goes on into the next.
    ["2.3.2.", 2, 1, "2a .b 2e .f 3c .d"],
    ["2.2.3.", 4, -1, "2a .b 3e .f 2c .d"],
    ["2.3.", 2, -1, "3c .d 2a .b"],
    [".2.", 0, 1, null],
    ["2.3.2.3.", 0, 1, "2e .f 3g .h 2a .b 3c .d"],
  ] as const)("“%s”: the one at %d moves by %d", (text, at, by, expected) =>
    expect(move(text, at, by)).toBe(expected),
  );

  it("moving keeps every block, and a section in one piece", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(null, 2, 3, 4), { minLength: 1, maxLength: 12 }),
        fc.nat(11),
        fc.constantFrom(-1 as const, 1 as const),
        (all, place, by) => {
          const to = movedSection(all, place % all.length, by);
          if (!to) return;
          expect(to.from).toBeLessThan(to.to);
          expect(to.before < to.from || to.before > to.to).toBe(true);
          expect(to.before).toBeLessThanOrEqual(all.length);
        },
      ),
      RUNS,
    );
  });
});

describe("a section put onto another", () => {
  // Places: 0 text, 1 H2 a, 2 text, 3 H3 b, 4 text, 5 H2 c, 6 text.
  const levels = [null, 2, null, 3, null, 2, null];
  it.each([
    ["comes in front of one before it", 5, 1, { from: 5, to: 7, before: 1 }],
    ["goes behind one behind it, with all that it holds", 1, 5, { from: 1, to: 5, before: 7 }],
    ["leaves the section that holds it", 3, 5, { from: 3, to: 5, before: 7 }],
    ["stays where it is put onto itself", 1, 1, null],
    ["stays where it is put onto what it holds", 1, 3, null],
    ["comes in front of what holds it", 3, 1, { from: 3, to: 5, before: 1 }],
  ])("%s", (_what, from, onto, expected) => expect(droppedSection(levels, from, onto)).toEqual(expected));
});
