import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { german } from "../text/packs/de";
import { english } from "../text/packs/en";
import { descriptionFlaws, isBalanced, titleFlaws, titleParts } from "./wholeness";

describe("balanced", () => {
  it.each([
    ["How often (and when)", true],
    ["How often (and", false],
    ["and when)", false],
    ["„So sagt man“", true],
    ["“So it is said”", true],
    ['It is "so', false],
    ["«oui» [1]", true],
    ["(]", false],
  ])("%s: %s", (text, expected) => expect(isBalanced(text)).toBe(expected));
});

describe("a title's parts", () => {
  it.each([
    [
      "Bread at home - a guide: flour, water, time",
      ["Bread at home - a guide", "Bread at home", "flour, water, time"],
    ],
    // Nothing is cut inside a quotation or a list, nor at an abbreviation.
    ["What “slow: steady” means in baking", []],
    ["Flour, water and salt in every loaf", []],
    ["Rye vs. wheat for beginners", []],
    ["Is rye easy? Yes and no", ["Is rye easy?"]],
    ["The well-known loaf", []],
  ])("%s", (title, expected) =>
    expect(titleParts(title, english.pack()).map(({ text }) => text)).toEqual(expected),
  );

  it("are part of the title without its brackets, and balanced", () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom(": ", " - ", "? ", " (", ") ", "“", "”", ", and "),
        fc.string(),
        (a, sign, b) => {
          for (const { text } of titleParts(a + sign + b, english.pack()))
            expect(isBalanced(text)).toBe(true);
        },
      ),
      RUNS,
    );
  });
});

describe("a title", () => {
  it.each([
    ["How often to water a snake plant", []],
    ["Do you need a permit?", []],
    [
      "How often to water a snake plant (and",
      ["leaves a bracket or quotation open", "ends in the middle of something"],
    ],
    ["What a snake plant needs to", ["ends in the middle of something"]],
    ["And then the rain began", ["begins in the middle of something"]],
    ["Bread bread for children", ["says a word twice in a row"]],
    ["Bread", ["says too little"]],
  ])("%s: %j", (text, expected) => expect(titleFlaws(text, english.pack())).toEqual(expected));

  it("is judged by the words of its language", () => {
    expect(titleFlaws("Wie viel Wasser braucht das", german.pack())).toEqual([
      "ends in the middle of something",
    ]);
    expect(titleFlaws("Wie viel Wasser braucht das Brot", german.pack())).toEqual([]);
  });
});

describe("a description", () => {
  it.each([
    ["A snake plant wants little water and much light.", []],
    ["Rain, snow and how a bike gets through a winter", ["does not end a sentence"]],
    ["But it needs more of it than most people ever think.", ["begins in the middle of something"]],
    [
      "A cargo bike is a large purchase, though, and the wrong one rusts.",
      ["begins in the middle of something"],
    ],
    ["A snake plant likes a little shade in high summer, too.", ["begins in the middle of something"]],
    ["A cargo bike is a large purchase. The wrong one, though, ends up under a tarpaulin.", []],
    ["It is heavy, slow, and good at carrying three children.", ["begins in the middle of something"]],
    ["A cargo bike is heavy, slow, and good at carrying three children.", []],
    ["As shown above, water it once in every two weeks.", ["points to another place of the page"]],
    ["Call `water()` once in every two weeks in summer.", ["holds code or an address"]],
  ])("%s: %j", (text, expected) => expect(descriptionFlaws(text, english.pack())).toEqual(expected));
});
