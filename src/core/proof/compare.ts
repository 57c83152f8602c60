/** Two reports side by side: what moved the score from one to the other. */
import { checkFacts } from "./facts";
import { counts, type Finding } from "./finding";
import type { CheckId } from "./profile";

type Judged = Pick<Finding, "id" | "state" | "share" | "weight" | "reason">;

export interface ComparedCheck {
  id: CheckId;
  name: string;
  before: Judged | null;
  after: Judged | null;
  /** Points of the whole score that the check brings more than it brought before. */
  difference: number;
}

/**
 * Each check of either report, what differs most first. The differences sum to that of the scores, as they are of texts long enough for a full one: each check brings
 * 100 · w·s / Σ w, with the sum of its own report.
 */
export function compareReports(before: readonly Judged[], after: readonly Judged[]): ComparedCheck[] {
  const [brought, brings] = [contributions(before), contributions(after)];
  return checkFacts
    .map(
      ({ id, name }): ComparedCheck => ({
        id,
        name,
        before: before.find((f) => f.id === id) ?? null,
        after: after.find((f) => f.id === id) ?? null,
        difference: (brings.get(id) ?? 0) - (brought.get(id) ?? 0),
      }),
    )
    .filter(({ before: a, after: b }) => a !== null || b !== null)
    .sort((a, b) => Math.abs(b.difference) - Math.abs(a.difference));
}

function contributions(findings: readonly Judged[]): Map<CheckId, number> {
  const counted = findings.filter(counts);
  const total = counted.reduce((sum, { weight }) => sum + weight, 0);
  return new Map(counted.map(({ id, weight, share }) => [id, total ? (100 * weight * share) / total : 0]));
}
