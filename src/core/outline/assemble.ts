/** Outlines assembled from the competing pages and the person's own points: each deterministic, each with what it was made of. */
import type { CompetitorAnalysis } from "../benchmark/competitors";
import { asks } from "../competitors/questions";
import { compare, type HeadingTopic } from "../competitors/topics";
import { fold, foldPlain } from "../text/fold";
import { languagePack } from "../text/language";
import { alikeBeside } from "./alike";
import { budgetOf, sharedQuestions, topicsToPlan } from "./gaps";
import { faqStart, type OutlineItem, settled } from "./outline";
import type { Assembled, AssembledItem } from "./shapes";

export type { Assembled, AssembledItem, Method } from "./shapes";

interface Material {
  analysis: CompetitorAnalysis;
  points: readonly string[];
  /** Topics of the competing pages that are on pages enough, by place. */
  topics: HeadingTopic[];
  alike: ReturnType<typeof alikeBeside>;
}

/** An outline of fewer headings than this is none. */
const LEAST_ITEMS = 3;
const MOST_FAQ = 6;

/** A new way to assemble is a function and a line here. Each gives null where the competing pages' headings do not support it. */
const METHODS: ((material: Material) => Assembled | null)[] = [byOrder, byQuestions, bySteps, byComparison];
const MOST_OUTLINES = 3;

/**
 * @param points the person's own, which each outline holds
 * @param leastPresence share of the pages from which a topic is taken
 * @returns up to three outlines that differ in their headings
 */
export function assemble(
  analysis: CompetitorAnalysis,
  points: readonly string[],
  leastPresence: number,
): Assembled[] {
  const pack = languagePack(analysis.language);
  const material: Material = {
    analysis,
    points,
    topics: topicsToPlan(analysis, leastPresence).sort(
      (a, b) => a.place - b.place || compare(a.label, b.label),
    ),
    alike: alikeBeside(analysis.keyword, pack, analysis.topics),
  };
  const seen = new Set<string>();
  return METHODS.flatMap((method) => {
    const outline = method(material);
    if (!outline || outline.items.filter(({ faq }) => !faq).length < LEAST_ITEMS) return [];
    const key = JSON.stringify(outline.items.map(({ text, level }) => [text, level]));
    if (seen.has(key)) return [];
    seen.add(key);
    return [outline];
  }).slice(0, MOST_OUTLINES);
}

const pagesOf = (topic: HeadingTopic, { pages }: CompetitorAnalysis): string =>
  `from ${topic.pages} of ${pages.length} pages`;

const itemOf = (
  topic: HeadingTopic,
  analysis: CompetitorAnalysis,
  level: 2 | 3,
  text = topic.label,
): AssembledItem => ({
  level,
  text,
  note: "",
  ...(topic.words >= 10 && { budget: budgetOf(topic.words) }),
  from: pagesOf(topic, analysis),
});

function byOrder(material: Material): Assembled | null {
  const { analysis, topics } = material;
  return {
    method: "order",
    title: "In the competitors' order",
    why: `${topics.length} topics, each where its median page has it; ${analysis.pages.length} pages.`,
    items: finished(material, nested(topics, analysis)),
  };
}

/** Deep topics stand under the one before them. */
function nested(topics: readonly HeadingTopic[], analysis: CompetitorAnalysis): AssembledItem[] {
  return topics.map((topic, i) => itemOf(topic, analysis, i > 0 && topic.level === 3 ? 3 : 2));
}

function byQuestions(material: Material): Assembled | null {
  const { analysis, topics, alike } = material;
  const free = new Set(sharedQuestions(analysis).map(({ text }) => text));
  let questions = 0;
  const items = topics.map((topic) => {
    const stems = topic.stems.map((one) => new Set(one));
    const question =
      [...free].find((text) => alike.isAny(text, stems)) ??
      topic.headings
        .map(({ text }) => text)
        .sort(compare)
        .find(asks);
    if (!question) return itemOf(topic, analysis, 2);
    free.delete(question);
    questions++;
    return itemOf(topic, analysis, 2, question);
  });
  const rest = [...free]
    .slice(0, MOST_FAQ)
    .map((text): AssembledItem => ({ level: 2, text, note: "", from: "a question that readers ask" }));
  if (questions + rest.length < LEAST_ITEMS) return null;
  return {
    method: "questions",
    title: "Led by questions",
    why: `${questions} of ${topics.length} topics put as the questions that readers ask, and ${rest.length} questions that no topic answers.`,
    items: finished(material, [...items, ...rest], false),
  };
}

