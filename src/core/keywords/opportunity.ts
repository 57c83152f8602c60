/** Searches a month from which on a keyword counts as fully popular. */
export const FULLY_POPULAR = 100_000;

/**
 * Opportunity of a keyword: popular and winnable.
 *
 *     opportunity = 100 · p · (1 − difficulty / 100),    p = min(1, lg(1 + searches) / lg(1 + 100,000))
 *
 * Searches are taken on a fixed scale, by their logarithm, since from 10 to 100 is as much more as from 1,000 to 10,000. So a keyword
 * has one opportunity, whatever stands beside it.
 *
 * @param searches searches a month, NaN where unknown
 * @param difficulty 0 to 100, NaN where unknown
 * @returns 0 to 100; NaN where searches or difficulty are unknown
 */
export function opportunityOf(searches: number, difficulty: number): number {
  const hard = Math.min(100, Math.max(0, difficulty));
  return 100 * popularityOf(searches) * (1 - hard / 100);
}

/** How popular a keyword is, 0 to 1; NaN where its searches are unknown. */
export const popularityOf = (searches: number): number =>
  Math.min(1, Math.log1p(Math.max(0, searches)) / Math.log1p(FULLY_POPULAR));

/** The same of many, in order. */
export const opportunities = (searches: Float64Array, difficulty: Float64Array): Float64Array =>
  searches.map((n, i) => opportunityOf(n, difficulty[i]!));
