/** A keyword made ready: its spellings, and what its words may be there for. */
import { describe, expect, it } from "vitest";
import { compileKeyword } from "./keyword";
import { languagePack } from "./language";

const compiled = (language: string, keyword: string) => compileKeyword(keyword, languagePack(language))!;

/** Spellings of the plain reading, and how each word stands in each. */
const spellings = (language: string, keyword: string): string[] =>
  compiled(language, keyword)
    .variants.filter(({ reading }) => !reading)
    .map(({ words }) => words.map(({ folded }) => folded).join(" "));
const readings = (language: string, keyword: string): string[] =>
  compiled(language, keyword).variants.flatMap(({ reading, carriers, isJoined }) =>
    reading && !isJoined
      ? [`${reading}: ${carriers.map(({ folded, role }) => `${folded} ${role ?? "any"}`).join(", ")}`]
      : [],
  );
const rolesOf = (language: string, keyword: string): (string | undefined)[] =>
  compiled(language, keyword).variants[0]!.carriers.map(({ role }) => role);

describe("words written as one", () => {
  it.each([
    ["en", "car wash", ["car wash", "carwash"]],
    ["en", "log in", ["log in", "login"]],
    ["es", "puerta blindada", ["puerta blindada", "puertablindada"]],
    // Letters link the parts of a compound.
    [
      "de",
      "Umzug Checkliste",
      [
        "umzug checkliste",
        "umzugcheckliste",
        "umzugscheckliste",
        "umzugencheckliste",
        "umzugercheckliste",
        "umzuugcheckliste",
        "checklisteumzug",
        "checklistesumzug",
        "checklistenumzug",
        "checklisumzug",
        "checklistumzug",
      ],
    ],
    // Who wants a glass of wine wants no wine glass.
    ["nl", "glas wijn", ["glas wijn", "glaswijn", "glasenwijn", "glaserwijn", "glawijn", "glaaswijn"]],
    ["nl", "tafels van hout", ["tafels van hout", "houttafels"]],
    ["de", "Tomaten auf dem Balkon", ["tomaten auf dem balkon", "balkontomaten"]],
    // What the stemmer would make one of the two words is none.
    ["pt", "manga rosa", ["manga rosa"]],
    ["en", "a part", ["a part"]],
  ])("%s: %s", (language, keyword, expected) => {
    expect(spellings(language, keyword)).toEqual(expected);
  });
});

describe("towns that end as verbs do", () => {
  it.each([
    ["de", "hotel berlin", ["modifier", "head"]],
    ["de", "wetter wien", ["modifier", "head"]],
    ["de", "reise italien", ["modifier", "head"]],
    ["de", "haus finden", [undefined, "verb"]],
    ["de", "kosten heizungen", ["modifier", "head"]],
    ["nl", "hotel groningen", ["modifier", "head"]],
    ["nl", "kosten uitkeringen", ["modifier", "head"]],
    ["nl", "huis kopen", [undefined, "verb"]],
    // What teaches it is no object of the verb.
    ["nl", "cursus koken", ["modifier", "head"]],
    // Between two nouns, what is done to the first.
    ["de", "ofen reinigen hausmittel", [undefined, "verb", undefined]],
  ])("%s: %s", (language, keyword, expected) => {
    expect(rolesOf(language, keyword)).toEqual(expected);
  });
});

describe("what stands before the last word", () => {
  const beforeLast = (keyword: string) =>
    compiled("en", keyword).variants.flatMap(({ beforeLast: readings = [] }) =>
      readings.map(({ words }) => words.map(({ folded }) => folded).join(" ")),
    );
  it("is a keyword by itself where three words or more are", () => {
    expect(beforeLast("plumber leeds")).toEqual([]);
    expect(beforeLast("bike repair leeds")).toContain("bike repair");
    expect(beforeLast("broken window repair leeds")).toContain("broken window repair");
  });
});

