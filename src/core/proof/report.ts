/** The report of a proof. */
import type { Coverage } from "../competitors/coverage";
import { type Evidence, type Judgement, saysOf } from "./check";
import { plural } from "./evidence";
import { counts, type Finding, scoreOf } from "./finding";
import { type GroupId, groups } from "./groups";
import type { DraftReading, ReadingProfile } from "./reading/reading";
import { checks } from "./registry";

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

/** Judges a draft that has been read; a check is asked again only where something that it reads has changed. */
export function judgeReading(reading: DraftReading): Report {
  const { profile } = reading;
  const says = reading.answer("says", [profile], () => checks.map((check) => saysOf(check, profile)));
  const judgements = judgementsOf(reading);
  const findings = checks.map((check, i) => findingOf(check, says[i]!, judgements[i]!, profile));
  const { score, gains } = scoreOf(findings);
  for (const [i, one] of findings.entries()) one.gain = gains[i]!;
  const cap = capOf(reading.words, profile);
  return {
    profile: { id: profile.id, version: profile.version },
    score: Math.min(score, cap),
    uncapped: score,
    words: reading.words,
    minutes: readingMinutes(reading.words, profile),
    keywordUses: reading.useCount,
    coverage: reading.coverage,
    groups: earnedByGroup(findings),
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
}

const groupsWithChecks = groups.filter((group) => checks.some((check) => check.group === group.id));
const PLACES = new Map(groupsWithChecks.map(({ id }, place) => [id, place]));

function earnedByGroup(findings: readonly Finding[]): Report["groups"] {
  const earned = groupsWithChecks.map(({ id }) => ({ id, earned: 0, weight: 0 }));
  for (const finding of findings) {
    if (!counts(finding)) continue;
    const group = earned[PLACES.get(finding.group)!]!;
    group.earned += finding.weight * finding.share;
    group.weight += finding.weight;
  }
  return earned;
}

type AnyCheck = (typeof checks)[number];
type FullJudgement = Judgement | SetAside;
interface SetAside {
  state: "set-aside";
  reason: string;
  evidence: Evidence[];
}

const READ_BY = checks.map(({ reads }) => reads);

function judgementsOf(reading: DraftReading): readonly FullJudgement[] {
  const { profile, context, pack, keyword } = reading;
  const counts = checks.map(({ id, counts }) => {
    const thresholds = profile.checks[id]!;
    return counts ? reading.perStretch(id, thresholds, reading[counts.in], counts.of(thresholds)) : NOTHING;
  });
  return reading.ofParts<FullJudgement>([profile, context, pack, keyword], READ_BY, counts, (at) => {
    const check = checks[at]!;
    const why = Object.hasOwn(context.setAside, check.id) ? context.setAside[check.id] : undefined;
    return why === undefined
      ? check.judge(reading, profile.checks[check.id]!, counts[at]!)
      : { state: "set-aside", reason: why || "Set aside", evidence: NOTHING };
  });
}

/** Written out, since a spread for each of thirty checks costs a quarter of a keystroke. */
function findingOf(
  check: AnyCheck,
  says: string,
  judgement: FullJudgement,
  profile: ReadingProfile,
): Finding {
  const { id, group, name, effort, place } = check;
  const { state, reason, evidence } = judgement;
  const { weight } = profile.checks[id]!;
  const share = judgement.state === "judged" ? judgement.share : 0;
  const finding: Finding = {
    id,
    group,
    name,
    effort,
    says,
    place,
    weight,
    share,
    gain: 0,
    state,
    reason,
    evidence,
  };
  if (judgement.state === "waiting" && judgement.code !== undefined) finding.code = judgement.code;
  if (judgement.state === "judged") {
    if (judgement.formula !== undefined) finding.formula = judgement.formula;
    if (judgement.excess) finding.excess = judgement.excess;
  }
  return finding;
}

/** The most that a text of so many words can have: 100 from `fullScoreWords` on, in proportion below. */
const capOf = (words: number, { fullScoreWords }: ReadingProfile): number =>
  words >= fullScoreWords ? 100 : (100 * words) / fullScoreWords;

const NOTHING: never[] = [];

/** Whole minutes to read so many words, at least one where there are any. */
export function readingMinutes(words: number, profile: ReadingProfile): number {
  return words ? Math.max(1, Math.round(words / profile.wordsPerMinute)) : 0;
}
