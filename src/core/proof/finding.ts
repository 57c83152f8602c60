/** What a check says of a draft, and the order in which findings are worth looking at. */

import type { CheckFacts, Evidence, FindingCode, Judgement, Workings } from "./check";
import type { CheckId } from "./registry";

export type FindingState = Judgement["state"] | "set-aside";

export interface Finding extends CheckFacts<CheckId>, Workings {
  /** What is asked and why, with the thresholds in force. */
  says: string;
  state: FindingState;
  /** Earned share of the weight, 0 to 1; 0 unless judged. */
  share: number;
  weight: number;
  /** Points by which the whole score rises if this check alone earned all of its weight. */
  gain: number;
  reason: string;
  /** What the reason says, where something in the application rests on it. */
  code?: FindingCode;
  evidence: Evidence[];
}

/** Does the finding count in the score? */
export const counts = (f: { state: FindingState }): boolean => f.state === "judged" || f.state === "waiting";

/**
 * The score, and what each finding could still add to it: 100 · Σ w·s / Σ w over findings that count.
 *
 * @returns 0 to 100, and the gains in the order of the findings; 0 and no gains where nothing counts
 */
export function scoreOf(findings: readonly Pick<Finding, "state" | "share" | "weight">[]): {
  score: number;
  gains: number[];
} {
  const counted = findings.filter(counts);
  const total = counted.reduce((sum, f) => sum + f.weight, 0);
  if (total <= 0) return { score: 0, gains: findings.map(() => 0) };
  const earned = counted.reduce((sum, f) => sum + f.weight * f.share, 0);
  return {
    score: (100 * earned) / total,
    gains: findings.map((f) => (counts(f) ? (100 * f.weight * (1 - f.share)) / total : 0)),
  };
}

const EFFORT = { seconds: 0, minutes: 1, longer: 2 };
/** Gains closer than this are equal: what is left of them is rounding. */
export const EQUAL = 1e-9;
/** A gain that no tenth of a point shows is nothing to gain. */
const LEAST_GAIN = 0.05;

/** Is there something to gain that a person would see? */
export const hasGain = (f: { gain: number }): boolean => f.gain >= LEAST_GAIN;

type Worth = Pick<Finding, "gain" | "effort">;
const worthFirst = (a: Worth, b: Worth): number =>
  Math.abs(a.gain - b.gain) > EQUAL ? b.gain - a.gain : EFFORT[a.effort] - EFFORT[b.effort];

/** Findings with something to gain, largest gain first, equal gains by effort: the head is best next step. */
export function byWorth<F extends Worth>(findings: readonly F[]): F[] {
  return findings.filter(hasGain).sort(worthFirst);
}

/** The head of `byWorth` alone, without ordering the rest; none where nothing is to gain. */
export function bestNextStep<F extends Worth>(findings: readonly F[]): F | undefined {
  let best: F | undefined;
  for (const finding of findings)
    if (hasGain(finding) && (!best || worthFirst(finding, best) < 0)) best = finding;
  return best;
}
