/** The anatomy of a fix: a change of the draft that the application can make itself, to earn a check's points. */
import type { Block, Draft, DraftMeta } from "../../draft/draft";
import type { LinkTarget } from "../../links/linkChoices";
import type { CheckId } from "../profile";
import type { DraftReading } from "../reading/reading";

/** Fields of a draft that a fix may write. */
export type FixedMeta = Partial<Pick<DraftMeta, "metaTitle" | "description" | "slug">>;

export interface Change {
  meta?: FixedMeta;
  /** What takes the place of a block, by its place among the blocks. */
  blocks?: ReadonlyMap<number, readonly Block[]>;
}

/** A line of what was and what will be. */
export interface ChangedLine {
  before: string;
  after: string;
}

export interface Suggestion {
  lines: ChangedLine[];
  change: Change;
  /** What it was made from, in words that follow "from": "the title, its beginning". */
  source?: string;
  /** Rendered width of what it writes, and the widest that is shown whole, in CSS pixels. */
  width?: { pixels: number; most: number };
  /** Why a person must choose it, as "without the target keyword": it is not made unasked. */
  caution?: string;
}

/** Cautions of proposals that may be right, which only a person can tell. */
export const WITHOUT_KEYWORD = "without the target keyword";
/** What one section says may be far from what the page says. */
export const OF_ONE_SECTION = "about one section";

/** What fixes know besides the draft. */
export interface FixHelp {
  /** Pages of the site that a phrase may be linked to, the draft itself left out. */
  targets: readonly LinkTarget[];
}
export const noHelp: FixHelp = { targets: [] };

export interface FixRule {
  id: string;
  /** The check that it is for. */
  check: CheckId;
  /** Checks that it can help as well. */
  also?: readonly CheckId[];
  /** What it does, as the interface says it. */
  name: string;
  /** Changes no word and nothing that a person must look at: may be made unseen. */
  safe: boolean;
  /** What it writes is a beginning, and must be looked at by a person. */
  toCheck?: true;
  /** Worth making though nothing is gained. */
  tidies?: true;
  /** What it would do, the best first; nothing where there is nothing to fix. */
  suggest(reading: DraftReading, help: FixHelp): Suggestion[];
}

/** The draft with a change made; the draft itself stays as it is. */
export function changed(draft: Draft, { meta, blocks }: Change): Draft {
  return {
    ...draft,
    meta: meta ? { ...draft.meta, ...meta } : draft.meta,
    blocks: blocks ? draft.blocks.flatMap((block, i) => blocks.get(i) ?? [block]) : draft.blocks,
  };
}
