/** Nothing that is too near to a title is missing, however many there are. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { foldPlain } from "../text/fold";
import { TitleIndex } from "./titleIndex";

const title = fc
  .array(fc.constantFrom("bike", "Bikes", "cargo", "winter", "café", "best", "of", "2026"), { maxLength: 7 })
  .map((words) => words.join(" "));
const indexOf = (titles: readonly string[], nearShare: number): TitleIndex<string> => {
  const index = new TitleIndex<string>(nearShare);
  for (const one of titles) index.add(one, one);
  return index;
};

describe("titles of a site", () => {
  it("are found where they share enough words, in their order", () =>
    fc.assert(
      fc.property(
        fc.array(title, { maxLength: 20 }),
        title,
        fc.double({ min: 0, max: 1, noNaN: true }),
        (titles, own, share) => {
          const words = (of: string) => new Set(foldPlain(of).split(" ").filter(Boolean));
          const mine = words(own);
          const found = indexOf(titles, share).near(own);
          const due = titles.filter((one) => {
            const theirs = words(one);
            const shared = [...mine].filter((word) => theirs.has(word)).length;
            return mine.size > 0 && shared > 0 && shared / mine.size >= share;
          });
          expect(found.filter((one) => due.includes(one))).toEqual(due);
        },
      ),
      RUNS,
    ));

  it("are few where few share a word that is rare", () => {
    const many = Array.from({ length: 500 }, (_, i) => `Cargo bike number ${i}`);
    expect(indexOf(many, 0.9).near("Cargo bike number 7")).toEqual(["Cargo bike number 7"]);
    expect(indexOf(many, 0.9).near("Winter")).toEqual([]);
  });
});
