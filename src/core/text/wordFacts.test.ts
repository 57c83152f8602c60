import { expect, it } from "vitest";
import { languagePack } from "./language";
import { wordFacts } from "./wordFacts";

const facts = (language: string, word: string) => wordFacts(languagePack(language))(word);

it.each([
  // An accent makes another word of a small one.
  ["es", "uñas", false],
  ["es", "Uñas", false],
  ["es", "unas", true],
  ["es", "té", false],
  ["es", "te", true],
  ["es", "más", true],
  ["it", "tè", false],
  ["fr", "sûr", false],
  ["fr", "sur", true],
  ["fr", "où", true],
  ["fr", "d'une", true],
  ["de", "schön", false],
  ["de", "schon", true],
  ["de", "über", true],
  ["pt", "é", true],
  ["nl", "één", true],
])("%s: “%s” is a small word: %s", (language, word, small) => {
  expect(facts(language, word).small).toBe(small);
});

it("the same accent in parts is the same word", () => {
  expect(facts("es", "te\u0301").small).toBe(false);
});

it.each([
  ["bike", true],
  ["Lastenrad", true],
  ["açaí", true],
  ["24", false],
  ["c++", false],
  ["o'clock", false],
])("“%s” has nothing but letters: %s", (word, letters) => {
  expect(facts("en", word).isLetters).toBe(letters);
});
