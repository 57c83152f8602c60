/** A verb where the keyword has a noun: does it say what its noun says? */
import type { AnalysedText } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isLikelyVerb, isVerbal, usedAs } from "../../usage";
import { areParted } from "../nouns";
import { governorOf } from "../object";
import type { SeenWord } from "../seenWord";
import { isHow } from "./place";
import type { Rule } from "./rule";

export const isAdverb: Rule = ({ isVerbForm, usage, token }) =>
  isVerbForm && usage.adverb?.test(token.folded) ? false : undefined;

/** "He has a right to angle": a noun that is none here, by all that stands around it. */
const isSurelyVerb = ({ text, at, usage, carrier, next }: SeenWord): boolean =>
  carrier.role === "head" && !next && isLikelyVerb(text, at, usage);

export const isNoVerb: Rule = (word) =>
  word.use !== "verb" && !word.isVerbForm && !isSurelyVerb(word) ? true : undefined;

/** "Ideas for tiling a bathroom" for "bathroom tile ideas", "design your garden with software", "policies on working remotely" */
const isDoneThere = ({ carrier, token, usage, variant, next, text, use }: SeenWord): boolean =>
  carrier.role === "modifier" &&
  variant.carriers.length > 2 &&
  (usage.gerund?.test(token.folded) === true || (use === "verb" && token.folded === carrier.folded)) &&
  next !== undefined &&
  (variant.carriers[next.place]!.role === "modifier" ||
    usage.adverb?.test(text.tokens[next.from]!.folded) === true);

/** "Reserva un hotel", "confronta i prezzi": it opens the sentence, and nothing but articles stands before the rest. */
export const opensBeforeRest = ({ text: { tokens }, at, token, next, usage }: SeenWord): boolean =>
  next !== undefined &&
  tokens[at - 1]?.sentence !== token.sentence &&
  tokens
    .slice(at + 1, next.from)
    .every(({ folded }) => usage.determiners.has(folded) && !usage.governing.has(folded));

/** In the Romance languages, an order with the noun of its deed. "Abre as latas" says nothing of an *abre-latas*. */
const isToldToDo = (word: SeenWord): boolean =>
  word.variant.words.length > word.variant.carriers.length &&
  word.next !== undefined &&
  word.next.from > word.at + 1 &&
  opensBeforeRest(word);

/** May a verb in this form say what its noun says: "wash the car", "noleggiare una bici", "customise your mug" for "customised mug"? */
const saysItsNoun = (word: SeenWord): boolean => {
  const { carrier, token, usage, isAction, isVerbForm } = word;
  if (isAction || isDoneThere(word)) return true;
  if (carrier.role === "head")
    return !usage.headFirst || usage.infinitive?.test(token.folded) === true || isToldToDo(word);
  return isVerbal(carrier.folded, usage) && !isVerbForm;
};

/** "The tide washed the car away", "tune in for piano music": with a particle it is another deed. */
export const isUndone: Rule = ({
  text: { tokens },
  at,
  next,
  usage,
  token,
  carrier,
  use,
  isVerbForm,
  isOtherForm,
}) => {
  const isDeed = use === "verb" || isVerbForm || (isOtherForm && usage.gerund?.test(carrier.folded) === true);
  if (!next || !isDeed) return undefined;
  const isParticle = (i: number) =>
    tokens[i]?.sentence === token.sentence && usage.undoing.has(tokens[i]!.folded);
  const after = (i: number) => (tokens[i + 1]?.sentence === token.sentence ? tokens[i + 1] : undefined);
  // "Tune in for music", but "clean in the kitchen"
  const isBefore = isParticle(at + 1) && usage.linking.has(after(at + 1)?.folded ?? "");
  const isBehind = isParticle(next.to + 1) && !usage.linking.has(tokens[next.to + 1]!.folded);
  return isBefore || isBehind ? false : undefined;
};

