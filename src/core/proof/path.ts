/** The way to a score: which findings to take up, fewest first, then the easiest. */
import { byWorth, counts, type Finding } from "./finding";

type Step = Pick<Finding, "id" | "name" | "gain" | "effort" | "state" | "share" | "weight">;

export interface Path<F> {
  /** In the order in which to take them: the easiest first, of equal effort the largest gain. Empty where the target is reached. */
  steps: F[];
  /** The score once they all earn their weight. */
  reaches: number;
  /** False where not even all of them together reach the target. */
  enough: boolean;
}

const EFFORTS = ["seconds", "minutes", "longer"] as const;
const EXACT = 1e-9;

/**
 * The fewest findings whose gains together lift the score to the target; of several ways with as few steps, the one with the
 * fewest long ones, then the fewest of minutes; of those the one that gains most.
 *
 * Gains add up, since each is a share of one fixed sum of weights; so for a number of steps of each effort the best are those
 * that gain most, and the few ways to choose these numbers can all be tried.
 *
 * @param target 0 to 100
 */
export function pathTo<F extends Step>(findings: readonly F[], score: number, target: number): Path<F> {
  const need = target - score;
  if (need <= EXACT) return { steps: [], reaches: score, enough: true };
  const open = byWorth(findings.filter(counts));
  const by = EFFORTS.map((effort) => open.filter((f) => f.effort === effort));
  const sums = by.map((list) => {
    let sum = 0;
    return [0, ...list.map(({ gain }) => (sum += gain))];
  });
  let best: { taken: number[]; gain: number } | null = null;
  for (let count = 1; count <= open.length && !best; count++) {
    for (let longer = 0; longer <= Math.min(count, by[2]!.length) && !best; longer++) {
      for (let minutes = 0; minutes <= Math.min(count - longer, by[1]!.length) && !best; minutes++) {
        const seconds = count - longer - minutes;
        if (seconds > by[0]!.length) continue;
        const gain = sums[0]![seconds]! + sums[1]![minutes]! + sums[2]![longer]!;
        if (gain >= need - EXACT) best = { taken: [seconds, minutes, longer], gain };
      }
    }
  }
  if (!best) {
    const gain = open.reduce((sum, f) => sum + f.gain, 0);
    return { steps: by.flat(), reaches: score + gain, enough: false };
  }
  return {
    steps: best.taken.flatMap((n, i) => by[i]!.slice(0, n)),
    reaches: score + best.gain,
    enough: true,
  };
}
