/** The benchmark: every competing page scored with our own checks, against the others. */

import type { CompetitorMeasure } from "../competitors/measure";
import type { CompetitorPage } from "../competitors/page";
import type { ProofContext } from "../proof/context";
import type { Finding } from "../proof/finding";
import type { Profile } from "../proof/profile";
import { proof } from "../proof/proof";
import type { ReadingCache } from "../proof/reading/remembered";
import type { Report } from "../proof/report";

/** The first so many pages make the average. */
const FIRST = 10;

/** What a page earned, as it is kept: no evidence, nothing of its text. */
export interface PageReport {
  score: number;
  findings: Omit<Finding, "evidence" | "says" | "place">[];
}

/**
 * Scores a page. What cannot be seen in a page does not apply to it: other posts of its site, unknown paths, chosen questions.
 *
 * @param without the measure of the other competing pages
 */
export function scorePage(
  page: CompetitorPage,
  keyword: string,
  without: CompetitorMeasure | null,
  profile: Profile,
  cache?: ReadingCache,
): PageReport {
  const context: ProofContext = {
    site: {
      host: URL.canParse(page.address) ? new URL(page.address).host : "",
      titleAsH1: "auto",
      paths: null,
    },
    others: [],
    setAside: {},
    competitors: without,
    questions: [],
  };
  const draft = { ...page.draft, meta: { ...page.draft.meta, keyword } };
  return kept(proof(draft, context, profile, cache));
}

const kept = ({ score, findings }: Report): PageReport => ({
  score,
  findings: findings.map(({ evidence: _evidence, says: _says, place: _place, ...finding }) => finding),
});

export interface Benchmark {
  /** Mean score of the first ten pages, in the order in which they rank. */
  average: number;
  best: number;
}

/** @param scores in the order of ranking; null without any */
export function benchmarkOf(scores: readonly number[]): Benchmark | null {
  if (!scores.length) return null;
  const first = scores.slice(0, FIRST);
  return {
    average: first.reduce((sum, score) => sum + score, 0) / first.length,
    best: Math.max(...scores),
  };
}
