import type { Benchmark } from "../../../core/benchmark/benchmark";
import type { Aim } from "../../../data/model";

/** Scores to reach where there are no competing pages to pass. */
const STEPS = [50, 60, 70, 80, 90, 100];

/** What the score is to reach, as a number and in words. Where nobody has chosen: the competitors' average, then their best, then the next ten. */
export function aimOf(
  chosen: Aim | undefined,
  benchmark: Benchmark | null,
  score: number,
): { target: number; says: string } {
  const next = STEPS.find((step) => step > score) ?? 100;
  if (typeof chosen === "number") return { target: chosen, says: `to reach ${chosen}` };
  if (!benchmark) return { target: next, says: `to reach ${next}` };
  const average = {
    target: benchmark.average,
    says: `to pass the competitors' average of ${benchmark.average.toFixed(0)}`,
  };
  const best = { target: benchmark.best, says: `to pass the best competitor's ${benchmark.best.toFixed(0)}` };
  if (chosen === "best") return best;
  if (chosen === "average" || score < benchmark.average) return average;
  return score < benchmark.best ? best : { target: next, says: `to reach ${next}` };
}
