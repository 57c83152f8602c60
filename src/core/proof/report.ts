/** The report of a proof. */
import type { Coverage } from "../field/coverage";
import type { Check, Judgement } from "./check";
import { counts, type Finding, scoreOf } from "./finding";
import { type GroupId, groups } from "./groups";
import type { Profile } from "./profile";
import type { DraftReading } from "./reading";
import { checks } from "./registry";

export interface Report {
  profile: { id: string; version: number };
  /** 0 to 100. */
  score: number;
  words: number;
  /** Reading time, whole minutes. */
  minutes: number;
  keywordUses: number;
  /** What it covers of the field; null where none is kept. */
  coverage: Coverage | null;
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
  const { score, gains } = scoreOf(findings);
  for (const [i, f] of findings.entries()) f.gain = gains[i]!;
  const counted = findings.filter(counts);
  return {
    profile: { id: profile.id, version: profile.version },
    score,
    words: reading.words,
    minutes: readingMinutes(reading.words, profile),
    keywordUses: reading.useCount,
    coverage: reading.coverage,
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

  function finding({ judge, ...facts }: Check, of: DraftReading): Finding {
    const base = { ...facts, weight: profile.checks[facts.id].weight, share: 0, gain: 0 };
    const why = Object.hasOwn(context.setAside, facts.id) ? context.setAside[facts.id] : undefined;
    if (why !== undefined) return { ...base, state: "set-aside", reason: why || "Set aside", evidence: [] };
    const judgement = judge(of);
    return { ...base, share: judgement.state === "judged" ? judgement.share : 0, ...withoutShare(judgement) };
  }
}

function withoutShare({
  state,
  reason,
  evidence,
}: Judgement): Pick<Finding, "state" | "reason" | "evidence"> {
  return { state, reason, evidence };
}

/** Whole minutes to read so many words, at least one where there are any. */
export function readingMinutes(words: number, profile: Profile): number {
  return words ? Math.max(1, Math.round(words / profile.wordsPerMinute)) : 0;
}
