/** The anatomy of a gate: something that must be right, or knowingly waived, before publishing. One file a gate. */
import type { Draft } from "../../draft/draft";

export interface GateContext {
  /** Posts of the site that have this slug too, by title. */
  sameSlug: string[];
  /** What is raw in the document, in words. */
  rawSigns: string[];
  /** What is left of the post that this one was copied from, by name; null where it is no copy. */
  leftovers: { title: string; names: string[] } | null;
  /** Texts that the application wrote or started and nobody has confirmed; null where it wrote none. */
  toReview: string[] | null;
  /** Names of the list pages that will show it. */
  listedOn: string[];
  /** Addresses on this site that it links to, and where no page is. */
  deadLinks: string[];
  /** The lead picture where it has one of its own; else the first of the text leads. */
  leadPicture: { alt: string } | null;
  /** Claims without a source that nobody has accepted; null where nobody has looked. */
  openClaims: number | null;
  /** Its score, 0 to 100; null where it is not known. */
  score: number | null;
  /** Whether somebody has approved exactly this; null where nobody need. */
  approved: boolean | null;
  /** The score that it needs, where the site asks for one. */
  leastScore: number;
}

/** What a gate that is not passed does: it holds a post back, it only says so, or nobody is told. */
export const GATE_LEVELS = ["must", "warn", "off"] as const;
export type GateLevel = (typeof GATE_LEVELS)[number];

/** How a draft stands at a gate, and what is so, or what is wrong and what to do. */
export interface Judged {
  passed: boolean;
  says: string;
}

export interface GateRule<Id extends string = string> {
  id: Id;
  name: string;
  /** Where a person puts it right: a stage of the post, and a field there. */
  place: { stage: string; field?: string };
  /** What it does where a site says nothing else; "must" where absent. */
  level?: GateLevel;
  /** What the application can do about it; absent where a person must. */
  remedy?: "clean";
  /** @returns null where the gate is none for this post */
  judge(draft: Draft, context: GateContext): Judged | null;
}

export const defineGate = <const Id extends string>(gate: GateRule<Id>): GateRule<Id> => gate;
