/** Gaps: what competing pages cover and an outline or a draft does not, by weight; and what it has that none of them has. */

import { type CompetitorAnalysis, measuredTopic, type PlacedTerm } from "../benchmark/competitors";
import { blockFacts, type Coverage, compileShared, coverageOf } from "../competitors/coverage";
import type { ReaderQuestion } from "../competitors/questions";
import type { HeadingTopic } from "../competitors/topics";
import type { Block } from "../draft/draft";
import { analyseText } from "../text/analyse";
import { languagePack } from "../text/language";
import { alikeBeside } from "./alike";
import { faqStart, type OutlineItem } from "./outline";

export interface Gaps {
  /** Topics on enough of the competing pages, those on most first. */
  topics: HeadingTopic[];
  questions: ReaderQuestion[];
  /** Core terms, the most salient first. */
  terms: PlacedTerm[];
  /** Headings here that are about nothing that competing pages cover. */
  own: string[];
  /** How much of what the competing pages ask for is here: topics, questions, core terms. */
  covered: { topics: [number, number]; questions: [number, number]; terms: [number, number] };
  /** All of it, covered or not. */
  coverage: Coverage;
}

export interface GapRules {
  /** Share of the competing pages from which a topic counts. */
  leastPresence: number;
  answerWords: number;
  overShare: number;
  overFactor: number;
}

/** Questions that are asked in so many places count; at most so many. */
const ASKED_IN = 2;
const MOST_QUESTIONS = 12;

/** Questions that the competing pages and the search share; of few, those that are asked at all. */
export function sharedQuestions({ questions }: Pick<CompetitorAnalysis, "questions">): ReaderQuestion[] {
  const shared = questions.filter(({ asked: places }) => places.length >= ASKED_IN);
  return (shared.length >= 3 ? shared : questions).slice(0, MOST_QUESTIONS);
}

/** A plan is made of so many topics at least, where so many are on pages enough to be no accident. */
const LEAST_TOPICS = 8;
const NO_ACCIDENT = 3;

/** Topics to plan by: those on the given share of the pages, and of fewer than eight the next common ones. By presence. */
export function topicsToPlan(
  { topics, pages }: Pick<CompetitorAnalysis, "topics" | "pages">,
  leastPresence: number,
): HeadingTopic[] {
  const least = Math.min(NO_ACCIDENT, pages.length);
  return [...topics]
    .sort((a, b) => b.presence - a.presence || a.place - b.place)
    .filter((topic, i) => topic.presence >= leastPresence || (i < LEAST_TOPICS && topic.pages >= least));
}

/**
 * @param blocks what is looked at: an outline (see outlineBlocks) or a draft
 * @param answered whether a heading alone answers a question, as in an outline it does
 */
export function gapsOf(
  analysis: CompetitorAnalysis,
  blocks: readonly Block[],
  rules: GapRules,
  answered: "by a heading" | "by words",
): Gaps | null {
  const { measure } = analysis;
  if (!measure) return null;
  const pack = languagePack(analysis.language);
  const questions = sharedQuestions(analysis);
  // What is on fewer pages counts in no score, and is shown covered all the same.
  const competitors = compileShared(
    { ...measure, topics: analysis.topics.map(measuredTopic) },
    questions.map(({ text }) => text),
    pack,
  );
  let words = 0;
  const covered = blocks.map((block, at) => {
    const text = analyseText(block.text, pack);
    words += text.tokens.length;
    return {
      facts: blockFacts(competitors, block, text),
      words: text.tokens.length,
      heading: block.kind === "heading",
      at,
    };
  });
  const coverage = coverageOf(competitors, covered, words, rules);
  const topicIn = (i: number) => coverage.topics[i]!.covered;
  const questionIn = (i: number) =>
    coverage.questions[i]!.answered ||
    (answered === "by a heading" && coverage.questions[i]!.heading !== null);
  const termIn = (i: number) =>
    answered === "by a heading"
      ? coverage.terms[i]!.count > 0
      : coverage.terms[i]!.count >= Math.floor(coverage.terms[i]!.low);
  const planned = new Set(topicsToPlan(analysis, rules.leastPresence));
  const topics = analysis.topics.map((topic, i) => ({ topic, i })).filter(({ topic }) => planned.has(topic));
  const core = analysis.terms.map((term, i) => ({ term, i })).filter(({ term }) => term.core);
  const missing = {
    topics: topics.filter(({ i }) => !topicIn(i)),
    questions: questions.filter((_, i) => !questionIn(i)),
    terms: core.filter(({ i }) => !termIn(i)),
  };
  return {
    topics: missing.topics
      .map(({ topic }) => topic)
      .sort((a, b) => b.presence - a.presence || a.place - b.place),
    questions: missing.questions,
    terms: missing.terms.map(({ term }) => term),
    own: ownOf(analysis, blocks),
    covered: {
      topics: [topics.length - missing.topics.length, topics.length],
      questions: [questions.length - missing.questions.length, questions.length],
      terms: [core.length - missing.terms.length, core.length],
    },
    coverage,
  };
}

function ownOf({ keyword, language, pages, topics }: CompetitorAnalysis, blocks: readonly Block[]): string[] {
  const pack = languagePack(language);
  const { stems, isAny } = alikeBeside(keyword, pack, topics);
  const theirs = pages.flatMap(({ headings }) => headings.map(({ text }) => stems(text)));
  return blocks
    .filter((block) => block.kind === "heading" && block.level > 1 && block.text.trim())
    .map(({ text }) => text)
    .filter((text) => !isAny(text, theirs));
}

