/** Whether the one word of a keyword is another one in another form: "parking" and "the park". */
import type { AnalysedText } from "../analyse";
import type { Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { isLikelyVerb, isVerbal, usedAs } from "../usage";
import { PERHAPS } from "./nouns";

/**
 * @param at the token that has the stem of the keyword's word
 * @returns false where nothing is known of the language's words
 */
export function isOtherAlone(
  text: AnalysedText,
  at: number,
  { words, isJoined }: Variant,
  usage: Usage,
): boolean {
  if (usage.context === undefined || !usage.gerund || words.length > 1 || isJoined) return false;
  const token = text.tokens[at]!;
  const { folded } = words[0]!;
  if (token.folded === folded) return false;
  const [isDoing, wasDoing] = [token.folded, folded].map((word) =>
    usage.gerund!.test(word.replace(/s$/, "")),
  );
  const isThing = usage.things.has(folded.replace(/s$/, ""));
  // "He parked the car" for "park"
  if (isDoing === wasDoing) return isThing && !isDoing && isVerbal(token.folded, usage);
  // "Gardening" for "garden", but "planning" for "plan"
  if (isDoing) return isThing;
  // "Where to park" for "parking", but "the question floored him" says nothing of "flooring".
  return isVerbal(token.folded, usage) || isVerbThere(text, at, usage)
    ? isThing
    : usedAs(text, at, usage) === "noun" || isNounOfItsOwn(token.folded, usage);
}

const isVerbThere = (text: AnalysedText, at: number, usage: Usage): boolean => {
  const use = usedAs(text, at, usage);
  return use === "verb" || (use === undefined && isLikelyVerb(text, at, usage, PERHAPS));
};

const isNounOfItsOwn = (folded: string, { nouns, things }: Usage): boolean =>
  [folded, folded.replace(/s$/, "")].some((one) => nouns.has(one) || things.has(one));
