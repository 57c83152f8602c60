import { describe, expect, it } from "vitest";
import { analyseText } from "../text/analyse";
import { languagePack } from "../text/language";
import { headingStems } from "./coverage";
import { subjectOf, subjectsByPages, subjectsBySets } from "./subjectWords";

const german = languagePack("de");
const english = languagePack("en");
const read = (texts: readonly string[], language: string) =>
  texts.map((text) => analyseText(text, languagePack(language)));
const word = (text: string, language: string) => analyseText(text, languagePack(language)).tokens[0]!;

it.each([
  ["de", "konfigurieren", "Konfiguration"],
  ["de", "installieren", "Installation"],
  ["de", "aktualisieren", "Aktualisierung"],
  ["de", "partitionieren", "Partitionierung"],
  ["nl", "configureren", "configuratie"],
  ["nl", "installeren", "installatie"],
  ["en", "configure", "configuration"],
  ["fr", "configurer", "configuration"],
  ["es", "configurar", "configuración"],
  ["it", "configurare", "configurazione"],
  ["pt", "configurar", "configuração"],
])("in %s, %s and %s name one subject", (language, verb, noun) => {
  const pack = languagePack(language);
  expect(subjectOf(word(verb, language).stem, pack)).toBe(subjectOf(word(noun, language).stem, pack));
});

it.each([
  ["de", "Station", "stieren"],
  ["de", "Datei", "Daten"],
  ["de", "Nation", "nieren"],
])("in %s, %s and %s name two", (language, a, b) => {
  const pack = languagePack(language);
  expect(subjectOf(word(a, language).stem, pack)).not.toBe(subjectOf(word(b, language).stem, pack));
});

describe("compounds by the words of pages", () => {
  const pages = [
    read(["Das Netzwerk ist da.", "Die Konfiguration und das Programm"], "de"),
    read(["Ein Netzwerk", "Eine Konfiguration, eine Installation, ein Programm"], "de"),
    read(["Die Installation"], "de"),
  ];
  const subjectsOf = subjectsByPages(pages, [], german);
  const of = (text: string) => subjectsOf(word(text, "de"));

  it("name the subjects of their parts", () =>
    expect(new Set(of("Netzwerkkonfiguration"))).toEqual(
      new Set([...of("Netzwerk"), ...of("konfigurieren")]),
    ));

  it("are read with what stands between the parts", () =>
    expect(new Set(of("Installationsprogramm"))).toEqual(
      new Set([...of("Installation"), ...of("Programm")]),
    ));

  it("stay whole where a part is not known of two pages", () =>
    expect(of("Netzwerkanschluss")).toEqual([word("Netzwerkanschluss", "de").stem]));

  it("make one heading of two wordings", () => {
    const stems = (text: string) => headingStems(analyseText(text, german), new Set(), german, subjectsOf);
    expect(stems("Netzwerkkonfiguration")).toEqual(stems("Das Netzwerk konfigurieren"));
  });
});

describe("compounds by the words that headings have side by side", () => {
  const headings = read(["Set up the boot loader", "Time zone and clock", "A key for the board"], "en");
  const subjectsOf = subjectsByPages([], headings, english);

  it.each([
    ["bootloader", 2],
    ["timezone", 2],
    ["keyboard", 1],
  ])("%s is %i", (text, n) => expect(subjectsOf(word(text, "en"))).toHaveLength(n));
});

describe("compounds by sets of subjects", () => {
  const subjectsOf = subjectsBySets([["netzwerk", "konfigur"], ["batterie"], ["akku", "tausch"]], german);

  it.each([
    ["Netzwerkkonfiguration", ["netzwerk", "konfigur"]],
    ["Akkutausch", ["akku", "tausch"]],
    // Parts of two sets are no compound that one of them speaks of.
    ["Batterietausch", ["batterietausch"]],
    ["Netzwerk", ["netzwerk"]],
  ])("%s", (text, subjects) => expect([...subjectsOf(word(text, "de"))].sort()).toEqual(subjects.sort()));
});

describe("a heading with a clause of time", () => {
  const stems = (text: string) => [...headingStems(analyseText(text, english), new Set(), english)];

  it("is about what stands before it", () =>
    expect(stems("Do I get the money before or after you sell?")).not.toContain("sell"));
  it("keeps a time that is a thing", () => expect(stems("Care before winter")).toContain("winter"));
});
