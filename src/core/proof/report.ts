/** The report of a proof, and the score: 100 · Σ w·s / Σ w over checks that are judged or waiting. */
import type { Check, Evidence, GroupId, Judgement } from "./check";
import type { CheckId, Profile } from "./profile";
import type { DraftReading } from "./reading";
import { checks, groups } from "./registry";

export type FindingState = Judgement["state"] | "set-aside";

export interface Finding {
  id: CheckId;
  group: GroupId;
  state: FindingState;
  /** Earned share of the weight, 0 to 1; 0 unless judged. */
  share: number;
  weight: number;
  /** Points by which the whole score rises if this check alone earned all of its weight. */
  gain: number;
  reason: string;
  evidence: Evidence[];
}

export interface Report {
  profile: { id: string; version: number };
  /** 0 to 100. */
  score: number;
  words: number;
  /** Reading time, whole minutes. */
  minutes: number;
  keywordUses: number;
  groups: { id: GroupId; earned: number; weight: number }[];
  /** Every check of the registry, in its order. */
  findings: Finding[];
  /** Said where the draft's language has no pack. */
  languageNote: string | null;
}

/** Judges a draft that has been read. */
export function judgeReading(reading: DraftReading): Report {
  const { profile, context } = reading;
  const findings = checks.map((check): Finding => finding(check, reading));
  const counted = findings.filter((f) => counts(f) && f.weight > 0);
  const total = counted.reduce((sum, f) => sum + f.weight, 0);
  for (const f of counted) f.gain = (100 * f.weight * (1 - f.share)) / total;
  const earned = counted.reduce((sum, f) => sum + f.weight * f.share, 0);
  return {
    profile: { id: profile.id, version: profile.version },
    score: total > 0 ? (100 * earned) / total : 0,
    words: reading.words,
    minutes: readingMinutes(reading.words, profile),
    keywordUses: reading.useCount,
    groups: groups
      .filter((group) => checks.some((check) => check.group === group.id))
      .map(({ id }) => {
        const members = counted.filter((f) => f.group === id);
        return {
          id,
          earned: members.reduce((sum, f) => sum + f.weight * f.share, 0),
          weight: members.reduce((sum, f) => sum + f.weight, 0),
        };
      }),
    findings,
    languageNote: reading.pack.known
      ? null
      : `There is no language pack for “${reading.draft.meta.language}”: words match only as they are written.`,
  };

  function finding(check: Check, of: DraftReading): Finding {
    const base = {
      id: check.id,
      group: check.group,
      weight: profile.checks[check.id].weight,
      share: 0,
      gain: 0,
    };
    const why = context.setAside[check.id];
    if (why !== undefined) return { ...base, state: "set-aside", reason: why || "Set aside", evidence: [] };
    const judgement = check.judge(of);
    const share = judgement.state === "judged" ? judgement.share : 0;
    return { ...base, share, state: judgement.state, reason: judgement.reason, evidence: judgement.evidence };
  }
}

export const counts = (f: { state: FindingState }): boolean => f.state === "judged" || f.state === "waiting";

/** Whole minutes to read so many words, at least one where there are any. */
export function readingMinutes(words: number, profile: Profile): number {
  return words ? Math.max(1, Math.round(words / profile.wordsPerMinute)) : 0;
}

const EFFORT = { seconds: 0, minutes: 1, longer: 2 };
const effortOf = new Map(checks.map((check) => [check.id, EFFORT[check.effort]]));

/** Findings with something to gain, largest gain first, equal gains by effort: the head is worth most next. */
export function byWorth(findings: readonly Finding[]): Finding[] {
  return findings
    .filter((f) => f.gain > 1e-9)
    .sort((a, b) =>
      Math.abs(a.gain - b.gain) > 1e-9 ? b.gain - a.gain : effortOf.get(a.id)! - effortOf.get(b.id)!,
    );
}
