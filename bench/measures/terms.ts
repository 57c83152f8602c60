import { analyseCompetitors } from "../../src/core/benchmark/competitors";
import { readPage } from "../../src/core/competitors/page";
import { contentStems } from "../../src/core/competitors/questions";
import { defaultProfile } from "../../src/core/proof/profile";
import { languagePack } from "../../src/core/text/language";
import { german } from "../terms/de";
import { germanWinter } from "../terms/deWinter";
import { spanish } from "../terms/es";
import { french } from "../terms/fr";
import { italian } from "../terms/it";
import { dutch } from "../terms/nl";
import { portuguese } from "../terms/pt";
import type { TermSubject } from "../terms/subject";
import { type Figure, type Measure, versionOf } from "./measure";

const FIRST = 20;
const subjects = [german, germanWinter, french, spanish, dutch, italian, portuguese];

/** Precision: how many of the first twenty terms a reader would name. Recall: how many of the core are found at all. */
function judge({ language, name = language, keyword, core, terms, pages }: TermSubject): Figure[] {
  const collected = pages.map((body, rank) => {
    const html = `<!doctype html><html lang="${language}"><head><title>${rank}</title></head><body><main>${body}</main></body></html>`;
    return { rank, page: readPage(html, `https://p${rank}.example/page`, language) };
  });
  const analysis = analyseCompetitors(collected, { keyword, language, profile: defaultProfile });
  const key = (text: string) => contentStems(text, languagePack(language)).join(" ");
  const named = new Set([...terms, ...core].map(key));
  const all = new Set(analysis.terms.map((term) => term.key));
  const first = analysis.terms.slice(0, FIRST);
  return [
    {
      what: `${name}: precision of the first ${FIRST}`,
      value: first.filter((term) => named.has(term.key)).length / first.length,
      aim: 0.8,
    },
    {
      what: `${name}: recall of the core`,
      value: core.filter((text) => all.has(key(text))).length / core.length,
      aim: 0.95,
    },
  ];
}

export const terms: Measure = {
  title: "Terms in other languages",
  says: "Five made-up pages about one subject in each, and the terms that they were written to share. Written before they were measured. That verbs are told apart, those of the first three had shown; no rule was made by the others.",
  data: () => `bench/terms (${versionOf("bench/terms")})`,
  figures: () => subjects.flatMap(judge),
};
