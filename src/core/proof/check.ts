/** The anatomy of a check: what it is called and says, beside the one function that judges. */
import type { Static, TObject } from "@sinclair/typebox";
import type { Form } from "../text/match";
import type { GroupId } from "./groups";
import type { DraftPart, DraftParts, FieldName, Grounds, ReadingProfile, Stretch } from "./reading/reading";
import { none, thresholdsIn } from "./thresholds";

/** What is known of a check without judging anything. */
export interface CheckFacts<Id extends string = string> {
  id: Id;
  group: GroupId;
  /** Name as the interface shows it. */
  name: string;
  /** How long the repair takes a person: breaks ties of equal gains. */
  effort: "seconds" | "minutes" | "longer";
  /** Where in the application the repair is made. */
  place: "title" | "metaTitle" | "description" | "slug" | "keyword" | "body" | "pictures";
}

/** Written as a method, so that a check of any thresholds is a check. */
type Says<Declared extends TObject> = {
  says(thresholds: Static<Declared>, profile: ReadingProfile): string;
}["says"];

/** What a check counts in stretches of the text. */
interface Counting<Declared extends TObject, Count> {
  /** The part whose stretches they are. */
  in: "prose" | "uses";
  /** Made of numbers, texts and lists of them, so that two counts can be compared. */
  of(thresholds: Static<Declared>): (stretch: Stretch) => Count;
}

/** A criterion of the proof. */
export interface Check<
  Id extends string = string,
  Declared extends TObject = TObject,
  Part extends DraftPart = DraftPart,
  Count = unknown,
> extends CheckFacts<Id> {
  /** Its weight in the default profile. */
  weight: number;
  /** Its thresholds, with their names, units, bounds and defaults. */
  thresholds: Declared;
  /** What is asked and why, in a sentence or two; with the thresholds in force where it names any. */
  says: string | Says<Declared>;
  /** What it reads of the draft. It sees nothing else, and is asked again only where one of these has changed. */
  reads: readonly Part[];
  /** What it counts beside; a stretch is counted again where it has changed, and the check is asked again only where a count has. */
  counts?: Counting<Declared, Count>;
  judge(
    reading: Grounds & Pick<DraftParts, Part>,
    thresholds: Static<Declared>,
    counts: readonly Count[],
  ): Judgement;
}

/** A check as its file declares it; where it says nothing of thresholds it has none. */
export function defineCheck<const Id extends string, Declared extends TObject, Part extends DraftPart, Count>(
  check: Check<Id, Declared, Part, Count>,
): Check<Id, Declared, Part, Count>;
export function defineCheck<const Id extends string, Part extends DraftPart>(
  check: Omit<Check<Id, typeof none, Part>, "thresholds">,
): Check<Id, typeof none, Part>;
export function defineCheck(check: Omit<Check, "thresholds"> & Partial<Pick<Check, "thresholds">>): Check {
  return { thresholds: none, ...check } as Check;
}

/** What a check asks, with the thresholds that a profile sets. */
export const saysOf = ({ id, says, thresholds }: Check, profile: ReadingProfile): string =>
  typeof says === "string" ? says : says(thresholdsIn(profile, id, thresholds), profile);

/** A quotation from the draft: of a block's text, of a picture's alt text, or of a field. */
export interface Evidence {
  quote: string;
  /** Place among the draft's blocks; absent for a field. */
  block?: number;
  /** Field of the draft, or the alt text of the block; absent for the block's own text. */
  field?: FieldName | "alt" | "fileName";
  /** Span in UTF-16 code units of that text. */
  start: number;
  end: number;
  /** The form in which a keyword stands there. */
  form?: Form;
  /**
   * Where the place is at fault: what fixing it alone adds to the check's share, 0 to 1. Nothing is added where all of several must be
   * fixed. Absent where the place is not at fault, as those that earn the share.
   */
  worth?: number;
}

/** How a share came about, for those who ask. */
export interface Workings {
  /** The formula with this draft's numbers. */
  formula?: string;
  /** The part of the share that was lost to overuse of something, 0 to 1. */
  excess?: number;
}

/** What a finding says, for programs: its words may change. */
export type FindingCode = "no-keyword";

export type Judgement =
  | ({
      state: "judged";
      share: number;
      reason: string;
      evidence: Evidence[];
    } & Workings)
  | { state: "waiting"; reason: string; evidence: Evidence[]; code?: FindingCode }
  | { state: "not-applicable"; reason: string; evidence: Evidence[] };

export const judged = (
  share: number,
  reason: string,
  evidence: Evidence[] = [],
  workings: Workings = {},
): Judgement => ({
  state: "judged",
  share: Math.min(1, Math.max(0, share)),
  reason,
  evidence,
  ...workings,
});
export const waiting = (reason: string, code?: FindingCode): Judgement => ({
  state: "waiting",
  reason,
  evidence: [],
  ...(code && { code }),
});
/** Of every check that looks for the target keyword, where there is none. */
export const waitingForKeyword = (): Judgement => waiting("Choose a target keyword first.", "no-keyword");
export const notApplicable = (reason: string): Judgement => ({
  state: "not-applicable",
  reason,
  evidence: [],
});
