import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { isAddress } from "./address";
import { bareKeyword, fillUnknown, type KeywordRow } from "./keyword";
import { LONGEST_KEYWORD, normaliseKeyword } from "./normalise";
import { opportunities } from "./opportunity";
import { intentOf, KeywordReader } from "./reader";
import { monthBefore, monthName, saySeason, seasonOf } from "./seasonality";
import { keywordWords, stemKey } from "./stemKey";

const NaNs = (values: (number | null)[]) => Float64Array.from(values, (value) => value ?? Number.NaN);
const opportunity = (rows: [number | null, number | null][]) =>
  [...opportunities(NaNs(rows.map(([searches]) => searches)), NaNs(rows.map(([, hard]) => hard)))].map(
    (score) => (Number.isNaN(score) ? null : Math.round(score * 1000) / 1000),
  );

describe("opportunity", () => {
  it.each<[string, [number | null, number | null][], (number | null)[]]>([
    [
      "grows with the logarithm of the searches, less what difficulty takes",
      [
        [9, 0],
        [99, 50],
        [999, 20],
      ],
      [20, 20, 48],
    ],
    [
      "ends at a hundred thousand searches",
      [
        [0, 0],
        [100_000, 0],
        [5_000_000, 10],
      ],
      [0, 100, 90],
    ],
    [
      "keeps unknown numbers unknown",
      [
        [null, 5],
        [8, null],
      ],
      [null, null],
    ],
    ["has nothing to say of nothing", [], []],
  ])("%s", (_what, rows, expected) => {
    expect(opportunity(rows)).toEqual(expected);
  });
  it("is one for one keyword, whatever stands beside it", () => {
    const row = fc.tuple(fc.nat(1e6), fc.integer({ min: 0, max: 100 }));
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 30 }), (rows) => {
        expect(opportunity(rows)).toEqual(rows.flatMap((one) => opportunity([one])));
      }),
      RUNS,
    );
  });
  it("lies from 0 to 100, and never falls with more searches at one difficulty", () => {
    const row = fc.tuple(fc.nat(1e6), fc.integer({ min: -5, max: 120 }));
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 30 }), (rows) => {
        const scores = opportunity(rows);
        for (const [i, a] of rows.entries()) {
          expect(scores[i]! >= 0 && scores[i]! <= 100).toBe(true);
          for (const [j, b] of rows.entries())
            if (a[1] === b[1] && a[0] <= b[0]) expect(scores[i]!).toBeLessThanOrEqual(scores[j]!);
        }
      }),
      RUNS,
    );
  });
});

describe("a keyword's stem key", () => {
  it.each([
    ["bikes for family", "family bike", true],
    ["e-bike range", "range of e-bikes", true],
    ["e-bike battery", "ebike battery", true],
    ["e bike battery", "ebike batteries", true],
    ["Cargo-Bike hire", "cargo bike hiring", true],
    ["café racer", "cafe racer", true],
    ["women's bike", "womens bikes", true],
    ["cargo bike", "cargo bike hire", false],
    ["the who", "who", false],
    ["t-shirt", "shirt", false],
    ["best bike best", "best bike", true],
  ])("of %j and of %j agree: %s", (a, b, same) => {
    expect(stemKey(a, "en") === stemKey(b, "en")).toBe(same);
  });
  it("matches words as written in a language without a pack", () => {
    expect(stemKey("Fahrräder", "xx")).not.toBe(stemKey("Fahrrad", "xx"));
    expect(stemKey("Lastenrad kaufen", "xx")).toBe(stemKey("kaufen LASTENRAD", "xx"));
  });
  it("is the same by the quick way and by the careful way", () => {
    const word = fc.stringMatching(/^[a-z0-9]{1,5}(?:-[a-z0-9]{1,4})?$/);
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 5 }), (words) => {
        const text = words.join(" ");
        // A typographic blank sends the text through the Unicode rules, and parts words all the same.
        expect(keywordWords(text)).toEqual(keywordWords(`${text}\u00A0!`));
      }),
      RUNS,
    );
  });
});

