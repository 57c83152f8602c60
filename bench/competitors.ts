/**
 * Twenty competing pages of 2,000 words analysed (terms, topics, questions, benchmark), against a general tagger's full pass over
 * the same text in the same run; and a keystroke with such pages attached.
 */
import { join } from "node:path";
import model from "wink-eng-lite-web-model";
import winkNLP from "wink-nlp";
import {
  analyseCompetitors,
  type CompetitorAnalysis,
  type RankedCompetitor,
} from "../src/core/benchmark/competitors";
import { readPage } from "../src/core/competitors/page";
import type { Block } from "../src/core/draft/draft";
import { defaultProfile } from "../src/core/proof/profile";
import { readWeb } from "../src/server/standins/web/pages";

const PAGES = 20;
const WORDS = 2000;
const RUNS = 7;
const KEYWORD = "electric cargo bike for families";

const wordsOf = (text: string): number => text.split(/\s+/).length;

/** Pages of the stand-in web joined until each has its words. No two hold the same text in the same order. */
export function longPages(): RankedCompetitor[] {
  const web = readWeb(join(import.meta.dirname, "../demo/web")).map(({ address, html }) =>
    readPage(html, address),
  );
  return Array.from({ length: PAGES }, (_, rank) => {
    const blocks: Block[] = [];
    let words = 0;
    for (let i = rank * 3; words < WORDS; i++) {
      const next = web[i % web.length]!;
      for (const block of next.draft.blocks) {
        if (words >= WORDS) break;
        blocks.push({ ...block, id: `${i}.${block.id}` });
        words += wordsOf(block.text);
      }
    }
    const page = web[(rank * 3) % web.length]!;
    // Each on a site of its own: what pages of one site share is left out as the site's.
    const address = `https://site-${rank}.example/`;
    return { rank, page: { ...page, address, draft: { ...page.draft, blocks } } };
  });
}

export interface FieldBench {
  words: number;
  /** Milliseconds, the median of the runs after the first. */
  analysis: number;
  first: number;
  tagger: number;
  competitors: CompetitorAnalysis;
}

export function benchCompetitors(): FieldBench {
  const pages = longPages();
  const texts = pages.map(({ page }) => page.draft.blocks.map(({ text }) => text).join("\n"));
  const nlp = winkNLP(model);
  const median = (times: number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
  const timed = <T>(work: () => T): [number, T] => {
    const start = performance.now();
    const result = work();
    return [performance.now() - start, result];
  };
  const analyse = () =>
    analyseCompetitors(pages, { keyword: KEYWORD, language: "en", profile: defaultProfile });
  const tag = () => {
    let tokens = 0;
    for (const text of texts) tokens += nlp.readDoc(text).tokens().out(nlp.its.pos).length;
    return tokens;
  };
  const [first, competitors] = timed(analyse);
  tag();
  const analyses: number[] = [];
  const tags: number[] = [];
  // In turns, so that a noisy moment meets both.
  for (let i = 0; i < RUNS; i++) {
    analyses.push(timed(analyse)[0]);
    tags.push(timed(tag)[0]);
  }
  return {
    words: texts.reduce((sum, text) => sum + wordsOf(text), 0),
    analysis: median(analyses),
    first,
    tagger: median(tags),
    competitors,
  };
}
