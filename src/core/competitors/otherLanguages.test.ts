/** Passages in another language are found by their small words, on pages of every language that is offered. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Block } from "../draft/draft";
import { analyseText } from "../text/analyse";
import { languagePack, packedLanguages } from "../text/language";
import { inItsLanguage } from "./otherLanguages";
import { readPage } from "./page";

const PROSE: Record<string, readonly string[]> = {
  en: [
    "How often you should water a plant depends on the light that it gets and on the pot in which it stands.",
    "In winter it needs far less than in summer, and it should not stand in cold water for a whole night.",
  ],
  de: [
    "Wie oft man eine Pflanze gießen soll, hängt vom Licht ab, das sie bekommt, und vom Topf, in dem sie steht.",
    "Im Winter braucht sie viel weniger als im Sommer, und sie soll nicht die ganze Nacht im kalten Wasser stehen.",
  ],
  fr: [
    "La fréquence à laquelle il faut arroser une plante dépend de la lumière qu'elle reçoit et de son pot.",
    "En hiver il en faut bien moins qu'en été, et elle ne doit pas rester une nuit entière dans de l'eau froide.",
  ],
  es: [
    "La frecuencia con la que hay que regar una planta depende de la luz que recibe y de la maceta en la que está.",
    "En invierno necesita mucho menos que en verano, y no debe pasar toda la noche en el agua fría.",
  ],
  nl: [
    "Hoe vaak je een plant water moet geven hangt af van het licht dat ze krijgt en van de pot waarin ze staat.",
    "In de winter heeft ze veel minder nodig dan in de zomer, en ze mag niet de hele nacht in koud water staan.",
  ],
  it: [
    "La frequenza con cui bisogna annaffiare una pianta dipende dalla luce che riceve e dal vaso in cui si trova.",
    "In inverno ne serve molto meno che in estate, e non deve restare tutta la notte nell'acqua fredda.",
  ],
  pt: [
    "A frequência com que se deve regar uma planta depende da luz que ela recebe e do vaso em que está.",
    "No inverno precisa de muito menos água do que no verão, e não deve ficar a noite toda na água fria.",
  ],
};
const paragraphs = (code: string) => PROSE[code]!.map((text) => `<p>${text}</p>`).join("");
const blocksOf = (html: string, language: string): readonly Block[] =>
  readPage(`<main>${html}</main>`, "https://a.example/page", language).draft.blocks;
const told = (html: string, language: string) => {
  const pack = languagePack(language);
  const result = inItsLanguage(blocksOf(html, language), ({ text }) => analyseText(text, pack), pack);
  return { texts: result.blocks.map(({ text }) => text), isOther: result.isOther };
};
/** A page and a passage whose languages have too many small words in common for every sentence to be told. */
const NEAR = new Set(["es pt", "pt es", "fr es"]);
const codes = packedLanguages.map(({ code }) => code);

it("has prose of every language with a pack", () =>
  expect(Object.keys(PROSE).sort()).toEqual([...codes].sort()));

describe.each(codes)("on a page in %s", (code) => {
  it("nothing of its own goes, and the very list comes back", () => {
    const pack = languagePack(code);
    const blocks = blocksOf(`<h2>Lux</h2>${paragraphs(code)}<ul><li>Ficus</li><li>Aloe vera</li></ul>`, code);
    const result = inItsLanguage(blocks, ({ text }) => analyseText(text, pack), pack);
    expect(result.blocks).toBe(blocks);
    expect(result.isOther).toBe(false);
  });

  it.each(codes.filter((other) => other !== code && !NEAR.has(`${code} ${other}`)))(
    "a passage in %s goes",
    (other) => {
      const { texts, isOther } = told(`${paragraphs(code)}${paragraphs(other)}${paragraphs(code)}`, code);
      expect(texts).toEqual([...PROSE[code]!, ...PROSE[code]!]);
      expect(isOther).toBe(false);
    },
  );

  it("a page that is all in another language stays whole, and is told", () => {
    const other = code === "en" ? "de" : "en";
    expect(told(paragraphs(other), code)).toEqual({ texts: [...PROSE[other]!], isOther: true });
    expect(told(paragraphs(other).repeat(3) + paragraphs(code), code).isOther).toBe(true);
  });
});

describe("what is too short to tell", () => {
  const GERMAN = `<p>${PROSE.de![0]}</p>`;
  const ENGLISH = `<p>${PROSE.en![0]}</p>`;
  it("goes with what it stands between", () => {
    const html = `${GERMAN}${GERMAN}${ENGLISH}<ul><li>Aloe vera</li></ul>${ENGLISH}<ul><li>Ficus</li></ul>${GERMAN}`;
    const { texts } = told(html, "de");
    expect(texts).not.toContain("Aloe vera");
    expect(texts).toContain("Ficus");
  });
  it("as a heading goes with what it stands over, unless a small word says what it is in", () => {
    const html = `${GERMAN}<h2>Watering plants</h2>${ENGLISH}<h2>Der Topf</h2>${ENGLISH}<h2>Licht</h2>${GERMAN}`;
    expect(told(html, "de").texts.filter((text) => text.length < 20)).toEqual(["Der Topf", "Licht"]);
  });
});

it.each([
  ["commands and names alone", "<p>apt install aptitude synaptic dpkg debconf --yes --quiet</p>"],
  ["code", "<pre>for (const one of all) if (one.is && the.other) return to.the(beginning);</pre>"],
  ["nothing", ""],
])("%s are in no language", (_what, html) => {
  const german = `<p>${PROSE.de![0]}</p>`;
  expect(told(german + html, "de").texts.length).toBe(blocksOf(german + html, "de").length);
});

it("in a language without a pack nothing is told", () => {
  expect(told(paragraphs("en") + paragraphs("de"), "fi").texts).toHaveLength(4);
});

it("with any mixture: own paragraphs stay in order, unless nearly all are in another", () => {
  fc.assert(
    fc.property(
      fc.constantFrom("en", "de", "fr", "nl"),
      fc.array(fc.tuple(fc.constantFrom("en", "de", "fr", "nl"), fc.nat(1)), { maxLength: 8 }),
      (own, chosen) => {
        const texts = chosen.map(([code, n]) => PROSE[code]![n]!);
        const mine = texts.filter((text) => PROSE[own]!.includes(text));
        const result = told(texts.map((text) => `<p>${text}</p>`).join(""), own);
        expect(result.texts).toEqual(result.isOther ? texts : mine);
        if (mine.length > texts.length / 2) expect(result.isOther).toBe(false);
      },
    ),
    { numRuns: 60 },
  );
});
