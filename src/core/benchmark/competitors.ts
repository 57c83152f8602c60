/** What the pages that rank for a keyword share. Pure: the same pages give the same analysis, in any order. */

import { linksOf } from "../blocks/runs";
import { withoutBoilerplate } from "../competitors/boilerplate";
import { headingStems, namesSubject } from "../competitors/coverage";
import { type Doubt, doubtsOf } from "../competitors/doubts";
import { type Frequencies, frequenciesOf } from "../competitors/frequencies/frequencies";
import type { CompetitorMeasure, MeasuredTopic } from "../competitors/measure";
import { inItsLanguage } from "../competitors/otherLanguages";
import type { CompetitorPage } from "../competitors/page";
import type { RankedCompetitor } from "../competitors/pageShape";
import { asks, contentStems, mergeQuestions, placeKind, type ReaderQuestion } from "../competitors/questions";
import { type Section, sectionsOf } from "../competitors/sections";
import { standingOf } from "../competitors/standing";
import { type Statistic, sortStatistics, statisticsOf } from "../competitors/statistics";
import { type SubjectsOf, subjectOf, subjectsByPages } from "../competitors/subjectWords";
import { percentile, type SharedTerm, TermCounts } from "../competitors/terms";
import { type CompetitorHeading, compare, type HeadingTopic, headingTopics } from "../competitors/topics";
import type { Block, Draft } from "../draft/draft";
import { countsAsWords } from "../draft/words";
import type { Profile } from "../proof/profile";
import { ReadingCache } from "../proof/reading/remembered";
import { type AnalysedText, analyseText } from "../text/analyse";
import { fold } from "../text/fold";
import { isFurnitureHeading } from "../text/furniture";
import { languagePack } from "../text/language";
import type { LanguagePack } from "../text/packs/pack";
import { proseOf, sumsIn, sumsOf } from "../text/prose";
import { readingEase } from "../text/readability";
import { sentences } from "../text/sentences";
import { type Benchmark, benchmarkOf, type PageReport, scorePage } from "./benchmark";

export type { RankedCompetitor } from "../competitors/pageShape";

export interface PageFigures {
  words: number;
  headings: number;
  pictures: number;
  picturesWithAlt: number;
  /** Links to pages of its own site, and to others. */
  linksIn: number;
  linksOut: number;
  questions: number;
  ease: number | null;
}

export interface AnalysedPage {
  address: string;
  /** What its head says of it; empty where it says nothing. */
  description: string;
  author: string;
  published: string;
  types: string[];
  figures: PageFigures;
  /** Headings in order, for its tree. */
  headings: { level: number; text: string }[];
  report: PageReport;
  /** What is doubted of it, for a person to decide. */
  doubt: Doubt | null;
}

export interface Spread {
  median: number;
  low: number;
  high: number;
}

export interface CompetitorAnalysis {
  keyword: string;
  language: string;
  /** In the order of ranking. */
  pages: AnalysedPage[];
  spread: Record<"words" | "headings" | "pictures" | "links" | "ease", Spread | null>;
  terms: PlacedTerm[];
  headingTerms: SharedTerm[];
  topics: HeadingTopic[];
  questions: ReaderQuestion[];
  statistics: Statistic[];
  benchmark: Benchmark | null;
  measure: CompetitorMeasure | null;
}

/** A term with the topic in whose sections it is used most; -1 where in none. */
export interface PlacedTerm extends SharedTerm {
  topic: number;
}

export interface CompetitorsQuestion {
  keyword: string;
  language: string;
  profile: Profile;
  /** What a search service knows of questions, with where they were asked. */
  asked?: readonly { text: string; service: string; asked: readonly { title: string; address: string }[] }[];
}

/** What is on one page alone is no topic of the competing pages. */
const LEAST_TOPIC_PAGES = 2;
/** Headings of all pages that are compared: each with each, so that a manual of a thousand entries must not take for ever. */
const MOST_HEADINGS = 1000;
const MOST_HEADING_TERMS = 20;

/** A page with what is computed of it alone. */
interface ReadPage {
  rank: number;
  page: CompetitorPage;
  cache: ReadingCache;
  /** What of it is in the language that is asked for, and its words: of these terms are made. */
  blocks: readonly Block[];
  texts: AnalysedText[];
  headingTexts: AnalysedText[];
  words: number;
  /** Nearly all of it is in another language. */
  isOther: boolean;
  uses: number;
  questions: ReturnType<typeof questionsOn>;
  figures: PageFigures;
}

