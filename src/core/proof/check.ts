/** The anatomy of a check: what it is called and says, beside the one function that judges. */
import type { Form } from "../text/match";
import type { GroupId } from "./groups";
import type { CheckId } from "./profile";
import type { DraftReading, FieldName } from "./reading/reading";

/** What is known of a check without judging anything. */
export interface CheckFacts {
  id: CheckId;
  group: GroupId;
  /** Name as the interface shows it. */
  name: string;
  /** How long the repair takes a person: breaks ties of equal gains. */
  effort: "seconds" | "minutes" | "longer";
  /** What is asked and why, in a sentence or two. */
  says: string;
  /** Where in the application the repair is made. */
  place: "title" | "metaTitle" | "description" | "slug" | "keyword" | "body" | "pictures";
}

export interface Check extends CheckFacts {
  judge(reading: DraftReading): Judgement;
}

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
   * Where the place is at fault: what mending it alone adds to the check's share, 0 to 1. Nothing is added where all of several must be
   * mended. Absent where the place is not at fault, as those that earn the share.
   */
  worth?: number;
}

/** How a share came about, for those who ask. */
export interface Workings {
  /** The formula with this draft's numbers. */
  formula?: string;
  /** The part of the share that was lost to too much of something, 0 to 1. */
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
