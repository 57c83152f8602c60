/** Competing pages, off the main thread: reading, analysing them, gaps, assembled outlines, briefs. */
import {
  analyseCompetitors,
  type CompetitorAnalysis,
  draftFigures,
  type PageFigures,
  type RankedCompetitor,
} from "../core/benchmark/competitors";
import { type CompetitorPage, readPage } from "../core/competitors/page";
import type { Draft } from "../core/draft/draft";
import { draftToDocx } from "../core/draft/toDocx";
import { draftToMarkdown } from "../core/draft/toMarkdown";
import { type Assembled, type AssembledItem, assemble, mergeAssembled } from "../core/outline/assemble";
import { type BriefMaterial, type BriefPart, briefDraft, briefPrompt } from "../core/outline/brief";
import {
  type GapRules,
  type Gaps,
  gapsOf,
  outlineBlocks,
  withAllGaps,
  withBudgets,
  withQuestion,
  withTerm,
  withTopic,
} from "../core/outline/gaps";
import type { OutlineItem } from "../core/outline/outline";
import { draftToPage } from "../core/site/pages/standalone";
import { decodeText } from "../core/text/decodeText";
import { getCompetitorBody } from "../data/competitors";
import type { QuestionFromSearch, ReadPageAnswer } from "../data/schemas/collected";
import { readAddress } from "../services/pages/pageReader";
import { Analyses, type CompetitorsOf } from "./analyses";

export type BriefForm = "docx" | "markdown" | "html" | "prompt";

/** What of the competitors is put into an outline. */
export type Put =
  | { kind: "topic"; label: string }
  | { kind: "question-heading" | "question-faq"; text: string }
  | { kind: "term"; key: string }
  | { kind: "all" };

const sets = new Analyses(analyseKept);

async function analyseKept(
  { fieldId, keyword, language, kept, profile }: CompetitorsOf,
  onProgress?: (done: number, of: number) => void,
): Promise<CompetitorAnalysis | null> {
  const body = await getCompetitorBody(fieldId);
  if (!body) return null;
  const addresses = new Set(kept);
  return analyseCompetitors(
    body.pages.filter(({ page }) => addresses.has(page.address)),
    { keyword, language, profile, asked: body.asked },
    onProgress,
  );
}

export function createCompetitorsApi() {
  /** Pages that are being read, by the job that asked for them. */
  const reading = new Map<string, AbortController>();
  /** Names of new items: the worker's life and a count. */
  const began = Date.now().toString(36);
  const ids = { given: 0 };
  const freshId = (): string => `f${began}${(ids.given++).toString(36)}`;

  return {
    readAddress(job: string, address: string): Promise<ReadPageAnswer> {
      const own = reading.get(job) ?? new AbortController();
      reading.set(job, own);
      return readAddress(address, own.signal);
    },
    /** Ends what a job still reads. To be called at its end as well. */
    endReading(job: string): void {
      reading.get(job)?.abort();
      reading.delete(job);
    },
    readSource: (html: string, address: string, language: string): CompetitorPage =>
      readPage(html, address, language),
    readFile: (bytes: Uint8Array, name: string, language: string): CompetitorPage =>
      readPage(decodeText(bytes, true), name, language),

    /** Analyses pages that have just been read and are not kept yet. */
    async analyse(
      of: CompetitorsOf,
      pages: RankedCompetitor[],
      questions: QuestionFromSearch[],
      onProgress?: (done: number, of: number) => void,
    ): Promise<CompetitorAnalysis> {
      const { keyword, language, profile } = of;
      const analysis = await sets.of(of, async () =>
        analyseCompetitors(pages, { keyword, language, profile, asked: questions }, onProgress),
      );
      return analysis!;
    },
    /** The analysis of the competing pages that are kept; null where they are no longer in the workspace. */
    analysis: (
      of: CompetitorsOf,
      onProgress?: (done: number, of: number) => void,
    ): Promise<CompetitorAnalysis | null> => sets.of(of, (one) => analyseKept(one, onProgress)),

    async gaps(
      of: CompetitorsOf,
      items: OutlineItem[],
      draft: Draft,
      address: string,
      rules: GapRules,
    ): Promise<{ gaps: { outline: Gaps | null; draft: Gaps | null }; ours: PageFigures }> {
      const ours = draftFigures(draft, address);
      const analysis = await sets.of(of);
      if (!analysis) return { gaps: { outline: null, draft: null }, ours };
      return {
        gaps: {
          outline: gapsOf(analysis, outlineBlocks(items), rules, "by a heading"),
          draft: gapsOf(analysis, draft.blocks, rules, "by words"),
        },
        ours,
      };
    },
    async put(of: CompetitorsOf, items: OutlineItem[], what: Put, rules: GapRules): Promise<OutlineItem[]> {
      const analysis = await sets.of(of);
      if (!analysis) return items;
      if (what.kind === "topic") {
        const topic = analysis.topics.find(({ label }) => label === what.label);
        return topic ? withTopic(items, topic, analysis, freshId()) : items;
      }
      if (what.kind === "term") {
        const term = analysis.terms.find(({ key }) => key === what.key);
        return term ? withTerm(items, term, analysis) : items;
      }
      if (what.kind === "question-faq") return withQuestion(items, what.text, freshId());
      if (what.kind === "question-heading") {
        const at = items.findIndex(({ faq }) => faq);
        const item: OutlineItem = { id: freshId(), level: 2, text: what.text, note: "" };
        return at < 0 ? [...items, item] : items.toSpliced(at, 0, item);
      }
      const gaps = gapsOf(analysis, outlineBlocks(items), rules, "by a heading");
      return gaps ? withAllGaps(items, gaps, analysis, freshId) : items;
    },
    /** @param of the competing pages; null where there are none. @param length words that are aimed at, where somebody has said */
    async budgets(
      of: CompetitorsOf | null,
      items: OutlineItem[],
      length: number | null,
    ): Promise<OutlineItem[]> {
      return withBudgets(items, of && (await sets.of(of)), length);
    },
    async assemble(of: CompetitorsOf, points: string[], leastPresence: number): Promise<Assembled[]> {
      const analysis = await sets.of(of);
      return analysis ? assemble(analysis, points, leastPresence) : [];
    },
    merge: (
      items: OutlineItem[],
      outline: AssembledItem[],
      of: Pick<CompetitorAnalysis, "keyword" | "language">,
    ): { items: OutlineItem[]; added: number } => mergeAssembled(items, outline, of, freshId),

    /** @param of the competing pages that it is made from; null where there are none */
    async brief(
      of: CompetitorsOf | null,
      material: Omit<BriefMaterial, "analysis">,
      parts: BriefPart[],
      form: BriefForm,
    ): Promise<string | Uint8Array> {
      const whole: BriefMaterial = { ...material, analysis: of && (await sets.of(of)) };
      if (form === "prompt") return briefPrompt(whole, parts);
      const draft = briefDraft(whole, parts);
      if (form === "docx") return draftToDocx(draft);
      return form === "markdown"
        ? draftToMarkdown(draft)
        : draftToPage(draft, { siteName: "", fileAddress: ({ src }) => src });
    },
  };
}
export type CompetitorsApi = ReturnType<typeof createCompetitorsApi>;
