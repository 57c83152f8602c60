/** Keywords of one word: a text has it in other forms, and has other words that look like forms of it. */
import { describe, expect, it } from "vitest";
import { defaultProfile } from "../../proof/profile";
import { analyseText } from "../analyse";
import { compileKeyword } from "../keyword";
import { languagePack } from "../language";
import { findKeyword } from "../match";

const foundIn = (language: string, keyword: string, text: string): string[] => {
  const pack = languagePack(language);
  const compiled = compileKeyword(keyword, pack)!;
  return findKeyword(analyseText(text, pack), compiled, defaultProfile.matching, pack).map(({ start, end }) =>
    text.slice(start, end),
  );
};

describe("in English", () => {
  it.each([
    ["skating", "Where can you skate in winter?", "skate"],
    ["skating", "They skated until noon.", "skated"],
    ["camping", "We camped by a lake.", "camped"],
    ["roof", "Two roofs leak.", "roofs"],
    ["skating", "Skating's best months", "Skating's"],
    ["plan", "Planning takes a week.", "Planning"],
    ["painter", "Two painters came.", "painters"],
    ["order", "It was ordered on Monday.", "ordered"],
  ])("%s is found in “%s”", (keyword, text, place) => {
    expect(foundIn("en", keyword, text)).toEqual([place]);
  });

  it.each([
    ["camping", "The camp was closed.", "the noun of a deed"],
    ["fencing", "The fence fell over.", "the noun of a deed"],
    ["flooring", "The answer floored him.", "the verb of a thing"],
    ["garden", "Gardening calms her.", "the deed of a thing"],
    ["book", "Booking opens on Monday.", "the deed of a noun that is a verb as well"],
    ["plant", "He planted a bulb.", "what was done with a thing"],
    ["designer", "A design of her own", "what somebody does who does it"],
    ["glasses", "A glass fell.", "the singular of another word"],
  ])("%s is not found in “%s”: %s", (keyword, text) => {
    expect(foundIn("en", keyword, text)).toEqual([]);
  });

  it("two words are not asked so: camp beds may be camping beds", () => {
    expect(foundIn("en", "camping bed", "Two camping beds")).toEqual(["camping beds"]);
  });

  it("a verb and what makes another of it is no thing that lies somewhere", () => {
    expect(foundIn("en", "log in", "Log in with your name.")).toEqual(["Log in"]);
    expect(foundIn("en", "log in", "The log in button")).toEqual(["log in"]);
    expect(foundIn("en", "log in", "The log in the stove")).toEqual([]);
  });
});

describe("in German", () => {
  it.each([
    ["Regal", "Regale aus Holz", "Regale"],
    ["Reinigung", "Reinigungen im Haus", "Reinigungen"],
    ["Putzen", "So putzen Sie richtig", "putzen"],
    ["Garten", "Gärten am Fluss", "Gärten"],
    ["rasen", "Wer wird denn rasen?", "rasen"],
  ])("%s is found in “%s”", (keyword, text, place) => {
    expect(foundIn("de", keyword, text)).toEqual([place]);
  });

  it.each([
    ["Schloss", "Er schloss das Tor.", "a verb has no capital"],
    ["Buch", "Ich buche ein Zimmer.", "nor has this one"],
    ["Wagen", "Wir wagen es.", "it is done by somebody"],
    ["Miete", "Der Mieter zahlt.", "who does it"],
    ["Küche", "Ein Kuchen mit Nuss", "an umlaut"],
    ["Kuchen", "Neue Küchen", "an umlaut"],
  ])("%s is not found in “%s”: %s", (keyword, text) => {
    expect(foundIn("de", keyword, text)).toEqual([]);
  });
});

describe("in an address, which has neither capitals nor accents", () => {
  it.each([
    ["de", "Fahrrad", "fahrrad kaufen ratgeber", "fahrrad"],
    ["de", "Küche", "kuche planen", "kuche"],
    ["de", "Küche planen", "kueche planen tipps", "kueche planen"],
    ["fr", "marché", "marche de noel", "marche"],
    ["fr", "étude de marché", "etude de marche guide", "etude de marche"],
  ])("%s: %s is found in “%s”", (language, keyword, text, place) => {
    expect(foundIn(language, keyword, text)).toEqual([place]);
  });
});

describe("in Dutch and the Romance languages", () => {
  it.each([
    ["nl", "boek", "Twee boeken", "boeken"],
    ["nl", "kopen", "Wij kopen brood.", "kopen"],
    ["fr", "porte", "Trois portes en bois", "portes"],
    ["fr", "marché", "Des marchés couverts", "marchés"],
    ["es", "cocina", "Dos cocinas pequeñas", "cocinas"],
    ["it", "cucina", "Tre cucine", "cucine"],
    ["pt", "conta", "Duas contas", "contas"],
  ])("%s: %s is found in “%s”", (language, keyword, text, place) => {
    expect(foundIn(language, keyword, text)).toEqual([place]);
  });

  it.each([
    ["nl", "boek", "Hij boekte een reis.", "somebody does it"],
    ["fr", "porte", "Elle porte un manteau.", "somebody does it"],
    ["fr", "cuisine", "Deux cuisiniers", "who does it"],
    ["fr", "marché", "Une marche abîmée", "an accent"],
    ["es", "cocina", "La cocinera sonríe.", "who does it"],
    ["es", "frutería", "Un frutero amable", "who does it"],
    ["it", "porta", "Lei porta il pane.", "somebody does it"],
    ["pt", "conta", "Ela conta uma piada.", "somebody does it"],
  ])("%s: %s is not found in “%s”: %s", (language, keyword, text) => {
    expect(foundIn(language, keyword, text)).toEqual([]);
  });
});
