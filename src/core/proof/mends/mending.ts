/** What can be mended in a draft, each with what it truly gains; and making several at once. */

import type { Draft } from "../../draft/draft";
import { languagePack } from "../../text/language";
import type { ProofContext } from "../context";
import { coverageRules } from "../coverageRules";
import type { CheckId, Profile } from "../profile";
import { readDraft } from "../reading/readDraft";
import { ReadingCache } from "../reading/remembered";
import { judgeReading } from "../report";
import { changed, type Mend, type MendHelp, type Suggestion } from "./mend";
import { mends } from "./registry";

/** A mend as it is offered. */
export interface Mending extends Suggestion {
  /** Id of the mend. */
  mend: string;
  /** The check that it is for, and those that it can help as well. */
  checks: readonly CheckId[];
  name: string;
  safe: boolean;
  toCheck: boolean;
  /** The whole score once it is made, 0 to 100. */
  score: number;
  /** Points by which the whole score rises, were the text long enough for a full score: found by making the change on a copy and scoring that. Never below 0. */
  gain: number;
}

/** What a draft is scored with. */
export interface Terms {
  context: ProofContext;
  profile: Profile;
  help: MendHelp;
  cache?: ReadingCache;
}

/** Alternatives of one mend that are offered. */
const MOST_CHOICES = 3;
/** Gains under this are rounding. */
const NOTHING = 1e-9;

/**
 * All that can be mended, largest gain first. A change that would lower the score is not offered.
 *
 * @param only ids of the mends to look at; all where absent
 */
export function mendingsOf(draft: Draft, terms: Terms, only?: ReadonlySet<string>): Mending[] {
  const cache = terms.cache ?? new ReadingCache();
  const pack = languagePack(draft.meta.language);
  const rules = coverageRules(terms.profile);
  const reading = readDraft(draft, terms.context, terms.profile, pack, rules, cache);
  const before = judgeReading(reading);
  const open = (mend: Mend) => {
    const finding = before.findings.find(({ id }) => id === mend.check);
    return finding?.state !== "set-aside";
  };
  return (
    mends
      .filter((mend) => (!only || only.has(mend.id)) && open(mend))
      .flatMap((mend) =>
        mend
          .suggest(reading, terms.help)
          .map((suggestion): Mending => {
            const { score, uncapped } = judgeReading(
              readDraft(changed(draft, suggestion.change), terms.context, terms.profile, pack, rules, cache),
            );
            const { id, check, also = [], name, safe, toCheck = false } = mend;
            return {
              mend: id,
              checks: [check, ...also],
              name,
              safe,
              toCheck,
              ...suggestion,
              score,
              gain: uncapped - before.uncapped,
            };
          })
          .filter(({ gain }) => gain > NOTHING || (mend.tidies && gain > -NOTHING))
          .sort((a, b) => Number(Boolean(a.caution)) - Number(Boolean(b.caution)) || b.gain - a.gain)
          .slice(0, MOST_CHOICES),
      )
      .map((mending) => ({ ...mending, gain: Math.max(0, mending.gain) }))
      // Those that need a person come behind, or the first of a mend would be one that is not made unasked.
      .sort((a, b) => Number(Boolean(a.caution)) - Number(Boolean(b.caution)) || b.gain - a.gain)
  );
}

/** A mend to be made: the best that needs no person, or the one among its choices that a person picked. */
export interface Pick {
  mend: string;
  /** What the picked choice writes, as its first line says it. */
  after?: string;
}

const picked = (choices: readonly Mending[], { after }: Pick): Mending | undefined =>
  choices.find(({ lines }) => after !== undefined && lines[0]?.after === after) ??
  choices.find(({ caution }) => !caution);

/**
 * Makes several mends one after the other, each on what those before it left.
 *
 * @param picks made in the registry's order
 * @returns the draft with all that could be made, and what was made
 */
export function mendAll(
  draft: Draft,
  picks: readonly Pick[],
  terms: Terms,
): { draft: Draft; made: Mending[] } {
  const cache = terms.cache ?? new ReadingCache();
  const made: Mending[] = [];
  let now = draft;
  for (const { id } of mends) {
    const pick = picks.find(({ mend }) => mend === id);
    if (!pick) continue;
    const mending = picked(mendingsOf(now, { ...terms, cache }, new Set([id])), pick);
    if (!mending) continue;
    now = changed(now, mending.change);
    made.push(mending);
  }
  return { draft: now, made };
}
