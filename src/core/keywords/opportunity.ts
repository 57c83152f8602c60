/**
 * Opportunity of each keyword of a look-up: popular and winnable.
 *
 *     opportunity = 100 · r · (1 − difficulty / 100)
 *
 * with r the percentile rank of log(1 + searches) among the rows whose searches are known (the share of them that have
 * fewer, ties counted half), so one giant keyword does not flatten the rest.
 *
 * @param searches searches a month, NaN where unknown
 * @param difficulty 0 to 100, NaN where unknown
 * @returns 0 to 100 for each row in order; NaN where searches or difficulty are unknown
 */
export function opportunities(searches: Float64Array, difficulty: Float64Array): Float64Array {
  // Rank is the same for searches and their logarithm.
  const sorted = searches.filter((n) => !Number.isNaN(n)).sort();
  const rankOf = new Map<number, number>();
  for (let from = 0; from < sorted.length; ) {
    let to = from;
    while (sorted[to + 1] === sorted[from]) to++;
    rankOf.set(sorted[from]!, sorted.length > 1 ? (from + to) / 2 / (sorted.length - 1) : 1);
    from = to + 1;
  }
  return searches.map((n, i) => {
    const hard = Math.min(100, Math.max(0, difficulty[i]!));
    return Number.isNaN(n) ? n : 100 * rankOf.get(n)! * (1 - hard / 100);
  });
}
