/** Words, sentences, folding and stems. */
import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { fold, foldPlain } from "./fold";
import { languagePack } from "./language";
import { sentences } from "./sentences";
import { countWords, segmentedWords, words } from "./words";

const english = languagePack("en-GB");
const POSTS = "demo/posts/";

describe("words", () => {
  it("are those of Intl.Segmenter on every post of the demo", () => {
    for (const name of readdirSync(POSTS).filter((file) => file.endsWith(".md"))) {
      const text = readFileSync(POSTS + name, "utf8");
      expect(words(text)).toEqual(segmentedWords(text));
    }
  });

  // Letters, marks, figures and signs of the scripts that people write posts in; in rarer ones the segmenter's own data
  // departs from the standard, as it does
  // where a joiner or an underscore meets a mark, and ours
  // where Hebrew letters meet quotation marks.
  const sign = fc.constantFrom(
    ...Array.from(
      "aZéßøñç Ωπ жЩ مرب ٣ कि देव 東京ひカ 09.,:;'’\"“”()[]{}<>-–—/\\|@#%&*+=!?…·\n\t\u00a0\u00ad🚲👩👧e\u0301",
    ),
  );
  it("are those of Intl.Segmenter on random text", () => {
    fc.assert(
      fc.property(fc.string({ unit: sign, maxLength: 60 }), (text) => {
        expect(words(text)).toEqual(segmentedWords(text));
      }),
      { ...RUNS, numRuns: 3 * RUNS.numRuns },
    );
  });

  const western = fc.oneof(
    fc.constantFrom(...Array.from("aZ09.,:;'’·\u00ad \n")),
    ...(
      [
        [0, 0x24f],
        [0x2010, 0x2027],
        [0x2030, 0x203e],
        [0x20a0, 0x20bf],
      ] as const
    ).map(([min, max]) =>
      fc
        .integer({ min, max })
        .map((code) => String.fromCharCode(code))
        .filter((char) => char !== "_"),
    ),
  );
  it("are those of Intl.Segmenter in whatever western languages are written with", () => {
    fc.assert(
      fc.property(fc.string({ unit: western, maxLength: 60 }), (text) => {
        expect(words(text)).toEqual(segmentedWords(text));
      }),
      { ...RUNS, numRuns: 3 * RUNS.numRuns },
    );
  });

  it.each([
    ["", 0],
    ["one", 1],
    ["don't stop", 2],
    ["cargo-bike", 2],
    ["3.5 bar, 1,200 km", 4],
    ["a 7 !", 2],
    ["naïve café", 2],
    ["🚲 … — •", 0],
    ["snake_case", 1],
    ["e.g. this", 2],
  ])("in %j: %d", (text, n) => {
    expect(countWords(text)).toBe(n);
  });
});

describe("sentences", () => {
  it.each([
    ["One. Two! Three? Four…", ["One.", "Two!", "Three?", "Four…"]],
    ["Dr. Raman came at 3 p.m. today.", ["Dr. Raman came at 3 p.m. today."]],
    ["It costs 3.5 bar. “So?” He left.", ["It costs 3.5 bar.", "“So?”", "He left."]],
    ["No end", ["No end"]],
    ["Tyres, chains, etc. They wear.", ["Tyres, chains, etc.", "They wear."]],
    ["Tyres, chains, etc. wear out.", ["Tyres, chains, etc. wear out."]],
    ["  Blank around.  ", ["Blank around."]],
    ["W. Marsh wrote it. A. B. read.", ["W. Marsh wrote it.", "A. B. read."]],
    ["", []],
  ])("of %j", (text, expected) => {
    expect(sentences(text, english).map(({ start, end }) => text.slice(start, end))).toEqual(expected);
  });
});

describe("folding", () => {
  it.each([
    ["Café", "cafe"],
    ["ŁÓDŹ", "lodz"],
    ["Straße", "strasse"],
    ["it’s", "it's"],
    ["e‑bike", "e-bike"],
    ["“Quote”", '"quote"'],
  ])("%s is %s", (text, folded) => expect(fold(text)).toBe(folded));
  it.each([
    ["Cargo bike: care!", "cargo bike care"],
    ["it’s  5 o'clock", "its 5 oclock"],
    ["…", ""],
  ])("without punctuation %j is %j", (text, folded) => expect(foldPlain(text)).toBe(folded));
});

describe("English stems", () => {
  const same =
    "child children|bike bikes|family families|ride riding ridden|tyre tires|colour colored|centre centers|organise organizing|carry carrying|foot feet|battery batteries|analyse analyzed|family family's|grey grayer|shelf shelves";
  const apart =
    "university universe|business busy|important import|organ organic|news new|marketing market|station stationary|general generate|policy police|training train|past paste|internal intern";
  it.each(same.split("|"))("%s are one word", (pair) => {
    const stems = pair.split(" ").map((word) => english.stem(word));
    expect(new Set(stems).size).toBe(1);
  });
  it.each(apart.split("|"))("%s are two", (pair) => {
    const [a, b] = pair.split(" ").map((word) => english.stem(word));
    expect(a).not.toBe(b);
  });
});