/**
 * Analyses competing pages.
 *
 * @param collected pages that are kept; two with one address count once, the better ranked
 * @param onProgress called with the steps done, of how many
 */
export function analyseCompetitors(
  collected: readonly RankedCompetitor[],
  { keyword, language, profile, asked: questions = [] }: CompetitorsQuestion,
  onProgress: (done: number, of: number) => void = () => {},
): CompetitorAnalysis {
  const pack = languagePack(language);
  const frequencies = frequenciesOf(language);
  const ordered = inOrder(collected);
  const steps = 2 * ordered.length + 1;
  const pages = ordered.map((one, i) => {
    onProgress(i, steps);
    return readText(one, keyword, pack, profile);
  });
  const told = inOneLanguage(pages);
  const ignored = new Set(contentStems(keyword, pack));
  const counts = new TermCounts(
    told.map(({ texts, words }) => ({ texts, words })),
    frequencies,
    namesAndFurniture(ordered, ignored, pack),
    pack,
  );
  const terms = counts.terms();
  const headings = headingsOf(told, keyword, pack);
  const topics = headingTopics(headings, pages.length, frequencies).filter(
    ({ pages: n }) => n >= LEAST_TOPIC_PAGES,
  );
  onProgress(pages.length + 1, steps);
  const { leastPresence } = profile.checks["heading-topics"];
  const measureOf = (without: number): CompetitorMeasure | null =>
    measure({
      pages: pages.filter((_, i) => i !== without),
      keyword,
      terms: without < 0 ? terms : counts.terms(without),
      topics:
        without < 0
          ? topics.filter(({ presence }) => presence >= leastPresence)
          : withoutPage(topics, without, pages.length, leastPresence),
    });
  const doubts = doubtsOf(pages);
  const analysed = pages.map(({ page, figures, cache }, i): AnalysedPage => {
    onProgress(pages.length + 1 + i, steps);
    return {
      address: page.address,
      description: page.description,
      author: page.author,
      published: page.published,
      types: page.types,
      figures,
      headings: page.draft.blocks.flatMap((block) =>
        block.kind === "heading" && block.text ? [{ level: block.level, text: block.text }] : [],
      ),
      report: scorePage(page, keyword, measureOf(i), profile, cache),
      doubt: doubts[i]!,
    };
  });
  return {
    keyword,
    language,
    pages: analysed,
    spread: spreadOf(analysed),
    terms: placed(terms, topics, headings, pack),
    headingTerms: headingTermsOf(told, frequencies, namesAndFurniture(ordered, ignored, pack), pack),
    topics,
    questions: mergeQuestions(
      [
        ...told.flatMap(({ questions }) => questions),
        ...questions.flatMap(({ text, service, asked: places }) => [
          {
            text: asQuestion(text, pack),
            asSearched: true,
            at: { kind: "search" as const, title: service, address: "" },
          },
          ...places.map(({ title, address }) => ({
            text: asQuestion(text, pack),
            asSearched: true,
            at: { kind: kindOf(ordered, address), title, address },
          })),
        ]),
      ],
      pack,
    ),
    statistics: sortStatistics(told.flatMap(({ page, blocks }) => statisticsOf(blocks, titled(page), pack))),
    benchmark: benchmarkOf(analysed.map(({ report }) => report.score)),
    measure: measureOf(-1),
  };
}

function inOrder(collected: readonly RankedCompetitor[]): RankedCompetitor[] {
  const byAddress = new Map<string, RankedCompetitor>();
  for (const one of [...collected].sort((a, b) => a.rank - b.rank || compare(a.page.address, b.page.address)))
    if (!byAddress.has(one.page.address)) byAddress.set(one.page.address, one);
  const ordered = [...byAddress.values()];
  const pages = withoutBoilerplate(ordered.map(({ page }) => page));
  return ordered.map((one, i) => ({ ...one, page: pages[i]! }));
}

const titled = ({ title, draft, address }: CompetitorPage) => ({ title: title || draft.meta.title, address });

