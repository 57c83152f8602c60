/** A noun where the keyword has one: the same, or another of the same stem. */
import { isLikelyVerb } from "../../usage";
import { PERHAPS } from "../nouns";
import type { Rule } from "./rule";

/** A noun, and the noun of the keyword: "a paint" is no "painting". */
export const isNoun: Rule = ({ text, use, isOtherForm, usage, carrier, token, next, at }) => {
  // "The hotel's books" speak of no hotel booking.
  const isOwned = text.tokens[at - 1]?.folded.endsWith("'s") === true;
  if (use !== "noun" && !isOwned) return undefined;
  const [isGerund, wasGerund] = [token, carrier].map(({ folded }) => usage.gerund?.test(folded) === true);
  // "A taxing sale" is no "sales tax".
  if (isOtherForm && isGerund && !wasGerund && (next?.from === at + 1 || carrier.role === "modifier"))
    return false;
  return !(isOtherForm && wasGerund && !usage.action.test(token.folded));
};

/** "He rated the bouncer" says nothing of a bounce rate. */
export const isDoerOfIt: Rule = ({ token, carrier, usage, isOtherForm }) =>
  carrier.role === "modifier" &&
  isOtherForm &&
  usage.context !== undefined &&
  usage.doer?.test(token.folded) === true &&
  !usage.doer.test(carrier.folded) &&
  !usage.gerund?.test(carrier.folded) &&
  !usage.adjectives.has(carrier.folded)
    ? false
    : undefined;

/** "Ship costs rose" says nothing of shipping costs. */
export const isThingBefore: Rule = ({ text, at, token, carrier, usage, next, isOtherForm }) =>
  carrier.role === "modifier" &&
  isOtherForm &&
  next?.from === at + 1 &&
  usage.gerund?.test(carrier.folded) &&
  usage.things.has(token.folded.replace(/s$/, "")) &&
  !isLikelyVerb(text, at, usage, PERHAPS)
    ? false
    : undefined;

/** "Plants under a tree" say nothing of tree planting. */
export const isThingFirst: Rule = ({ text, at, token, carrier, usage, use, last }) =>
  carrier.role === "head" &&
  !last &&
  use !== "verb" &&
  usage.gerund?.test(carrier.folded) &&
  /[^s]s$/.test(token.folded) &&
  usage.things.has(token.folded.slice(0, -1)) &&
  usage.places.has(text.tokens[at + 1]?.folded ?? "") &&
  !isLikelyVerb(text, at, usage, PERHAPS)
    ? false
    : undefined;

/** "Stop the bus": a thing that two words name is no deed. */
export const isOfThing: Rule = ({ carrier, variant, usage, use, isVerbForm }) =>
  carrier.role === "head" &&
  (use === "verb" || isVerbForm) &&
  variant.words.length === 2 &&
  usage.thingsOfTwo.get(carrier.folded)?.has(variant.words[0]!.folded)
    ? false
    : undefined;

/** "He chained his bicycle": that is no bicycle chain. */
export const isThingsVerb: Rule = ({ carrier, isThing }) =>
  carrier.role === "head" && isThing ? false : undefined;
