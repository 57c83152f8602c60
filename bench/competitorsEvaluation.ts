/**
 * How well the analysis finds what competing pages are about: for the five subjects of the stand-in web, what each page was written to
 * cover is known (subjects.json), heading by heading, beside the terms that a reader of the subject would name.
 */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { analyseCompetitors, type CompetitorAnalysis } from "../src/core/benchmark/competitors";
import { readPage } from "../src/core/competitors/page";
import { contentStems } from "../src/core/competitors/questions";
import { defaultProfile } from "../src/core/proof/profile";
import { foldPlain } from "../src/core/text/fold";
import { languagePack } from "../src/core/text/language";
import { readWeb } from "../src/server/standins/web/pages";
import { judgeTopics, type MarkedHeading, type TopicFigures } from "./judgeTopics";

interface Subject {
  /** Terms that most of its pages were written around. */
  core: string[];
  /** Terms that a reader of the subject would name. */
  terms: string[];
  /** By address without its scheme: the page's headings, by what they are about. */
  pages: Record<string, Record<string, string[]>>;
}

export interface Evaluated {
  query: string;
  pages: number;
  topics: TopicFigures;
  terms: { precision: number; recall: number };
}

const ROOT = join(import.meta.dirname, "..");
const FIRST = 20;

export function evaluateField(): Evaluated[] {
  const subjects = JSON.parse(readFileSync(join(ROOT, "bench/subjects.json"), "utf8")) as Record<
    string,
    Subject
  >;
  const web = new Map(readWeb(join(ROOT, "demo/web")).map(({ address, html }) => [address, html]));
  return Object.entries(subjects).map(([query, subject]) => {
    const addresses = Object.keys(subject.pages).map((path) => `https://${path}`);
    const collected = addresses.map((address, rank) => ({
      rank,
      page: readPage(web.get(address)!, address),
    }));
    const analysis = analyseCompetitors(collected, {
      keyword: query,
      language: "en",
      profile: defaultProfile,
    });
    return {
      query,
      pages: addresses.length,
      topics: judgeTopics(analysis.topics, markedHeadings(subject), foldPlain),
      terms: judgeTerms(analysis, subject),
    };
  });
}

const markedHeadings = ({ pages }: Subject): MarkedHeading[] =>
  Object.values(pages).flatMap((subjects, page) =>
    Object.entries(subjects).flatMap(([subject, headings]) =>
      headings.map((text) => ({ page, text, subject })),
    ),
  );

/** Precision: how many of the first twenty terms a reader would name. Recall: how many of the core terms are found at all. */
function judgeTerms({ terms }: CompetitorAnalysis, subject: Subject) {
  const key = (text: string) => contentStems(text, languagePack("en")).join(" ");
  const named = new Set([...subject.terms, ...subject.core].map(key));
  const termKeys = new Set(terms.map((term) => term.key));
  const first = terms.slice(0, FIRST);
  return {
    precision: first.filter((term) => named.has(term.key)).length / first.length,
    recall: subject.core.filter((text) => termKeys.has(key(text))).length / subject.core.length,
  };
}
