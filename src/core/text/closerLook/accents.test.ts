import { describe, expect, it } from "vitest";
import { isOtherByAccent, isOtherByUmlaut } from "./accents";

describe("an umlaut", () => {
  it.each([
    ["Küche", "Kuchen"],
    ["Küchen", "Kuchen"],
    ["schöne", "schone"],
    ["Lücken", "Lucken"],
  ])("tells %s from %s, and the other way round", (one, other) => {
    expect(isOtherByUmlaut(one, other)).toBe(true);
    expect(isOtherByUmlaut(other, one)).toBe(true);
  });

  it.each([
    ["Haus", "Häuser", "it comes with the plural's ending"],
    ["Garten", "Gärten", "it is all that makes the plural"],
    ["Mantel", "Mänteln", "and so in the dative"],
    ["Küche", "Küchen", "both have it"],
    ["Kuchen", "Kuchens", "neither has"],
    ["Flüge", "Fluege", "it is typed without"],
    ["bauen", "gebaut", "two vowels are none"],
  ])("is no reason to tell %s from %s: %s", (one, other) => {
    expect(isOtherByUmlaut(one, other)).toBe(false);
    expect(isOtherByUmlaut(other, one)).toBe(false);
  });

  it("is the same letter, composed or not", () => {
    expect(isOtherByUmlaut("Küche".normalize("NFD"), "Küche")).toBe(false);
  });
});

describe("an accent at the end", () => {
  const tells = /és?$/;
  const of = (written: string, hasAccents = true) => ({ written, hasAccents });

  it.each([
    ["marché", "marche"],
    ["marché", "marches"],
    ["marche", "marché"],
    ["curés", "cures"],
  ])("tells %s of a keyword from %s", (keyword, word) => {
    expect(isOtherByAccent(of(keyword), word, tells)).toBe(true);
  });

  it.each([
    ["marché", "marchés", "in the plural"],
    ["marché", "MARCHE", "in capitals"],
    ["café", "cafetière", "in another word"],
    ["crème", "creme", "elsewhere in the word"],
  ])("does not tell %s from %s, %s", (keyword, word) => {
    expect(isOtherByAccent(of(keyword), word, tells)).toBe(false);
  });

  it("says nothing where the keyword was typed without any", () => {
    expect(isOtherByAccent(of("marche", false), "marché", tells)).toBe(false);
  });
});