function bySteps(material: Material): Assembled | null {
  const { analysis, topics } = material;
  const { stepOpening } = languagePack(analysis.language);
  const bare = (text: string): string => {
    const opening = stepOpening.exec(fold(text))?.[0] ?? "";
    const left = text.slice(opening.length).trim();
    return left && left[0]!.toUpperCase() + left.slice(1);
  };
  const step = (text: string) => stepOpening.test(fold(text));
  const pages = new Map<number, string[]>();
  analysis.pages.forEach(({ headings }, page) => {
    const steps = headings.filter(({ text }) => step(text)).map(({ text }) => text);
    if (steps.length >= LEAST_ITEMS) pages.set(page, steps);
  });
  if (!pages.size) return null;
  // The page with most steps gives their order; of equals the better ranked.
  const [, steps] = [...pages].sort(([a, x], [b, y]) => y.length - x.length || a - b)[0]!;
  const topicOf = (text: string) =>
    topics.find(({ headings }) => headings.some((heading) => heading.text === text));
  const used = new Set<HeadingTopic>();
  const items = steps.map((text, i): AssembledItem => {
    const topic = topicOf(text);
    if (topic) used.add(topic);
    return {
      level: 2,
      text: `${i + 1}. ${bare(text) || text}`,
      note: "",
      ...(topic && topic.words >= 10 && { budget: budgetOf(topic.words) }),
      from: topic ? pagesOf(topic, analysis) : "from the page with most steps",
    };
  });
  const rest = topics.filter((topic) => !used.has(topic)).map((topic) => itemOf(topic, analysis, 2));
  return {
    method: "steps",
    title: "Step by step",
    why: `${steps.length} steps in the order of the page that has most; ${pages.size} of ${analysis.pages.length} pages go step by step. ${rest.length} more topics behind them.`,
    items: finished(material, [...items, ...rest]),
  };
}

function byComparison(material: Material): Assembled | null {
  const { analysis, topics } = material;
  const { comparing } = languagePack(analysis.language);
  const compares = (text: string) => comparing.test(fold(text));
  // One that says "or" in passing compares nothing: most of its headings must.
  const leads = analysis.topics.filter(
    ({ headings }) => 2 * headings.filter(({ text }) => compares(text)).length > headings.length,
  );
  const lead = leads.sort((a, b) => b.pages - a.pages || a.place - b.place)[0];
  const keyword = compares(analysis.keyword);
  if (!lead && !keyword) return null;
  const text =
    lead?.headings
      .map((heading) => heading.text)
      .sort(compare)
      .find(compares) ?? analysis.keyword;
  const criteria = topics.filter((topic) => topic !== lead);
  const first: AssembledItem = lead
    ? itemOf(lead, analysis, 2, text)
    : {
        level: 2,
        text: text[0]!.toUpperCase() + text.slice(1),
        note: "",
        from: "the target keyword compares",
      };
  return {
    method: "comparison",
    title: "As a comparison",
    why: `${keyword ? "The keyword compares" : `${lead!.pages} of ${analysis.pages.length} pages compare under a heading of their own`}; ${criteria.length} topics become what is compared, the commonest first.`,
    items: finished(material, [
      first,
      ...criteria
        .toSorted((a, b) => b.presence - a.presence || a.place - b.place)
        .map((topic) => itemOf(topic, analysis, 3)),
    ]),
  };
}

/** With the person's own points that are not there yet, and the questions that no heading asks. */
function finished(
  { analysis, points, alike }: Material,
  items: AssembledItem[],
  faq = true,
): AssembledItem[] {
  const there = (text: string) => items.some((item) => alike.same(item.text, text));
  const own = points
    .filter((point) => point.trim() && !there(point))
    .map((text): AssembledItem => ({ level: 2, text: text.trim(), note: "", from: "one of your points" }));
  const questions = faq
    ? sharedQuestions(analysis)
        .filter(({ text }) => !there(text))
        .slice(0, MOST_FAQ)
        .map(
          ({ text, asked: places }): AssembledItem => ({
            level: 3,
            text,
            note: "",
            faq: true,
            from: `asked in ${places.length} ${places.length === 1 ? "place" : "places"}`,
          }),
        )
    : [];
  return [...items, ...own, ...questions];
}

/**
 * Merges an assembled outline into one that is there: nothing that is there is lost, moved or changed; each heading that it has
 * no like of goes behind the heading that it follows in the assembled one.
 *
 * @returns the merged outline, and how many headings were added
 */
export function mergeAssembled(
  items: readonly OutlineItem[],
  outline: readonly AssembledItem[],
  { keyword, language }: Pick<CompetitorAnalysis, "keyword" | "language">,
  freshId: () => string,
): { items: OutlineItem[]; added: number } {
  const pack = languagePack(language);
  const alike = alikeBeside(keyword, pack);
  const merged = [...items];
  let cursor = 0;
  let added = 0;
  for (const { from: _from, ...item } of outline) {
    const there = merged.findIndex(
      // A heading of small words alone has nothing to be told alike by.
      ({ text }) => foldPlain(text) === foldPlain(item.text) || alike.same(text, item.text),
    );
    if (there >= 0) {
      if (!merged[there]!.faq) cursor = there + 1;
      continue;
    }
    const id = freshId();
    added++;
    if (item.faq) merged.push({ ...item, id });
    else {
      // A section must not be split by one that is merged in.
      let at = Math.min(cursor, faqStart(merged));
      if (item.level === 2) while (at < faqStart(merged) && merged[at]!.level === 3) at++;
      merged.splice(at, 0, { ...item, id, level: at === 0 ? 2 : item.level });
      cursor = at + 1;
    }
  }
  return { items: settled(merged), added };
}
