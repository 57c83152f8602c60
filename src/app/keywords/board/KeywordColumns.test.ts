import { describe, expect, it } from "vitest";
import type { SortKey } from "../../../core/keywords/sift";
import { sortedBy } from "./KeywordColumns";

const said = (keys: readonly SortKey[]) =>
  keys.map(({ column, down }) => `${column} ${down ? "down" : "up"}`).join(", ");
const searches: SortKey = { column: "searches", down: true };
const text: SortKey = { column: "text", down: false };

describe("sorting by a column", () => {
  it.each([
    ["figures begin with the largest", [], "searches", true, false, "searches down"],
    ["words begin with A", [], "text", false, false, "text up"],
    ["what is in a list comes first", [], "use", false, false, "use down"],
    ["a second press turns it", [searches], "searches", true, false, "searches up"],
    ["another column replaces it", [searches], "text", false, false, "text up"],
    ["with Shift it joins, as the last to decide", [searches], "text", false, true, "searches down, text up"],
    [
      "with Shift a column that is there turns in its place",
      [searches, text],
      "searches",
      true,
      true,
      "searches up, text up",
    ],
    ["without Shift the others go", [searches, text], "text", false, false, "text down"],
  ] as const)("%s", (_, before, column, figures, more, expected) => {
    expect(said(sortedBy(before, column, figures, more))).toBe(expected);
  });
});
