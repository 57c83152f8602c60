import fc from "fast-check";
import { expect, it } from "vitest";
import { pathsIn } from "./paths";

const within = (text: string): string[] => {
  const isInPath = pathsIn(text);
  return [...text.matchAll(/[\p{L}\p{N}]+/gu)]
    .filter(({ index, 0: word }) => isInPath({ start: index, end: index + word.length }))
    .map(([word]) => word);
};

it.each([
  ["The files under /usr/share, and those in ~/bikes.", ["usr", "share", "bikes"]],
  [
    "See https://page.example/cargo-bike (or ./notes/one).",
    ["https", "page", "example", "cargo", "bike", "notes", "one"],
  ],
  ["Tea and/or coffee at 25 km/h", []],
  ["No path at all.", []],
  ["", []],
])("of %j, %j are in paths", (text, expected) => expect(within(text)).toEqual(expected));

it("however many there are: each word of a path is in one, and no other", () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { maxLength: 60 }), (kinds) => {
      const text = kinds.map((isPath, i) => (isPath ? `/in${i}/in${i}` : `out${i}`)).join(" ");
      expect(within(text)).toEqual(kinds.flatMap((isPath, i) => (isPath ? [`in${i}`, `in${i}`] : [])));
    }),
  );
});
