/** The report of a proof. */
import type { Coverage } from "../competitors/coverage";
import { type Check, type Evidence, type FindingCode, saysOf, type Workings } from "./check";
import { plural } from "./evidence";
import { counts, type Finding, scoreOf } from "./finding";
import { type GroupId, groups } from "./groups";
import type { DraftReading, ReadingProfile } from "./reading/reading";
import { type CheckId, checks } from "./registry";

export interface Report {
  profile: { id: string; version: number };
  /** 0 to 100; of a text that is too short for a full score, at most the part of 100 that it has words for. */
  score: number;
  /** The score as it would be of a text long enough. */
  uncapped: number;
  words: number;
  /** Reading time, whole minutes. */
  minutes: number;
  keywordUses: number;
  /** What it covers of the competing pages; null where none are kept. */
  coverage: Coverage | null;
  groups: { id: GroupId; earned: number; weight: number }[];
  /** Every check of the registry, in its order. */
  findings: Finding[];
  /** What must be known to read the score rightly, in sentences: too few words for a full score, a language without a pack. */
  notes: string[];
}

/** Judges a draft that has been read. */
export function judgeReading(reading: DraftReading): Report {
  const { profile, context } = reading;
  const findings = checks.map((check): Finding => finding(check, reading));
  const { score, gains } = scoreOf(findings);
  for (const [i, f] of findings.entries()) f.gain = gains[i]!;
  const counted = findings.filter(counts);
  const cap = capOf(reading.words, profile);
  return {
    profile: { id: profile.id, version: profile.version },
    score: Math.min(score, cap),
    uncapped: score,
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
    notes: [
      ...(score > cap
        ? [
            `The text has ${plural(reading.words, "word")}: under ${profile.fullScoreWords} words the score is at most ${Number(cap.toFixed(1))}.`,
          ]
        : []),
      ...(reading.pack.supported
        ? []
        : [
            `There is no language pack for “${reading.draft.meta.language}”: words match only as they are written.`,
          ]),
    ],
  };

  function finding(check: Check<CheckId>, of: DraftReading): Finding {
    const why = Object.hasOwn(context.setAside, check.id) ? context.setAside[check.id] : undefined;
    const judgement: Pick<Finding, "state" | "reason" | "evidence"> & {
      share?: number;
      code?: FindingCode;
    } & Workings =
      why === undefined
        ? check.judge(of, profile.checks[check.id]!)
        : { state: "set-aside", reason: why || "Set aside", evidence: NO_EVIDENCE };
    // Written out, since a spread of thirty checks costs a quarter of a keystroke.
    const { id, group, name, effort, place } = check;
    const { state, reason, evidence, share = 0 } = judgement;
    const { weight } = profile.checks[id]!;
    const judged: Finding = {
      id,
      group,
      name,
      effort,
      says: saysOf(check, profile),
      place,
      weight,
      share,
      gain: 0,
      state,
      reason,
      evidence,
    };
    if (judgement.code !== undefined) judged.code = judgement.code;
    if (judgement.formula !== undefined) judged.formula = judgement.formula;
    if (judgement.excess) judged.excess = judgement.excess;
    return judged;
  }
}

/** The most that a text of so many words can have: 100 from `fullScoreWords` on, in proportion below. */
const capOf = (words: number, { fullScoreWords }: ReadingProfile): number =>
  words >= fullScoreWords ? 100 : (100 * words) / fullScoreWords;

const NO_EVIDENCE: Evidence[] = [];

/** Whole minutes to read so many words, at least one where there are any. */
export function readingMinutes(words: number, profile: ReadingProfile): number {
  return words ? Math.max(1, Math.round(words / profile.wordsPerMinute)) : 0;
}
