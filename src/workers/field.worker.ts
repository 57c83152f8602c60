/** The field, off the main thread: reading pages, analysing them, gaps, assembled outlines, briefs. */
import * as Comlink from "comlink";
import type { Draft } from "../core/draft/draft";
import { draftToDocx } from "../core/draft/toDocx";
import { draftToMarkdown } from "../core/draft/toMarkdown";
import {
  analyseField,
  draftFigures,
  type FieldAnalysis,
  type FieldQuestion,
  type PageFigures,
  type RankedFieldPage,
} from "../core/field/field";
import { type FieldPage, readPage } from "../core/field/page";
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
import { draftToPage } from "../core/release/page";
import { decodeText } from "../core/text/decodeText";
import { getFieldBody } from "../data/fields";
import type { PostField } from "../data/model";
import type { ReadPageAnswer } from "../data/schemas/field";
import { readAddress } from "../services/pages/pageReader";

export type BriefForm = "docx" | "markdown" | "html" | "prompt";

/** What of the field is put into an outline. */
export type Put =
  | { kind: "topic"; label: string }
  | { kind: "question-heading" | "question-faq"; text: string }
  | { kind: "term"; key: string }
  | { kind: "all" };

let analysis: FieldAnalysis | null = null;
let reading: AbortController | null = null;
let ids = 0;
/** Names of new items: the worker's life and a count. */
const freshId = (): string => `f${Date.now().toString(36)}${(ids++).toString(36)}`;

const api = {
  readAddress(address: string): Promise<ReadPageAnswer> {
    reading ??= new AbortController();
    return readAddress(address, reading.signal);
  },
  cancelReading(): void {
    reading?.abort();
    reading = null;
  },
  readSource: (html: string, address: string, language: string): FieldPage =>
    readPage(html, address, language),
  readFile: (bytes: Uint8Array, name: string, language: string): FieldPage =>
    readPage(decodeText(bytes, true), name, language),

  /** Analyses pages; what follows is about this field. */
  analyse(
    pages: RankedFieldPage[],
    question: FieldQuestion,
    onProgress?: (done: number, of: number) => void,
  ): FieldAnalysis {
    analysis = analyseField(pages, question, onProgress);
    return analysis;
  },
  /** Analyses a kept field from what was read for it. */
  async analyseKept(
    field: PostField,
    question: Omit<FieldQuestion, "asked">,
    onProgress?: (done: number, of: number) => void,
  ): Promise<FieldAnalysis | null> {
    const body = await getFieldBody(field.id);
    if (!body) return null;
    const kept = new Set(field.pages.filter(({ state }) => state === "kept").map(({ address }) => address));
    return api.analyse(
      body.pages.filter(({ page }) => kept.has(page.address)),
      { ...question, asked: body.asked },
      onProgress,
    );
  },

  gaps(
    items: OutlineItem[],
    draft: Draft,
    address: string,
    rules: GapRules,
  ): { gaps: { outline: Gaps | null; draft: Gaps | null }; ours: PageFigures } {
    const ours = draftFigures(draft, address);
    if (!analysis) return { gaps: { outline: null, draft: null }, ours };
    return {
      gaps: {
        outline: gapsOf(analysis, outlineBlocks(items), rules, "by a heading"),
        draft: gapsOf(analysis, draft.blocks, rules, "by words"),
      },
      ours,
    };
  },
  put(items: OutlineItem[], what: Put, rules: GapRules): OutlineItem[] {
    if (!analysis) return items;
    const found = analysis;
    if (what.kind === "topic") {
      const topic = found.topics.find(({ label }) => label === what.label);
      return topic ? withTopic(items, topic, found, freshId()) : items;
    }
    if (what.kind === "term") {
      const term = found.terms.find(({ key }) => key === what.key);
      return term ? withTerm(items, term, found) : items;
    }
    if (what.kind === "question-faq") return withQuestion(items, what.text, freshId());
    if (what.kind === "question-heading") {
      const at = items.findIndex(({ faq }) => faq);
      const item: OutlineItem = { id: freshId(), level: 2, text: what.text, note: "" };
      return at < 0 ? [...items, item] : items.toSpliced(at, 0, item);
    }
    const gaps = gapsOf(found, outlineBlocks(items), rules, "by a heading");
    return gaps ? withAllGaps(items, gaps, found, freshId) : items;
  },
  budgets: (items: OutlineItem[]): OutlineItem[] => (analysis ? withBudgets(items, analysis) : items),
  assemble: (points: string[], leastPresence: number): Assembled[] =>
    analysis ? assemble(analysis, points, leastPresence) : [],
  merge: (
    items: OutlineItem[],
    made: AssembledItem[],
    of: Pick<FieldAnalysis, "keyword" | "language">,
  ): { items: OutlineItem[]; added: number } => mergeAssembled(items, made, of, freshId),

  async brief(
    material: Omit<BriefMaterial, "analysis">,
    parts: BriefPart[],
    form: BriefForm,
  ): Promise<string | Uint8Array> {
    const whole: BriefMaterial = { ...material, analysis };
    if (form === "prompt") return briefPrompt(whole, parts);
    const draft = briefDraft(whole, parts);
    if (form === "docx") return draftToDocx(draft);
    return form === "markdown"
      ? draftToMarkdown(draft)
      : draftToPage(draft, { siteName: "", pictureSrc: ({ src }) => src });
  },
};
export type FieldApi = typeof api;

Comlink.expose(api);
