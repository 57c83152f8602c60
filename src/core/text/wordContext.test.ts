import { describe, expect, it } from "vitest";
import { analyseText } from "./analyse";
import { languagePack } from "./language";
import { verbLikelihood } from "./wordContext";

const likelihood = (sentence: string, word: string, language = "en"): number => {
  const pack = languagePack(language);
  const text = analyseText(sentence, pack);
  return verbLikelihood(
    text,
    text.tokens.findIndex(({ folded }) => folded === word),
    pack.usage!,
  );
};

describe("whether a word is a verb, by what stands around it", () => {
  it.each([
    ["The dog springs over the mattress.", "springs"],
    ["He set the tea down.", "set"],
    ["Companies that move pianos", "move"],
    ["The light filtered through the water.", "filtered"],
    ["She needs to book a room", "book"],
  ])("%s: %s", (sentence, word) => expect(likelihood(sentence, word)).toBeGreaterThan(0.7));

  it.each([
    ["The book of the year", "book"],
    ["A set of six knives for the kitchen", "set"],
    ["Which water filter is best?", "filter"],
    ["The drive failed the speed test", "drive"],
  ])("not a verb, %s: %s", (sentence, word) => expect(likelihood(sentence, word)).toBeLessThan(0.25));

  it("looks no further than the sentence, and tells nothing in a language without weights", () => {
    expect(likelihood("Water? Book a room.", "water")).toBe(likelihood("Water?", "water"));
    expect(likelihood("Der Hund springt", "springt", "de")).toBe(0.5);
  });
});
