import type { KeywordRow } from "./keyword";

/**
 * Opportunity of each keyword of a look-up: popular and winnable.
 *
 *     opportunity = 100 · r · (1 − difficulty / 100)
 *
 * with r the percentile rank of log(1 + searches) among the rows whose searches are known (the share of them that have
 * fewer, ties counted half), so one giant keyword does not flatten the rest.
 *
 * @returns 0 to 100 for each row in order; null where searches or difficulty are unknown
 */
export function opportunities(
  rows: readonly Pick<KeywordRow, "searches" | "difficulty">[],
): (number | null)[] {
  // Rank is the same for searches and their logarithm.
  const sorted = rows.flatMap(({ searches }) => (searches === null ? [] : [searches])).sort((a, b) => a - b);
  return rows.map(({ searches, difficulty }) => {
    if (searches === null || difficulty === null) return null;
    const below = lowerBound(sorted, searches);
    const equal = countEqual(sorted, searches, below);
    const rank = sorted.length > 1 ? (below + (equal - 1) / 2) / (sorted.length - 1) : 1;
    return 100 * rank * (1 - Math.min(100, Math.max(0, difficulty)) / 100);
  });
}

function countEqual(sorted: number[], value: number, from: number): number {
  let n = 0;
  while (sorted[from + n] === value) n++;
  return n;
}

/** First place whose value is not smaller. */
function lowerBound(sorted: number[], value: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sorted[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}
