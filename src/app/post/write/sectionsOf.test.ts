import fc from "fast-check";
import { expect, it } from "vitest";
import { type Section, sectionAt } from "./sectionsOf";

it("a position is in the last section that begins at it or before", () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.nat(60)), fc.nat(70), (starts, pos) => {
      const sections = starts
        .sort((a, b) => a - b)
        .map((start, at): Section => ({ heading: "", level: 2, words: 0, pos: start, at }));
      expect(sectionAt(sections, pos)).toBe(sections.findLastIndex((section) => section.pos <= pos));
    }),
  );
});