/** "Wash the car": a verb says what its noun says where the rest is what it is done to. "He walked to the boot of his car" */
export const isDoneToRest: Rule = (word) => {
  const { next, text, at, usage, isVerbForm, last } = word;
  if (isHow(word)) return true;
  // "He drives hard" has no hard drive.
  const after = next && text.tokens[next.to + 1];
  if (
    next?.from === at + 1 &&
    usage.adjectives.has(text.tokens[next.to]!.folded) &&
    !(after?.sentence === text.tokens[at]!.sentence && !after.small)
  )
    return false;
  // "They return to tax the rich" speaks of no tax return.
  const isTo = next !== undefined && usage.auxiliaries.has(text.tokens[next.from - 1]!.folded);
  if (word.use === "verb" && isTo && !word.isAction && usedAs(text, next.from, usage) === "verb")
    return false;
  // "She saw his hand" speaks of no saw.
  if (word.use === "verb" && word.carrier.role === "head" && usage.simplePasts.has(word.token.folded))
    return false;
  // "They booked the main course" speaks of no course book, "she passed the ski to him" of no ski pass.
  const isTold = usage.tellers.has(text.tokens[at - 1]?.folded ?? "");
  const isOtherDeed = isTold || usage.nouns.has(word.carrier.folded);
  if (isVerbForm && word.carrier.role === "head" && !word.isAction && isOtherDeed) return false;
  const isBare = isVerbForm && !last && isSaidOf(text, at, usage);
  return next && isObject(text, at, next.from, usage, isBare) ? saysItsNoun(word) : undefined;
};

/** "The soup tasted of wine" speaks of no wine tasting, "made of paper" of no paper making. */
export const isSensed: Rule = ({ isVerbForm, carrier, next, text, at, usage }) =>
  isVerbForm && carrier.role === "head" && next && usage.of.has(text.tokens[at + 1]?.folded ?? "")
    ? false
    : undefined;

/** "Gardens designed for shade" */
export const isDoneToLast: Rule = ({ isVerbForm, token, carrier, last, text, at, usage }) =>
  isVerbForm &&
  !usage.intransitives.has(token.folded) &&
  // "The trial ran for weeks"
  !usage.simplePasts.has(token.folded) &&
  carrier.role === "head" &&
  last &&
  // "In a loft, insulated from noise"
  !(areParted(text, last.to, at) && governorOf(text.tokens, last.from, usage)) &&
  usage.linking.has(text.tokens[at + 1]?.folded ?? "") &&
  !usage.headFirst
    ? true
    : undefined;

/** "The dog walked off with a stick": what somebody did is not what the thing after it is for. */
export const isDoneBefore: Rule = ({ carrier, next, isVerbForm, usage }) =>
  !usage.headFirst && carrier.role === "modifier" && next && isVerbForm ? false : undefined;

export const saysNothingDone: Rule = ({ isAction }) => (isAction ? undefined : false);

export const isParticiple: Rule = ({ use }) => (use === "verb" ? undefined : true);

/** "He walked", "the ship listed" */
function isSaidOf({ tokens }: AnalysedText, at: number, { pronouns }: Usage): boolean {
  const before = tokens[at - 1];
  if (before?.sentence !== tokens[at]!.sentence) return false;
  return !before.small || pronouns.has(before.folded);
}

/**
 * Does nothing but what belongs to a noun stand between a verb and it, or one small word: "care for the leather"?
 *
 * @param isBare no small word is let by
 */
function isObject(
  { tokens }: AnalysedText,
  verb: number,
  noun: number,
  { determiners, places, about, context, persons }: Usage,
  isBare: boolean,
): boolean {
  const between = tokens.slice(verb + 1, noun);
  const others = between.filter(({ small, folded }) => small && !determiners.has(folded));
  // "Face it: the mask slipped"
  if (context !== undefined && others.some(({ folded }) => persons.has(folded))) return false;
  // "She works by the road" has no road works.
  const isSomewhere =
    context !== undefined && others.some(({ folded }) => places.has(folded) && !about.has(folded));
  return (
    !others.length || (!isBare && !isSomewhere && others.length === 1 && between.every(({ small }) => small))
  );
}