function readText(
  { page, rank }: RankedCompetitor,
  keyword: string,
  pack: LanguagePack,
  profile: Profile,
): ReadPage {
  // The scoring asks the same cache; where the page is in this language, what is read here is read once.
  const cache = new ReadingCache();
  const { blocks, isOther } = inItsLanguage(
    page.draft.blocks,
    (block) => cache.block(block).analysed(pack),
    pack,
  );
  const own = new Set(blocks);
  const read = cache.placed(page.draft.blocks, cache.keyword(keyword, pack), profile.matching, pack);
  const texts: AnalysedText[] = [];
  const headingTexts: AnalysedText[] = [];
  const prose: AnalysedText[] = [];
  let words = 0;
  let allWords = 0;
  let uses = 0;
  for (const { of: block, reading } of read) {
    if (!countsAsWords(block) || !block.text) continue;
    const { analysed } = reading;
    allWords += analysed.tokens.length;
    uses += reading.uses.length;
    if (!own.has(block)) continue;
    texts.push(analysed);
    words += analysed.tokens.length;
    if (block.kind === "heading") headingTexts.push(analysed);
    else if (block.kind !== "cell") prose.push(analysed);
  }
  const questions = questionsOn(page, blocks, pack);
  return {
    rank,
    page,
    cache,
    blocks,
    texts,
    headingTexts,
    words,
    isOther,
    uses,
    questions,
    figures: figuresOf(page, allWords, prose, questions.length, pack),
  };
}

/** The pages as they tell of the subject: one in another language tells nothing, unless all of them are in one. */
function inOneLanguage(pages: readonly ReadPage[]): readonly ReadPage[] {
  if (pages.every(({ isOther }) => isOther)) return pages;
  return pages.map((one) => (one.isOther ? { ...one, ...NOTHING, page: withoutBlocks(one.page) } : one));
}

const NOTHING = { blocks: [], texts: [], headingTexts: [], words: 0, questions: [] };
const withoutBlocks = (page: CompetitorPage): CompetitorPage => ({
  ...page,
  draft: { ...page.draft, blocks: [] },
});

/** What is counted of a page. */
function figuresOf(
  page: CompetitorPage,
  words: number,
  prose: readonly AnalysedText[],
  questions: number,
  pack: LanguagePack,
): PageFigures {
  const { blocks } = page.draft;
  const host = URL.canParse(page.address) ? new URL(page.address).host : "";
  const links = blocks
    .flatMap(({ runs }) => linksOf(runs))
    .map(({ link }) => link.href)
    .filter((href) => !href.startsWith("#"));
  const out = links.filter(
    (href) => /^https?:/i.test(href) && URL.canParse(href) && new URL(href).host !== host,
  );
  const inside = links.filter(
    (href) => !out.includes(href) && (!/^[a-z][a-z0-9+.-]*:/i.test(href) || /^https?:/i.test(href)),
  );
  const pictures = blocks.filter((block) => block.kind === "picture");
  return {
    words,
    headings: blocks.filter(({ kind }) => kind === "heading").length,
    pictures: pictures.length,
    picturesWithAlt: pictures.filter((block) => block.alt).length,
    linksIn: inside.length,
    linksOut: out.length,
    questions,
    ease: readingEase(sumsOf(prose.map((text) => sumsIn(proseOf(text)))), pack),
  };
}

/** The same figures of a draft. @param address of the draft, by which its links are told apart */
export function draftFigures(draft: Draft, address: string): PageFigures {
  const pack = languagePack(draft.meta.language);
  const counted = draft.blocks
    .filter((block) => countsAsWords(block) && block.text)
    .map(({ kind, text }) => ({ kind, analysed: analyseText(text, pack) }));
  const words = counted.reduce((sum, { analysed }) => sum + analysed.tokens.length, 0);
  const prose = counted
    .filter(({ kind }) => kind !== "heading" && kind !== "cell")
    .map(({ analysed }) => analysed);
  const page: CompetitorPage = {
    address,
    site: "",
    title: draft.meta.title,
    description: "",
    canonical: "",
    language: draft.meta.language,
    author: "",
    published: "",
    modified: "",
    types: [],
    draft,
  };
  return figuresOf(page, words, prose, questionsOn(page, draft.blocks, pack).length, pack);
}

function questionsOn(page: CompetitorPage, blocks: readonly Block[], pack: LanguagePack) {
  const at = { kind: placeKind(page.types), ...titled(page) };
  return [page.draft.meta.title, ...blocks.map(({ kind, text }) => (kind === "code" ? "" : text))].flatMap(
    (text) =>
      text.includes("?")
        ? sentences(text, pack)
            .map(({ start, end }) => text.slice(start, end))
            .filter(asks)
            .map((question) => ({ text: question, at }))
        : [],
  );
}

