import { expect, it } from "vitest";
import { defaultProfile } from "../../../proof/profile";
import { analyseText } from "../../analyse";
import { compileKeyword } from "../../keyword";
import { languagePack, packedLanguages } from "../../language";
import { findKeyword } from "../../match";
import { setPhrases } from "./setPhrases";

it("phrases are written one by one, or by what begins them alike", () => {
  expect(setPhrases("à l'œil|vis-à-vis\ntake took: part|the plunge\n\n")).toEqual([
    ["a", "l'oeil"],
    ["vis", "a", "vis"],
    ["take", "part"],
    ["take", "the", "plunge"],
    ["took", "part"],
    ["took", "the", "plunge"],
  ]);
});

it.each(packedLanguages.map(({ code }) => code))(
  "none of %s is a word alone, which would mean nothing wherever it stands",
  (code) => {
    // "All'improvviso" is one token of two words.
    const alone = [...languagePack(code).usage!.idle.keys()].filter((word) =>
      languagePack(code)
        .usage!.idle.get(word)!
        .some(({ phrase }) => phrase.length < 2 && !word.includes("'")),
    );
    expect(alone).toEqual([]);
  },
);

it.each([
  ["en", "note taking", "Take note of the exits.", false],
  ["en", "note taking", "Take notes in class", true],
  ["en", "train times", "At times the train is late.", false],
  ["en", "safety at work", "Work at heart, and safety at work too", true],
  // The keyword has the phrase itself.
  ["en", "second hand clothes", "Clothes at second hand", true],
  ["en", "bank by hand", "At hand lies the bank.", false],
  ["de", "Handbuch", "An der Hand das Buch", false],
  ["fr", "tour de magie", "À son tour la magie opère.", false],
  ["it", "cambio olio", "In cambio ricevette olio.", false],
  ["es", "vela blanca", "La vela blanca", true],
])("%s: %s | %s: %s", (language, keyword, sentence, isThere) => {
  const pack = languagePack(language);
  const uses = findKeyword(
    analyseText(sentence, pack),
    compileKeyword(keyword, pack)!,
    defaultProfile.matching,
    pack,
  );
  expect(uses.length > 0).toBe(isThere);
});
