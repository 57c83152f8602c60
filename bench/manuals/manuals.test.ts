import { describe, expect, it } from "vitest";
import { BOOKS } from "./books";
import { MANUAL_LANGUAGES } from "./manual";
import { headingName } from "./pages";
import { manualSubjects } from "./subjects";

describe.each(manualSubjects)("the marks of $name", ({ pages, keyword }) => {
  it("name headings that a page has, each once", () => {
    for (const { about, around = [], headings } of pages) {
      const places = [...Object.values(about).flat(), ...around];
      expect(new Set(places).size).toBe(places.length);
      for (const place of places) expect(place).toBeLessThan(headings);
    }
  });

  it("are of five pages in three languages, of books that are named", () => {
    expect(pages).toHaveLength(5);
    for (const language of MANUAL_LANGUAGES) {
      expect(keyword[language]).toBeTruthy();
      for (const { book, page } of pages)
        expect(BOOKS[book]!(language).path(page)).toMatch(/^usr\/share\/.+\.html$/);
    }
  });

  it("say of some subjects that several pages have them", () => {
    const all = pages.flatMap(({ about }) => Object.keys(about));
    expect(all.length - new Set(all).size).toBeGreaterThanOrEqual(5);
  });
});

it("half of the marks are held out", () =>
  expect(manualSubjects.filter(({ heldOut }) => heldOut)).toHaveLength(manualSubjects.length / 2));

it.each([
  ["6.2.1. Initialization", "initialization"],
  ["B.4.3. Network\u00a0console", "network console"],
  ["Kapitel 2. Paketverwaltung", "paketverwaltung"],
  ["6. Best Packaging Practices\u00b6", "best packaging practices"],
  ["dpkg", "dpkg"],
])("the heading %j is called %j", (text, name) => expect(headingName(text)).toBe(name));
