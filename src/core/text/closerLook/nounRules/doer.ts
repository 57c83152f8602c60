/** Who or what does something, and what others did. */
import type { AnalysedText } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isLikelyVerb, isVerbal, isVerbHere, verbOfDoer } from "../../usage";
import { areSeveral, isOneDoing, isPluralOf } from "../asOne";
import { isBeforeNoun, PERHAPS } from "../nouns";
import { isJoinedTo } from "./place";
import type { Rule } from "./rule";

/** "The dealer used my car" speaks of no used car. */
export const isDoneByLast: Rule = ({ text: { tokens }, token, carrier, usage, last, next, at }) =>
  usage.context !== undefined &&
  carrier.role === "modifier" &&
  last?.to === at - 1 &&
  next !== undefined &&
  isVerbal(carrier.folded, usage) &&
  isVerbal(token.folded, usage) &&
  usage.determiners.has(tokens[at + 1]!.folded)
    ? false
    : undefined;

/** "He opened", "he opens", "the nurse opened" */
function wasDoneOnce({ tokens }: AnalysedText, at: number, usage: Usage): boolean {
  const { folded, sentence } = tokens[at]!;
  const [who, before] = [tokens[at - 1], tokens[at - 2]];
  if (who?.sentence !== sentence || usage.gerund?.test(folded)) return false;
  const isPast = isVerbal(folded, usage);
  if (usage.tellers.has(who.folded)) return isPast || folded.endsWith("s");
  return isPast && !who.small && before?.sentence === sentence && usage.determiners.has(before.folded);
}

/** "Plan your meals" for "meal planner": who does something is said by the verb where that does it to the rest. */
export const isDoneByDoer: Rule = ({
  isDerived,
  isOtherForm,
  carrier,
  token,
  use,
  usage,
  next,
  last,
  text,
  at,
  seen,
}) => {
  const isDoer = isDerived
    ? verbOfDoer(carrier.folded, usage) !== undefined
    : isOtherForm && usage.doer?.test(carrier.folded) && !usage.doer.test(token.folded);
  if (carrier.role !== "head" || !isDoer) return undefined;
  const between = next ? text.tokens.slice(at + 1, next.from) : [];
  // "A story that was published in a newspaper"
  if (isVerbal(token.folded, usage) && usage.being.has(text.tokens[at - 1]?.folded ?? "")) return false;
  // "The meal contains prep notes" speaks of no containers.
  if (next && last?.to === at - 1 && /[^s]s$/.test(token.folded)) return false;
  // "The opening letter of the alphabet" speaks of no opener.
  const before = text.tokens[at - 1]?.folded ?? "";
  if (!between.length && usage.gerund?.test(token.folded) && usage.determiners.has(before)) return false;
  // "He made a sign with his hand", "the nurse opened the letter": but "he made signs" may speak of a sign maker.
  const isOneThing = next !== undefined && !text.tokens[next.to]!.folded.endsWith("s");
  if (
    isOneThing &&
    between.some(({ folded }) => usage.determiners.has(folded)) &&
    wasDoneOnce(text, at, usage)
  )
    return false;
  const others = between.filter(
    ({ folded }) => !usage.determiners.has(folded) && !usage.quantities.has(folded),
  );
  // "Kept track of its fitness" speaks of no tracker, but who "advises on taxes" is an adviser. "There was sand on the floor"
  const isVerb = use === "verb" || isLikelyVerb(text, at, usage, PERHAPS);
  return (
    next !== undefined &&
    // "Line the drawer keys up" says nothing of a drawer liner.
    !isBeforeNoun(text, next.to, usage, seen) &&
    // "In the heat his fans left"
    !(isDerived && use === "noun") &&
    // "He makes her sign the form"
    !(
      between.some(({ folded }) => usage.persons.has(folded)) &&
      usage.determiners.has(text.tokens[next.to + 1]?.folded ?? "")
    ) &&
    others.length <= 1 &&
    (isVerb || !others.length) &&
    others.every(({ small, folded }) => !small || (usage.linking.has(folded) && !usage.of.has(folded)))
  );
};

