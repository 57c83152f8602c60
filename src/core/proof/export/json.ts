import type { Out } from "./reported";

const exact = (n: number): number => Math.round(n * 1e4) / 1e4;

/** The report as JSON: shares and points to four decimals, evidence with its quotations. */
export function reportJson({ reports, profile, date }: Out): string {
  const answer = {
    version: 1,
    date,
    profile,
    posts: reports.map(({ findings, score, benchmark, ...report }) => ({
      ...report,
      score: exact(score),
      field: benchmark && { average: exact(benchmark.average), best: exact(benchmark.best) },
      checks: findings.map(({ id, group, name, state, share, weight, gain, reason, formula, evidence }) => ({
        id,
        group,
        name,
        state,
        share: exact(share),
        weight,
        gain: exact(gain),
        reason,
        ...(formula && { formula }),
        evidence,
      })),
    })),
  };
  return `${JSON.stringify(answer, null, 2)}\n`;
}
