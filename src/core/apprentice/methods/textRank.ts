/** TextRank (R. Mihalcea, P. Tarau, 2004): the sentences that most of a text has something in common with. */
import type { StemCounts } from "./likeness";

/** As in the paper, section 2; the rank of what nothing is like is 1 − damping. */
const DAMPING = 0.85;
const ROUNDS = 40;
const SETTLED = 1e-4;
/** The graph grows with the square: of longer texts the first so many are ranked, the others rank as the least. */
const MOST = 400;

/**
 * @param sentences of one text, in order
 * @returns the rank of each; higher says more of what the text is about
 */
export function textRank(sentences: readonly StemCounts[]): number[] {
  const ranked = sentences.slice(0, MOST);
  const weights = ranked.map((a, i) => ranked.map((b, j) => (i === j ? 0 : shared(a, b))));
  const out = weights.map((row) => row.reduce((sum, n) => sum + n, 0));
  let ranks = ranked.map(() => 1);
  for (let round = 0; round < ROUNDS; round++) {
    const next = ranked.map((_, i) => {
      let sum = 0;
      for (let j = 0; j < ranked.length; j++) {
        const weight = weights[j]![i]!;
        if (weight) sum += (weight / out[j]!) * ranks[j]!;
      }
      return 1 - DAMPING + DAMPING * sum;
    });
    const moved = next.reduce((most, rank, i) => Math.max(most, Math.abs(rank - ranks[i]!)), 0);
    ranks = next;
    if (moved < SETTLED) break;
  }
  return sentences.map((_, i) => ranks[i] ?? 1 - DAMPING);
}

/** The paper's similarity, section 4.1: words in common over the logarithms of both lengths. */
function shared(a: StemCounts, b: StemCounts): number {
  if (a.size < 2 || b.size < 2) return 0;
  let common = 0;
  for (const stem of a.keys()) if (b.has(stem)) common++;
  return common / (Math.log(a.size) + Math.log(b.size));
}