describe("a keyword as it is kept", () => {
  it.each([
    ["  cargo \t bike\n", "cargo bike"],
    ['"cargo bike"', "cargo bike"],
    ["[cargo bike]", "cargo bike"],
    ["“cargo bike”", "cargo bike"],
    ['cargo "box" bike', 'cargo "box" bike'],
    ["cargo\u200B bike\u00AD", "cargo bike"],
    ["cafe\u0301", "café"],
    ["\u0000", ""],
    ["", ""],
  ])("%j is %j", (text, clean) => {
    expect(normaliseKeyword(text)).toBe(clean);
  });
  it("stays as it is when it is cleaned again", () => {
    fc.assert(
      fc.property(fc.string({ unit: "grapheme", maxLength: LONGEST_KEYWORD }), (text) => {
        const once = normaliseKeyword(text);
        // Quotes around quotes come off one pair at a time.
        fc.pre(!/^["“[]/.test(once));
        expect(normaliseKeyword(once)).toBe(once);
      }),
      RUNS,
    );
  });
});

describe("an address", () => {
  it.each([
    ["https://shop.example/bikes", true],
    ["www.shop.example", true],
    ["shop.example", true],
    ["cargo-bikes.co.uk/hire", true],
    ["lastenrad.de", true],
    ["node.js", false],
    ["asp.net", false],
    ["3.5 m", false],
    ["cargo bike.com review", false],
    ["cargo bike", false],
  ])("%s: %s", (text, expected) => expect(isAddress(text)).toBe(expected));
});

describe("intent", () => {
  it.each([
    ["cargo bike hire near me", "local", ["near me"]],
    ["buy cargo bike", "transactional", ["buy"]],
    ["used cargo bike for sale", "transactional", ["used", "sale"]],
    ["where to buy a cargo bike", "transactional", ["where to buy"]],
    ["how to hire a cargo bike", "informational", ["how"]],
    ["how much is a cargo bike", "commercial", ["how much"]],
    ["best cargo bike", "commercial", ["best"]],
    ["which cargo bike is best", "commercial", ["best"]],
    ["box bike vs longtail", "commercial", ["vs"]],
    ["cargo bike shop login", "transactional", ["shop"]],
    ["council portal sign in", "navigational", ["portal"]],
    ["how to clean a chain", "informational", ["how", "clean"]],
    ["cargo bike", "", []],
    ["", "", []],
  ])("of %j is %j by %j", (keyword, intent, words) => {
    expect(intentOf(keyword, "en")).toEqual({ intent, words });
  });
  it("is not guessed in a language whose words are not known", () => {
    expect(intentOf("cargo bike köpa", "sv")).toEqual({ intent: "", words: [] });
  });
  it.each([
    ["de", "Lastenrad kaufen", "transactional"],
    ["de", "Lastenrad in der Nähe", "local"],
    ["de", "wie viel kostet ein Lastenrad", "commercial"],
    ["de", "wie lange hält ein Akku", "informational"],
    ["fr", "acheter vélo cargo", "transactional"],
    ["fr", "combien coûte un vélo cargo", "commercial"],
    ["fr", "comment nettoyer une chaîne", "informational"],
    ["es", "mejores bicicletas de carga", "commercial"],
    ["es", "bicicleta de carga segunda mano", "transactional"],
    ["es", "cómo limpiar una cadena", "informational"],
    ["nl", "bakfiets tweedehands", "transactional"],
    ["nl", "beste bakfiets", "commercial"],
    ["it", "bici cargo usata", "transactional"],
    ["it", "quanto costa una bici cargo", "commercial"],
    ["pt", "bicicleta de carga preço", "commercial"],
    ["pt", "como limpar a corrente", "informational"],
    ["pt", "bicicleta de carga", ""],
  ])("in %s, of %j is %j", (language, keyword, intent) => {
    expect(intentOf(keyword, language).intent).toBe(intent);
    expect(new KeywordReader(language).read(keyword).intent).toBe(intent);
  });
  it.each([
    ["how to clean a chain", true],
    ["is a cargo bike safe", true],
    ["cargo bike safe?", true],
    ["cargo bike", false],
    ["how", false],
    ["why not", true],
  ])("%j asks: %s", (keyword, asks) => {
    expect(new KeywordReader("en").read(keyword).question).toBe(asks);
  });
});

describe("a year of searches", () => {
  const flat = Array(12).fill(100);
  it.each([
    [flat.with(0, 500), "2026-10", "peaks in November, 3.8 times the average"],
    [flat.with(4, 500).with(5, 480), "2026-10", "peaks in March and April, 3.0 times the average"],
    [
      flat.with(3, 470).with(4, 500).with(5, 480),
      "2026-10",
      "peaks in February to April, 2.6 times the average",
    ],
    [flat.with(11, 500).with(0, 490), "2026-10", "peaks in October and November, 3.0 times the average"],
    [flat.with(2, 400), undefined, "peaks in month 3 of 12, 3.2 times the average"],
    [flat, "2026-10", "steady through the year"],
    [flat.with(3, 120), "2026-10", "steady through the year"],
    [Array(12).fill(0), "2026-10", "nobody searched in these months"],
    [[], "2026-10", "no monthly numbers"],
  ])("%j to %s: %s", (months, last, says) => {
    expect(saySeason(months, last)).toBe(says);
  });
  it("names its months from the last one back", () => {
    expect([monthName(11, "2026-01"), monthName(10, "2026-01"), monthName(0, "2026-01")]).toEqual([
      "January",
      "December",
      "February",
    ]);
    expect([monthBefore("2026-01", 1), monthBefore("2026-10", 11)]).toEqual(["2025-12", "2025-11"]);
  });
  it("has a peak that no month exceeds, once round at most", () => {
    fc.assert(
      fc.property(fc.array(fc.nat(10_000), { minLength: 12, maxLength: 12 }), (months) => {
        const season = seasonOf(months);
        if (!season) return;
        expect(months[season.peak]).toBe(Math.max(...months));
        expect(season.factor).toBeGreaterThanOrEqual(1 - 1e-12);
        expect(new Set(season.peaks).size).toBe(season.peaks.length);
        expect(season.peaks).toContain(season.peak);
      }),
      RUNS,
    );
  });
});

describe("filling what is not known", () => {
  const full: KeywordRow = {
    ...bareKeyword("a"),
    searches: 10,
    months: [1],
    lastMonth: "2026-10",
    standIn: true,
  };
  it("takes numbers and their label from the other row, and changes nothing that is known", () => {
    expect(fillUnknown(bareKeyword("a"), full)).toEqual(full);
    expect(fillUnknown({ ...full, searches: 5 }, full).searches).toBe(5);
    expect(fillUnknown(full, bareKeyword("a"))).toBe(full);
  });
});