/** An outline as blocks: headings, and their notes under them. */
export function outlineBlocks(items: readonly OutlineItem[]): Block[] {
  return items.flatMap(({ id, level, text, note }): Block[] => [
    { id, kind: "heading", level, text, runs: [{ text, marks: [] }], within: [] },
    ...(note.trim()
      ? [
          {
            id: `${id}-note`,
            kind: "paragraph" as const,
            text: note,
            runs: [{ text: note, marks: [] }],
            within: [],
          },
        ]
      : []),
  ]);
}

/**
 * Puts a topic in where its median place in the competing pages suggests: before the first H2 that stands later there.
 *
 * @param id of the new item
 */
export function withTopic(
  items: readonly OutlineItem[],
  topic: HeadingTopic,
  analysis: CompetitorAnalysis,
  id: string,
): OutlineItem[] {
  const at = placeOf(items, topic.place, analysis);
  const level = topic.level === 3 && items.slice(0, at).some((item) => item.level === 2) ? 3 : 2;
  const item: OutlineItem = {
    id,
    level,
    text: topic.label,
    note: "",
    ...(topic.words >= 10 && { budget: budgetOf(topic.words) }),
  };
  return [...items.slice(0, at), item, ...items.slice(at)];
}

export const budgetOf = (words: number): number => Math.max(20, Math.round(words / 10) * 10);

/**
 * Word budgets for the headings that have none: what the competing pages' sections on their topics have, or where a length is aimed at,
 * that length less what is planned, shared out in the same proportion; a heading about no topic then gets what the middle one has.
 *
 * @param analysis of the competing pages; null where there are none, and all headings weigh the same
 * @param length words that the whole is to have; null where nobody has said
 */
export function withBudgets(
  items: readonly OutlineItem[],
  analysis: CompetitorAnalysis | null,
  length: number | null = null,
): OutlineItem[] {
  const words = analysis ? topicWords(items, analysis) : items.map(() => null);
  const open = items.map(({ budget, faq, text }) => !budget && !faq && text.trim() !== "");
  if (length === null)
    return items.map((item, i) => (open[i] && words[i] ? { ...item, budget: budgetOf(words[i]) } : item));
  const ranked = words.filter((n, i) => n !== null && open[i]).sort((a, b) => a! - b!);
  const middle = ranked[Math.floor(ranked.length / 2)] ?? 1;
  const weights = words.map((n, i) => (open[i] ? (n ?? middle) : 0));
  const all = weights.reduce((sum, n) => sum + n, 0);
  const left = length - items.reduce((sum, { budget }) => sum + (budget ?? 0), 0);
  if (left <= 0 || all <= 0) return [...items];
  return items.map((item, i) => (open[i] ? { ...item, budget: budgetOf((left * weights[i]!) / all) } : item));
}

/** Words that the competing pages' sections on a heading's topic have; null where it is about none. */
function topicWords(items: readonly OutlineItem[], analysis: CompetitorAnalysis): (number | null)[] {
  const pack = languagePack(analysis.language);
  const { isAny } = alikeBeside(analysis.keyword, pack, analysis.topics);
  return items.map(({ text }) => {
    const topic = analysis.topics.find(({ stems }) =>
      isAny(
        text,
        stems.map((one) => new Set(one)),
      ),
    );
    return topic && topic.words >= 10 ? topic.words : null;
  });
}

function placeOf(
  items: readonly OutlineItem[],
  place: number,
  { keyword, language, topics }: CompetitorAnalysis,
): number {
  const pack = languagePack(language);
  const { isAny } = alikeBeside(keyword, pack, topics);
  const faq = faqStart(items);
  for (let i = 0; i < faq; i++) {
    const item = items[i]!;
    if (item.level !== 2) continue;
    const topic = topics.find(({ stems }) =>
      isAny(
        item.text,
        stems.map((one) => new Set(one)),
      ),
    );
    if (topic && topic.place > place) return i;
  }
  return faq;
}

const USE = "Use: ";

/** Puts a term into the note of the heading that is about the topic where the competing pages use it, or else of the first heading. */
export function withTerm(
  items: readonly OutlineItem[],
  term: PlacedTerm,
  analysis: CompetitorAnalysis,
): OutlineItem[] {
  const pack = languagePack(analysis.language);
  const { isAny } = alikeBeside(analysis.keyword, pack, analysis.topics);
  const topic = analysis.topics[term.topic];
  const stems = topic?.stems.map((one) => new Set(one)) ?? [];
  const home = items.find(({ text }) => isAny(text, stems)) ?? items[0];
  return items.map((item) => (item === home ? { ...item, note: noteWith(item.note, term.text) } : item));
}

function noteWith(note: string, term: string): string {
  const lines = note.split("\n");
  const at = lines.findIndex((line) => line.startsWith(USE));
  if (at < 0) return [note, `${USE}${term}`].filter(Boolean).join("\n");
  lines[at] = `${lines[at]}, ${term}`;
  return lines.join("\n");
}

/** Puts a question into the FAQ. */
export function withQuestion(items: readonly OutlineItem[], text: string, id: string): OutlineItem[] {
  return [...items, { id, level: 3, text, note: "", faq: true }];
}

/** Puts in all that is missing: topics where they belong, then questions into the FAQ, then terms into notes. */
export function withAllGaps(
  items: readonly OutlineItem[],
  { topics, questions, terms }: Pick<Gaps, "topics" | "questions" | "terms">,
  analysis: CompetitorAnalysis,
  freshId: () => string,
): OutlineItem[] {
  let all = [...items];
  for (const topic of topics) all = withTopic(all, topic, analysis, freshId());
  for (const { text } of questions) all = withQuestion(all, text, freshId());
  for (const term of terms) all = withTerm(all, term, analysis);
  return all;
}