/** A query without its mark, as people type it, written as a question. */
function asQuestion(text: string, { capitals }: LanguagePack): string {
  const words = text
    .trim()
    .replace(/\s*\?+$/, "")
    .split(/\s+/)
    .map((word) => capitals.get(word) ?? word)
    .join(" ");
  return words ? `${words[0]!.toUpperCase()}${words.slice(1)}?` : "";
}

function kindOf(pages: readonly RankedCompetitor[], address: string) {
  const ranked = pages.find(({ page }) => page.address === address);
  return ranked ? placeKind(ranked.page.types) : ("page" as const);
}

/** "Mar" may be another word than the month. */
const SHORTEST_MONTH = 4;

/** Keys that are no terms: what the sites are called, months, and words of the pages' furniture. */
function namesAndFurniture(
  pages: readonly RankedCompetitor[],
  keyword: ReadonlySet<string>,
  pack: LanguagePack,
): Set<string> {
  // A post about newsletters has newsletters for its subject.
  const excluded = new Set(
    [...pack.furniture].filter((phrase) => !phrase.split(" ").some((stem) => keyword.has(stem))),
  );
  for (const month of pack.months) {
    const stem = pack.stem(fold(month));
    if (month.length >= SHORTEST_MONTH && !keyword.has(stem)) excluded.add(stem);
  }
  for (const { page } of pages) {
    const host = URL.canParse(page.address) ? (new URL(page.address).hostname.split(".").at(-2) ?? "") : "";
    for (const name of [page.site, host]) {
      const tokens = analyseText(name, pack).tokens;
      excluded.add(tokens.map(({ stem }) => stem).join(" "));
      const content = tokens.filter(({ small }) => !small);
      if (content.length > 1) excluded.add(content.map(({ stem }) => stem).join(" "));
    }
  }
  return excluded;
}

function headingsOf(pages: readonly ReadPage[], keyword: string, pack: LanguagePack): CompetitorHeading[] {
  const subjectsOf = subjectsByPages(
    pages.map(({ texts }) => texts),
    pages.flatMap(({ headingTexts }) => headingTexts),
    pack,
  );
  const ignored = new Set([
    ...contentStems(keyword, pack),
    ...analyseText(keyword, pack)
      .tokens.filter(({ small }) => !small)
      .flatMap(subjectsOf),
  ]);
  return pages.flatMap(({ page, cache }, index) =>
    foremost(
      sectionsOf(page.draft.blocks).filter(({ text }) => !isFurnitureHeading(text, pack)),
      Math.floor(MOST_HEADINGS / pages.length),
    ).map((section): CompetitorHeading => {
      const { text: whole } = page.draft.blocks[section.heading]!;
      const text =
        whole === section.text
          ? cache.block(page.draft.blocks[section.heading]!).analysed(pack)
          : analyseText(section.text, pack);
      return {
        page: index,
        text: section.text,
        level: section.level,
        place: section.place,
        words: ownWords(section, page, cache, pack),
        stems: headingStems(text, ignored, pack, subjectsOf),
        standing: standingOf(text, pack),
        uses: usesIn(section, page, cache, ignored, pack, subjectsOf),
      };
    }),
  );
}

/** Of too many, those of the higher levels go first, and then those that stand first; in the order of the page. */
function foremost(sections: readonly Section[], most: number): Section[] {
  if (sections.length <= most) return [...sections];
  const chosen = new Set(
    [...sections].sort((a, b) => a.level - b.level || a.heading - b.heading).slice(0, most),
  );
  return sections.filter((section) => chosen.has(section));
}

/** Words under a heading, up to the next of any level. */
function ownWords(section: Section, page: CompetitorPage, cache: ReadingCache, pack: LanguagePack): number {
  let words = 0;
  for (let i = section.from; i < section.to; i++) {
    const block = page.draft.blocks[i]!;
    if (block.kind === "heading") break;
    if (countsAsWords(block)) words += cache.block(block).analysed(pack).tokens.length;
  }
  return words;
}

/** How often a section uses each word that may name a subject; what the heading itself names counts twice. */
function usesIn(
  section: Section,
  page: CompetitorPage,
  cache: ReadingCache,
  ignored: ReadonlySet<string>,
  pack: LanguagePack,
  subjectsOf: SubjectsOf,
): Map<string, number> {
  const uses = new Map<string, number>();
  for (let i = section.heading; i < section.to; i++) {
    const block = page.draft.blocks[i]!;
    if (!countsAsWords(block)) continue;
    const n = i === section.heading ? 2 : 1;
    for (const token of cache.block(block).analysed(pack).tokens) {
      if (!namesSubject(token, pack) || ignored.has(token.stem)) continue;
      for (const subject of subjectsOf(token))
        if (!ignored.has(subject)) uses.set(subject, (uses.get(subject) ?? 0) + n);
    }
  }
  return uses;
}