/** "Customised furniture", "the choice of a mattress". */
export const isMadeOfIt: Rule = ({ isDerived, token, carrier, usage, text: { tokens }, at, seen, last }) => {
  if (!isDerived) return undefined;
  // "The loss weighed on him" speaks of no weight loss.
  if (
    !usage.headFirst &&
    carrier.role === "modifier" &&
    last?.to === at - 1 &&
    usage.determiners.has(tokens[last.from - 1]?.folded ?? "") &&
    isVerbal(token.folded, usage) &&
    !isVerbal(carrier.folded, usage) &&
    !usage.adjectives.has(carrier.folded)
  )
    return false;
  // "A coffee maker" makes no cards.
  const before = tokens[at - 1];
  if (
    before?.sentence === token.sentence &&
    !before.small &&
    usage.nouns.has(before.folded) &&
    verbOfDoer(token.folded, usage) !== undefined &&
    !seen.some(({ to }) => to === at - 1)
  )
    return false;
  // "He trains safely" speaks of no safety.
  const isManner = usage.context !== undefined && usage.adverb?.test(token.folded) === true;
  return !isManner || usage.adjectives.has(carrier.folded) || usage.adverb?.test(carrier.folded) === true;
};

/** "The pump heats": what the keyword says first is here what the second does. */
export const isDoneByHead: Rule = ({ usage, carrier, last, token, variant, text }) => {
  if (usage.headFirst || carrier.role !== "modifier" || !last || !isPluralOf(token.folded, carrier.folded))
    return undefined;
  const head = variant.carriers[last.place]!;
  const done = text.tokens[last.to]!.folded;
  // "Tasting wines", "how to plan events", "share files" for "file sharing"
  if (usage.gerund?.test(done)) return undefined;
  if (isVerbHere(text, last.from, usage) || isLikelyVerb(text, last.from, usage, PERHAPS)) return true;
  const isDoing = usage.gerund?.test(head.folded) || (usage.doer?.test(head.folded) && done !== head.folded);
  // "Taste wines from four valleys"
  if (isDoing && !done.endsWith("s") && text.tokens[last.from - 1]?.sentence !== token.sentence) return true;
  if (isDoing && (!done.endsWith("s") || isLikelyVerb(text, last.from, usage, PERHAPS))) return undefined;
  return head.role === "head" && head.stem === text.tokens[last.to]!.stem ? false : undefined;
};

/** "The class cooked": done by what the keyword names last. */
export const wasDoneByHead: Rule = ({ isVerbForm, last, carrier }) =>
  isVerbForm && last && carrier.role === "modifier" ? false : undefined;

/** "A listed building for guests" has no guest list. */
export const isSaidOfNoun: Rule = ({
  text: { text, tokens },
  at,
  token,
  carrier,
  usage,
  next,
  last,
  isVerbForm,
}) => {
  const [before, after] = [tokens[at - 1], tokens[at + 1]];
  return usage.context !== undefined &&
    carrier.role === "head" &&
    isVerbForm &&
    !last &&
    before?.sentence === token.sentence &&
    usage.determiners.has(before.folded) &&
    next !== undefined &&
    next.from > at + 2 &&
    !after!.small &&
    text.slice(token.end, after!.start) === " " &&
    usage.linking.has(tokens[at + 2]!.folded)
    ? false
    : undefined;
};

/** "Cold calls that work" */
export const areSeveralThings: Rule = ({ text, at, carrier, last, variant, usage }) =>
  carrier.role === "head" && last && areSeveral(text, at, variant.carriers, usage) ? true : undefined;

/** "Every vote counts" */
export const doesOneThing: Rule = ({ text, at, carrier, last, usage }) =>
  carrier.role === "head" && last && isOneDoing(text, last.from, at, carrier, usage) ? false : undefined;

export const isDoneBySomebody: Rule = ({ text, at, token, carrier, usage, use, last, seen, isThing }) => {
  const before = text.tokens[at - 1];
  // "Which machine sews leather?"
  const asks = last && text.tokens[last.from - 1];
  if (!usage.headFirst && asks && usage.which.has(asks.folded)) return true;
  // "Rocks for climbing"
  if (usage.gerund?.test(token.folded) && isJoinedTo(text, at, seen, usage)) return true;
  // "A checklist for cleaning in spring"
  if (
    before &&
    usage.gerund?.test(carrier.folded) &&
    token.folded === carrier.folded &&
    usage.joining.has(before.folded)
  )
    return true;
  // "Face it"
  const isNamedSo = token.folded === carrier.folded && (isThing || usage.nouns.has(carrier.folded));
  if (carrier.role === "modifier" && use === "verb" && isNamedSo && !usage.gerund?.test(token.folded))
    return false;
  if (!before || carrier.role === "modifier") return !before || !(usage.being.has(before.folded) || last);
  // "Back pain when you cycle" for "back pain cycling"
  const isSomebody = usage.persons.has(before.folded) && !usage.determiners.has(before.folded);
  return (
    (isSomebody && usage.gerund?.test(carrier.folded) === true) ||
    [usage.pronouns, usage.auxiliaries, usage.being].some((words) => words.has(before.folded))
  );
};
