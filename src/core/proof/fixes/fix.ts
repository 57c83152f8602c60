/** What can be fixed in a draft, each with what it truly gains; and making several at once. */

import type { Draft } from "../../draft/draft";
import { languagePack } from "../../text/language";
import type { ProofContext } from "../context";
import { coverageRules } from "../coverageRules";
import type { CheckId, Profile } from "../profile";
import { readDraft } from "../reading/readDraft";
import { ReadingCache } from "../reading/remembered";
import { judgeReading } from "../report";
import { changed, type FixHelp, type FixRule, type Suggestion } from "./fixRule";
import { fixRules } from "./registry";

/** A fix as it is offered. */
export interface Fix extends Suggestion {
  /** Id of the fix. */
  fix: string;
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
  help: FixHelp;
  cache?: ReadingCache;
}

/** Alternatives of one fix that are offered. */
const MOST_CHOICES = 3;
/** Gains under this are rounding. */
const NOTHING = 1e-9;

/**
 * All that can be fixed, largest gain first. A change that would lower the score is not offered.
 *
 * @param only ids of the fixes to look at; all where absent
 */
export function fixesOf(draft: Draft, terms: Terms, only?: ReadonlySet<string>): Fix[] {
  const cache = terms.cache ?? new ReadingCache();
  const pack = languagePack(draft.meta.language);
  const rules = coverageRules(terms.profile);
  const reading = readDraft(draft, terms.context, terms.profile, pack, rules, cache);
  const before = judgeReading(reading);
  const open = (fix: FixRule) => {
    const finding = before.findings.find(({ id }) => id === fix.check);
    return finding?.state !== "set-aside";
  };
  return (
    fixRules
      .filter((fix) => (!only || only.has(fix.id)) && open(fix))
      .flatMap((fix) =>
        fix
          .suggest(reading, terms.help)
          .map((suggestion): Fix => {
            const { score, uncapped } = judgeReading(
              readDraft(changed(draft, suggestion.change), terms.context, terms.profile, pack, rules, cache),
            );
            const { id, check, also = [], name, safe, toCheck = false } = fix;
            return {
              fix: id,
              checks: [check, ...also],
              name,
              safe,
              toCheck,
              ...suggestion,
              score,
              gain: uncapped - before.uncapped,
            };
          })
          .filter(({ gain }) => gain > NOTHING || (fix.tidies && gain > -NOTHING))
          .sort((a, b) => Number(Boolean(a.caution)) - Number(Boolean(b.caution)) || b.gain - a.gain)
          .slice(0, MOST_CHOICES),
      )
      .map((fix) => ({ ...fix, gain: Math.max(0, fix.gain) }))
      // Those that need a person come behind, or the first of a fix would be one that is not made unasked.
      .sort((a, b) => Number(Boolean(a.caution)) - Number(Boolean(b.caution)) || b.gain - a.gain)
  );
}

/** A fix to be made: the best that needs no person, or the one among its choices that a person picked. */
export interface Pick {
  fix: string;
  /** What the picked choice writes, as its first line says it. */
  after?: string;
}

const picked = (choices: readonly Fix[], { after }: Pick): Fix | undefined =>
  choices.find(({ lines }) => after !== undefined && lines[0]?.after === after) ??
  choices.find(({ caution }) => !caution);

/**
 * Makes several fixes one after the other, each on what those before it left.
 *
 * @param picks made in the registry's order
 * @returns the draft with all that could be made, and what was made
 */
export function fixAll(draft: Draft, picks: readonly Pick[], terms: Terms): { draft: Draft; fixes: Fix[] } {
  const cache = terms.cache ?? new ReadingCache();
  const fixes: Fix[] = [];
  let now = draft;
  for (const { id } of fixRules) {
    const pick = picks.find(({ fix }) => fix === id);
    if (!pick) continue;
    const fix = picked(fixesOf(now, { ...terms, cache }, new Set([id])), pick);
    if (!fix) continue;
    now = changed(now, fix.change);
    fixes.push(fix);
  }
  return { draft: now, fixes };
}
