/** General words are no terms of a subject in any language that is offered; what a subject is called by is rarer. */
import { expect, it } from "vitest";
import { fold } from "../../text/fold";
import { languagePack, packedLanguages } from "../../text/language";
import { frequenciesOf } from "./frequencies";

const WORDS: Record<string, [everyday: string, subject: string]> = {
  en: ["other great good house people", "bicycle battery pedal chain"],
  de: ["anderen dies große Haus Leute", "Fahrrad Kette Lastenrad Akku"],
  fr: ["grand maison gens petit", "vélo batterie selle pédale"],
  es: ["grande casa gente pequeño", "bicicleta cadena batería pedal"],
  nl: ["andere grote huis mensen", "fiets ketting accu pedaal"],
  it: ["altri grande casa gente", "bicicletta catena batteria pedale"],
  pt: ["grande casa gente pequeno", "bicicleta pedal selim"],
};

it("has a list for every language with a pack", () =>
  expect(Object.keys(WORDS).sort()).toEqual(packedLanguages.map(({ code }) => code).sort()));

it.each(Object.entries(WORDS))("%s", (code, [everyday, subject]) => {
  const { rarity } = frequenciesOf(code);
  const pack = languagePack(code);
  const of = (words: string) => words.split(" ").map((word) => rarity(pack.stem(fold(word))));
  expect(Math.max(...of(everyday))).toBeLessThan(Math.min(...of(subject)));
  // Of what no list has, as much as of the rarest.
  expect(rarity("no such word")).toBeGreaterThanOrEqual(Math.max(...of(subject)));
});

it.each([
  ["de", "verfügbar Verwendung enthält", "Reifen Lastenrad"],
  ["fr", "méthode également utilisation", "vélo pédale"],
  ["es", "utilizar disponible realizar contiene", "bicicleta pedal"],
  ["nl", "gebruikt beschikbaar worden", "fiets pedaal"],
  ["it", "utilizzare disponibile eseguire", "bicicletta pedale"],
  ["pt", "utilizar processo método", "bicicleta pedal"],
])("%s: what is common in writing is common, though nobody says it", (code, written, subject) => {
  const { rarity, spokenRarity } = frequenciesOf(code);
  const pack = languagePack(code);
  const of = (words: string, by: (stem: string) => number) =>
    words.split(" ").map((word) => by(pack.stem(fold(word))));
  expect(Math.max(...of(written, rarity))).toBeLessThan(Math.min(...of(subject, rarity)));
  for (const word of `${written} ${subject}`.split(" "))
    expect(rarity(pack.stem(fold(word)))).toBeLessThanOrEqual(spokenRarity(pack.stem(fold(word))));
});
