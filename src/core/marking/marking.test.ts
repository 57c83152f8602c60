import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDraft, anyText } from "../testing/arbitraries";
import { draftOf } from "../testing/draftOf";
import { RUNS } from "../testing/runs";
import { analyseText } from "../text/analyse";
import { languagePack } from "../text/language";
import { searchText } from "../text/search";
import { claimKey, claimsOf } from "./claims";
import { longSentences } from "./longSentences";
import { passive } from "./passive";
import { MARKINGS } from "./registry";

const pack = languagePack("en");
const marked = (marking: typeof passive, text: string) =>
  marking.find(analyseText(text, pack), pack).map(({ start, end }) => text.slice(start, end));

describe("passive", () => {
  it.each([
    ["The brakes were tested in rain.", ["were tested"]],
    ["It was not yet fully written, and is being read.", ["was not yet fully written", "is being read"]],
    ["The bed is red and the shed is in need.", []],
    ["We tested the brakes.", []],
    ["It is. Tested brakes stop.", []],
    ["The gate is wide.", []],
  ])("in “%s”", (text, expected) => expect(marked(passive, text)).toEqual(expected));
  it("is not looked for in a language that has no rule", () => {
    const none = languagePack("xx");
    expect(passive.find(analyseText("It was tested.", none), none)).toEqual([]);
  });
});

describe("long sentences", () => {
  const long = `Word ${"word ".repeat(24)}end.`;
  it.each([
    [`Short. ${long} Short again.`, [long]],
    ["word ".repeat(25).trim(), []],
    ["", []],
  ])("of “%s”", (text, expected) => expect(marked(longSentences, text)).toEqual(expected));
});

describe("claims", () => {
  const said = (markdown: string) =>
    claimsOf(draftOf(markdown).blocks, pack).map(
      ({ why, source }) => `${why} ${source?.href ?? "no source"}`,
    );
  it.each([
    ["It saves 40 per cent of the fuel.", ["figure no source"]],
    ["It saves 40 per cent, says [the test](https://a.example/t).", ["figure https://a.example/t"]],
    ["It saves 40 per cent of it. The [test](https://a.example/t) says so.", ["figure https://a.example/t"]],
    ["It saves 40 per cent of it [1](#note).", ["figure #note"]],
    ["It saves 40 per cent, see [below](#below).", ["figure no source"]],
    ["Studies show that children sleep better.", ["study no source"]],
    ["This is the safest bike of all.", ["superlative no source"]],
    ["The rest of the forest was quiet.", []],
    ["For the first rain you need a coat.", []],
    ["Does it save 40 per cent of the fuel?", []],
    ["## It saves 40 per cent of the fuel", []],
    ["40 per cent", []],
    ["A bike is a bike.", []],
  ])("“%s”", (markdown, expected) => expect(said(markdown)).toEqual(expected));
  it("are the same though blanks and capitals differ", () =>
    expect(claimKey({ sentence: "It  Saves 4 %." })).toBe(claimKey({ sentence: "it saves 4 %." })));
  it("lie inside their blocks, whatever the draft", () => {
    fc.assert(
      fc.property(anyDraft, ({ blocks }) => {
        for (const { block, start, end, sentence } of claimsOf(blocks, pack))
          expect(blocks[block]!.text.slice(start, end)).toBe(sentence);
        for (const { text } of blocks)
          for (const marking of MARKINGS) {
            let last = 0;
            for (const { start, end } of marking.find(analyseText(text, pack), pack)) {
              expect(start).toBeGreaterThanOrEqual(last);
              expect(end).toBeGreaterThan(start);
              expect(end).toBeLessThanOrEqual(text.length);
              last = end;
            }
          }
      }),
      RUNS,
    );
  });
});

describe("searching a text", () => {
  const plain = { matchCase: false, wholeWords: false, forms: false };
  const matchesOf = (text: string, query: string, options: Partial<typeof plain> = {}) =>
    searchText(text, query, { ...plain, ...options }, pack).map(({ start, end }) => text.slice(start, end));
  it.each([
    ["Bike, bike, biker", "bike", {}, ["Bike", "bike", "bike"]],
    ["Bike, bike, biker", "bike", { matchCase: true }, ["bike", "bike"]],
    ["Bike, bike, biker", "bike", { wholeWords: true }, ["Bike", "bike"]],
    ["two bikes, a bike", "bike", { forms: true }, ["bikes", "bike"]],
    ["3.5 (net)", "(net)", {}, ["(net)"]],
    ["a+b [x] a\\b", "a\\b", {}, ["a\\b"]],
    ["two  words\nhere", "two words here", {}, ["two  words\nhere"]],
    ["any", " ", {}, []],
    ["aaaa", "aa", {}, ["aa", "aa"]],
  ])("“%s” for “%s”", (text, query, options, expected) =>
    expect(matchesOf(text, query, options)).toEqual(expected),
  );
  it("never throws, and finds what it was given", () => {
    fc.assert(
      fc.property(anyText, anyText, fc.boolean(), (text, query, forms) => {
        searchText(text, query, { ...plain, forms }, pack);
        if (query.trim() && !/\s/.test(query.trim()))
          expect(matchesOf(`${text} ${query.trim()}`, query, { matchCase: true })).toContain(query.trim());
      }),
      RUNS,
    );
  });
});