describe("other readings of the same words", () => {
  it.each<[string, string, string[]]>([
    ["en", "reset password", ["order: reset verb, password any"]],
    ["en", "book hotel", ["order: book verb, hotel any"]],
    ["en", "change bike tyre", ["order: change verb, bike any, tyre any"]],
    // Nearly always a verb: there is no other reading.
    ["en", "sharpen knife", []],
    // Things have names of their own.
    ["en", "book club", []],
    ["en", "trust fund", []],
    ["en", "spare parts", []],
    ["en", "post code", []],
    // The past of another verb, a small word, too many words.
    ["en", "saw blade", []],
    ["en", "paint for walls", []],
    ["en", "paint old garden wall", []],
    ["de", "Laptop Studenten", ["turned: laptop head, studenten modifier"]],
    ["nl", "rugpijn bureaustoel", ["turned: rugpijn head, bureaustoel modifier"]],
    ["de", "blauer Teppich Wohnzimmer", ["turned: blauer modifier, teppich head, wohnzimmer modifier"]],
    ["nl", "grote tafel tuin", ["turned: grote modifier, tafel head, tuin modifier"]],
    ["de", "Laptop Studenten Test", []],
    // An adjective is told by its small letter, in a keyword that has a capital.
    ["de", "gebrauchtes Fahrrad", []],
    ["de", "Steuern sparen", []],
    ["fr", "idées salon", []],
  ])("%s: %s", (language, keyword, expected) => {
    expect(readings(language, keyword)).toEqual(expected);
  });
});

describe("what the words of a keyword are there for", () => {
  it.each<[string, string, (string | undefined)[]]>([
    ["en", "garden hose", ["modifier", "head"]],
    ["en", "call centre", ["modifier", "head"]],
    // A noun in dictionaries alone.
    ["en", "cancel insurance", ["verb", undefined]],
    ["en", "can you freeze soup", ["verb", undefined]],
    ["fr", "tasse à thé", ["head", "modifier"]],
    ["de", "garten gestalten", [undefined, "verb"]],
    // Without capitals, nouns that end as infinitives do are nouns still.
    ["de", "kleiner garten", ["modifier", "head"]],
    ["de", "balkon ideen", ["modifier", "head"]],
    ["de", "lampe für draußen", ["head", "modifier"]],
    ["nl", "makkelijke recepten", ["modifier", "head"]],
    ["nl", "keuken kosten", ["modifier", "head"]],
    ["nl", "dakgoot schoonmaken", [undefined, "verb"]],
    ["nl", "brood bakken", [undefined, "verb"]],
    // Beside one word alone, "haar" is hair.
    ["nl", "haar verven", [undefined, "verb"]],
  ])("%s: %s", (language, keyword, expected) => {
    expect(rolesOf(language, keyword)).toEqual(expected);
  });

  it("a capital in the keyword tells its nouns from the others", () => {
    const isLower = (keyword: string) =>
      compiled("de", keyword).variants[0]!.carriers.map((one) => one.isLower);
    expect(isLower("Hund stubenrein bekommen")).toEqual([false, true, true]);
    expect(isLower("hund stubenrein bekommen")).toEqual([false, false, false]);
  });
});

it("a word keeps how it was written, and whether the keyword has accents", () => {
  const written = (keyword: string) =>
    compiled("fr", keyword).variants[0]!.carriers.map(({ written, hasAccents }) => [written, hasAccents]);
  expect(written("étude de Marché")).toEqual([
    ["étude", true],
    ["Marché", true],
  ]);
  expect(written("etude de marche")).toEqual([
    ["etude", false],
    ["marche", false],
  ]);
});

it("two words made one keep letters of the second in their stem, or are found as they are written alone", () => {
  const closed = (keyword: string) =>
    compiled("en", keyword)
      .variants.filter(({ isJoined }) => isJoined)
      .map(({ words: [word] }) => word!.stem);
  expect(closed("bounce rate")).toEqual(["bouncerate"]);
  expect(closed("car wash")).toEqual(["carwash"]);
});

it("nothing is made of signs and blanks", () => {
  for (const keyword of ["", "  ", "—", "!?"]) expect(compileKeyword(keyword, languagePack("en"))).toBeNull();
});
