/** Adjectives that belong to another noun, by their gender. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { languagePack } from "../language";
import { areOfTwoGenders } from "./gender";

const usageOf = (language: string) => languagePack(language).usage!;

describe("two forms of an adjective", () => {
  it.each([
    ["fr", "vert", "verte", true],
    ["fr", "verts", "vertes", true],
    ["fr", "vert", "verts", false],
    ["fr", "rouge", "rouges", false],
    ["es", "rojo", "rojas", true],
    ["es", "rojas", "roja", false],
    ["es", "verde", "verdes", false],
    ["pt", "branco", "branca", true],
    ["it", "rosso", "rosse", true],
    ["it", "rossi", "rossa", true],
    ["it", "rosso", "rossi", false],
    ["it", "verde", "verdi", false],
    ["en", "blond", "blonde", false],
  ])("in %s, “%s” and “%s”: %s", (language, one, other, expected) => {
    expect(areOfTwoGenders(one, other, usageOf(language))).toBe(expected);
  });

  it("are of two genders whichever comes first, and no form is of two by itself", () => {
    const word = fc.stringMatching(/^[a-z]{2,8}$/);
    const language = fc.constantFrom("fr", "es", "pt", "it", "de");
    fc.assert(
      fc.property(language, word, word, (code, one, other) => {
        const usage = usageOf(code);
        expect(areOfTwoGenders(one, other, usage)).toBe(areOfTwoGenders(other, one, usage));
        expect(areOfTwoGenders(one, one, usage)).toBe(false);
      }),
    );
  });
});
