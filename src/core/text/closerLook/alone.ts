/** Whether the one word of a keyword is another one in another form: "parking" and "the park". */
import type { AnalysedText } from "../analyse";
import type { Carrier, Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { isLikelyVerb, isVerbal, usedAs } from "../usage";
import { hasCapitals, isCapital, PERHAPS } from "./nouns";
import { isOtherPlural } from "./usedSo";

/** @param at the token that has the stem of the keyword's word */
export function isOtherAlone(
  text: AnalysedText,
  at: number,
  { words, carriers: [carrier], isJoined }: Variant,
  usage: Usage,
): boolean {
  if (words.length > 1 || isJoined || !carrier) return false;
  if (usage.context) return isOtherInEnglish(text, at, carrier, usage);
  if (usage.capitals) return isOtherInGerman(text, at, carrier, usage);
  return isDoneBySomebody(text, at, carrier, usage) || isDoerOfIt(text.tokens[at]!.folded, carrier, usage);
}

function isOtherInEnglish(text: AnalysedText, at: number, { folded }: Carrier, usage: Usage): boolean {
  const token = text.tokens[at]!;
  if (token.folded === folded) return false;
  const [isDoing, wasDoing] = [token.folded, folded].map(
    (word) => usage.gerund?.test(word.replace(/'?s$/, "")) === true,
  );
  const one = folded.replace(/s$/, "");
  const isThing = usage.things.has(one);
  // "A glass" for "glasses", "a design prize" for "designer"
  if (folded.endsWith("s") && isOtherPlural(token.folded, folded, usage)) return true;
  if (isDoersBase(token.folded, folded, usage)) return true;
  // "He parked the car" for "park"
  if (isDoing === wasDoing) return isThing && !isDoing && isVerbal(token.folded, usage);
  // "Gardening" for "garden", "booking" for "book", but "planning" for "plan"
  if (isDoing) return isThing || (usage.nouns.has(one) && usage.verbsToo.has(one));
  // "Where to park" for "parking", but "the question floored him" says nothing of "flooring".
  return isVerbal(token.folded, usage) || isPerhapsVerb(text, at, usage)
    ? isThing
    : usedAs(text, at, usage) === "noun" || isNounOfItsOwn(token.folded, usage);
}

const isDoersBase = (folded: string, doer: string, usage: Usage): boolean =>
  usage.doer?.test(doer) === true && !usage.doer.test(folded) && !folded.startsWith(doer.replace(/s$/, ""));

const isPerhapsVerb = (text: AnalysedText, at: number, usage: Usage): boolean => {
  const use = usedAs(text, at, usage);
  return use === "verb" || (use === undefined && isLikelyVerb(text, at, usage, PERHAPS));
};

const isNounOfItsOwn = (folded: string, { nouns, things }: Usage): boolean =>
  [folded, folded.replace(/s$/, "")].some((one) => nouns.has(one) || things.has(one));

/** "Sie rasen durch die Stadt" for "Rasen", "der Mieter" for "Miete" */
function isOtherInGerman(text: AnalysedText, at: number, carrier: Carrier, usage: Usage): boolean {
  const token = text.tokens[at]!;
  const { folded, written } = carrier;
  if (folded.endsWith("e") && token.folded.startsWith(`${folded}r`)) return true;
  if (!/^\p{Lu}/u.test(written) || isCapital(text, at) || !hasCapitals(text)) return false;
  const before = text.tokens[at - 1];
  const isDone = before?.sentence === token.sentence && usage.pronouns.has(before.folded);
  return isDone || !mayBeDeed(carrier, usage);
}

/** "Reinigung", "putzen" */
const mayBeDeed = (
  { folded }: Carrier,
  { deed, infinitive, likeInfinitives, pluralsLikeInfinitives }: Usage,
): boolean =>
  deed?.test(folded) === true ||
  (infinitive?.test(folded) === true && !likeInfinitives.has(folded) && !pluralsLikeInfinitives.has(folded));

/** "Hij schuurt de plank" for "schuur", "il livre des colis" for "livre": what somebody does. */
function isDoneBySomebody({ tokens }: AnalysedText, at: number, carrier: Carrier, usage: Usage): boolean {
  const before = tokens[at - 1];
  return (
    before?.sentence === tokens[at]!.sentence &&
    [usage.pronouns, usage.tellers].some((words) => words.has(before.folded)) &&
    !usage.determiners.has(before.folded) &&
    !mayBeDeed(carrier, usage)
  );
}

/** Endings of who does something in the Romance languages, folded: "cuisinier", "cocinera". */
const DOER = /(?:ier|iere|er[oa]|eir[oa]|ai[oa])s?$/;

/** "Le cuisinier" for "cuisine" */
const isDoerOfIt = (token: string, { folded }: Carrier, { headFirst }: Usage): boolean =>
  headFirst && DOER.test(token) && !DOER.test(folded);