function placed(
  terms: readonly SharedTerm[],
  topics: readonly HeadingTopic[],
  headings: readonly CompetitorHeading[],
  pack: LanguagePack,
): PlacedTerm[] {
  const byText = new Map(headings.map((heading) => [`${heading.page} ${heading.text}`, heading]));
  const sections = topics.map((topic) =>
    topic.headings.flatMap(({ page, text }) => byText.get(`${page} ${text}`) ?? []),
  );
  return terms.map((term) => {
    const parts = term.key.split(" ").map((stem) => subjectOf(stem, pack));
    let best = { topic: -1, rate: 0 };
    sections.forEach((own, topic) => {
      // A phrase is at most as usual as the rarest of its words.
      const rate =
        own.reduce((sum, { uses }) => sum + Math.min(...parts.map((part) => uses.get(part) ?? 0)), 0) /
        (own.length || 1);
      if (rate > best.rate) best = { topic, rate };
    });
    return { ...term, topic: best.topic };
  });
}

/** The same topics seen without one page: those on pages enough to count in a score. */
function withoutPage(
  topics: readonly HeadingTopic[],
  without: number,
  pages: number,
  leastPresence: number,
): HeadingTopic[] {
  const most = Math.max(1, pages - 1);
  return topics.flatMap((topic) => {
    if (topic.pages < leastPresence * most) return [];
    const headings = topic.headings.filter(({ page }) => page !== without);
    const left = new Set(headings.map(({ page }) => page)).size;
    if (!left || left < leastPresence * most) return [];
    return [{ ...topic, headings, pages: left, presence: left / most }];
  });
}

function measure({
  pages,
  keyword,
  terms,
  topics,
}: {
  pages: readonly ReadPage[];
  keyword: string;
  terms: readonly SharedTerm[];
  topics: readonly HeadingTopic[];
}): CompetitorMeasure | null {
  if (!pages.length) return null;
  const words = sorted(pages.map(({ figures }) => figures.words));
  const densities = sorted(pages.map(({ uses, figures: { words: n } }) => (n ? uses / n : 0)));
  const eases = sorted(pages.flatMap(({ figures: { ease } }) => ease ?? []));
  return {
    pages: pages.length,
    keyword,
    medianWords: percentile(words, 0.5),
    density: [percentile(densities, 0.1), percentile(densities, 0.9)],
    ...(eases.length > 0 && { ease: [percentile(eases, 0.1), percentile(eases, 0.9)] }),
    terms: terms.map(({ key, text, salience, usual, core }) => ({ key, text, salience, usual, core })),
    topics: topics.map(measuredTopic),
  };
}

/** Of a topic what a draft is compared with. */
export const measuredTopic = ({ label, presence, place, level, stems }: HeadingTopic): MeasuredTopic => ({
  label,
  presence,
  place,
  level,
  stems,
});

const sorted = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b);

function headingTermsOf(
  pages: readonly ReadPage[],
  frequencies: Frequencies,
  excluded: ReadonlySet<string>,
  pack: LanguagePack,
): SharedTerm[] {
  const texts = pages.map(({ headingTexts }) => ({
    texts: headingTexts,
    words: headingTexts.reduce((sum, { tokens }) => sum + tokens.length, 0),
  }));
  return new TermCounts(texts, frequencies, excluded, pack).terms(-1, MOST_HEADING_TERMS);
}

function spreadOf(pages: readonly AnalysedPage[]): CompetitorAnalysis["spread"] {
  const of = (figure: (figures: PageFigures) => number | null): Spread | null => {
    const values = sorted(pages.map(({ figures }) => figure(figures)).filter((value) => value !== null));
    if (!values.length) return null;
    return { median: percentile(values, 0.5), low: values[0]!, high: values.at(-1)! };
  };
  return {
    words: of(({ words }) => words),
    headings: of(({ headings }) => headings),
    pictures: of(({ pictures }) => pictures),
    links: of(({ linksIn, linksOut }) => linksIn + linksOut),
    ease: of(({ ease }) => ease),
  };
}
