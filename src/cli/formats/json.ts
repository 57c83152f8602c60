import { defineFormat } from "./format";
import type { ScoredFile } from "./scored";

const round = (n: number): number => Math.round(n * 1e4) / 1e4;

/** A file as programs read it, described in docs/command-line.md. Shares and points to four decimals. */
export const fileAsJson = ({ file, report, competitors }: ScoredFile) => ({
  file,
  score: round(report.score),
  words: report.words,
  minutes: report.minutes,
  ...(report.notes.length && { notes: report.notes }),
  ...(competitors && {
    field: {
      pages: competitors.pages.length,
      average: competitors.benchmark && round(competitors.benchmark.average),
      best: competitors.benchmark && round(competitors.benchmark.best),
    },
  }),
  groups: report.groups.map(({ id, earned, weight }) => ({
    id,
    earned: round(earned),
    weight: round(weight),
  })),
  checks: report.findings.map(({ id, group, state, share, weight, gain, reason, evidence }) => ({
    id,
    group,
    state,
    share: round(share),
    weight,
    gain: round(gain),
    reason,
    evidence,
  })),
});

export const json = defineFormat({
  id: "json",
  forPeople: false,
  piece: fileAsJson,
  write(files, profile, failed) {
    const answer = {
      version: 1,
      profile: { id: profile.id, version: profile.version },
      files,
      ...(failed.length && { errors: failed }),
    };
    return `${JSON.stringify(answer, null, 2)}\n`;
  },
});
