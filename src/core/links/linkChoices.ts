/** What a phrase may be linked to within the site: its posts, its pages, sections of the post itself. */

import { analyseText } from "../text/analyse";
import { fold } from "../text/fold";
import { compileKeyword } from "../text/keyword";
import { findKeyword, type MatchValues } from "../text/match";
import type { LanguagePack } from "../text/packs/pack";

export interface LinkTarget {
  kind: "post" | "page" | "section";
  href: string;
  /** Title of the post, text of the heading, or the path. */
  title: string;
  /** The post's target keyword; empty for anything else. */
  keyword: string;
}

export interface LinkChoice extends LinkTarget {
  /** The phrase says the target's keyword. */
  meant: boolean;
}

const FORMS: MatchValues = { exact: 1, inflected: 0.9, close: 0.7, scattered: 0.5, closeWindow: 3 };

/**
 * Targets that fit, the best first: those whose keyword the phrase says, then those that share words with it. Where
 * something is typed, only what holds it in title, keyword or address.
 *
 * @param phrase the words that are to become the link
 */
export function linkChoices(
  typed: string,
  phrase: string,
  targets: readonly LinkTarget[],
  pack: LanguagePack,
  most = 8,
): LinkChoice[] {
  const query = fold(typed.trim());
  const said = analyseText(phrase, pack);
  const stems = new Set(said.tokens.filter(({ small }) => !small).map(({ stem }) => stem));
  const scored = targets.flatMap((target) => {
    const { title, keyword, href } = target;
    if (query && ![title, keyword, href].some((one) => fold(one).includes(query))) return [];
    const compiled = keyword ? compileKeyword(keyword, pack) : null;
    const matches = compiled ? findKeyword(said, compiled, FORMS, pack, true) : [];
    const form = Math.max(0, ...matches.map(({ value }) => value));
    const shared = analyseText(`${title} ${keyword}`, pack).tokens.filter(
      ({ stem, small }) => !small && stems.has(stem),
    ).length;
    return [{ choice: { ...target, meant: form > 0 }, worth: 10 * form + shared }];
  });
  return scored
    .sort((a, b) => b.worth - a.worth || (a.choice.title < b.choice.title ? -1 : 1))
    .slice(0, most)
    .map(({ choice }) => choice);
}

/**
 * The phrase around a place in a text that says the keyword of a target; the longest, where several do.
 *
 * @param at offset in the text
 * @returns its span; null where none is there
 */
export function phraseAt(
  text: string,
  at: number,
  targets: readonly LinkTarget[],
  pack: LanguagePack,
): { start: number; end: number } | null {
  const analysed = analyseText(text, pack);
  let best: { start: number; end: number } | null = null;
  for (const { keyword } of targets) {
    const compiled = keyword ? compileKeyword(keyword, pack) : null;
    if (!compiled) continue;
    for (const { start, end } of findKeyword(analysed, compiled, FORMS, pack))
      if (start <= at && at <= end && (!best || end - start > best.end - best.start)) best = { start, end };
  }
  return best;
}
