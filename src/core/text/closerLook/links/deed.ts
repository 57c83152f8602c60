/** What one does to the other, or is there to do: "wash the car", "chains for driving on snow", "a table to dine at". */
import type { Token } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isOfNoun, isVerbal } from "../../usage";
import { PERHAPS } from "../nouns";
import { isContent, isPhrase, isRelative, isSubject, type Link } from "./between";
import { isOfOtherThing } from "./preposition";

/** "Wash the car", "generating more leads", "tasting local wine" */
export const isObject: Link = ({
  between: all,
  usage,
  isMade: isMadeHere,
  isDone,
  isDoneFirst,
  isVerb,
  gap,
  before,
  isNoNoun,
}) => {
  // "Gestisci meglio il tuo tempo" for "gestione del tempo"
  const isMade = isMadeHere || (usage.headFirst && isNoNoun && !before);
  // "Buses pass the broken rail" speak of no rail pass.
  const isSaidOrOrdered =
    !before ||
    (usage.pronouns.has(before.folded) && usage.persons.has(before.folded)) ||
    usage.auxiliaries.has(before.folded);
  // "Closing down a bank", "recording or editing sound"
  const particle = all[0]?.folded ?? "";
  const isParted =
    (isMade || (isDoneFirst && isSaidOrOrdered)) &&
    usage.particles.has(particle) &&
    // "They dance in the square"
    !(usage.places.has(particle) && usage.determiners.has(all[1]?.folded ?? ""));
  const isTwofold = usage.conjunctions.has(all[0]?.folded ?? "") && usage.gerund?.test(all[1]?.folded ?? "");
  const between = isMade && isTwofold ? all.slice(2) : isParted ? all.slice(1) : all;
  return (
    !isDone &&
    !gap.includes(",") &&
    !(isForSomebody(all, usage) && !isMade) &&
    between.every(
      (word, i) =>
        isOfNoun(word, usage) ||
        (isMade && isContent(word) && !isVerb(word, PERHAPS)) ||
        // "Share large files", "review the latest films"
        ((isMade || (isDoneFirst && isSaidOrOrdered)) &&
          (usage.adjectives.has(word.folded) ||
            // "Repair a broken seal", "update your graphics driver"
            (usage.determiners.has(between[i - 1]?.folded ?? "") &&
              (isVerbal(word.folded, usage) ||
                (!before && isContent(word) && !/(?<!ic)s$/.test(word.folded) && !isVerb(word, PERHAPS)))))),
    ) &&
    between.filter(isContent).length <= 1
  );
};

/** "Show me the slide" speaks of no slide show. */
const isForSomebody = (
  [whom, next]: readonly Token[],
  { persons, determiners, afterOrders }: Usage,
): boolean =>
  next !== undefined &&
  persons.has(whom!.folded) &&
  afterOrders.has(whom!.folded) &&
  determiners.has(next.folded);

/** What is said of a thing before what it is for: "suitable" in "leather suitable for making gloves", "used". */
const withoutFit = ([fit, ...rest]: readonly Token[], usage: Usage): readonly Token[] =>
  fit && (usage.adjectives.has(fit.folded) || isVerbal(fit.folded, usage))
    ? rest
    : [...(fit ? [fit] : []), ...rest];

/** "Chains for driving on snow", "cursos para aprender a cocinar" */
export const isForDoing: Link = ({ between, usage, isDone, isDoneFirst }) => {
  const [link, doing, ...rest] = withoutFit(between, usage);
  if (!link || !doing || isDoneFirst || !usage.linking.has(link.folded)) return false;
  const isInfinitive = usage.headFirst && usage.infinitive?.test(doing.folded);
  const isGerund =
    !isDone &&
    usage.gerund?.test(doing.folded) &&
    (usage.headFirst || usage.joining.has(link.folded) || usage.of.has(link.folded));
  if (!isInfinitive && !isGerund) return false;
  return isPhrase(usage.linking.has(rest[0]?.folded ?? "") ? rest.slice(1) : rest, usage);
};

/** "A shop selling shoes", "a hand marking seconds" */
export const isDoingIt: Link = ({ between: [doing, ...rest], usage, isDone, isMade }) =>
  !usage.headFirst &&
  !isDone &&
  !isMade &&
  usage.gerund?.test(doing!.folded) === true &&
  isPhrase(rest, usage) &&
  rest.filter(isContent).length <= 2;

/** "A table to dine at", "pegs to hold a tent", "insure yourself before you travel" */
export const isTo: Link = (words) => {
  const { between, usage, isDone, before: is, later } = words;
  if (isOfOtherThing(words)) return false;
  // "They met to paint the board"
  if (usage.context && is && isVerbal(words.earlier.folded, usage)) return false;
  const [last, before] = [between.at(-1)!, between.at(-2)];
  // "It is fair to trade places", "stick to walking if running hurts"
  if (is && usage.being.has(is.folded)) return false;
  // "More power, and to draw a crowd"
  if (before && usage.conjunctions.has(before.folded)) return false;
  if (usage.auxiliaries.has(last.folded) && usage.gerund?.test(later.folded)) return false;
  // "Een cursus om te leren koken"
  const isOm = usage.compounds && usage.apart.has(between[0]!.folded);
  const [to, verb, ...rest] = isOm ? between.slice(1) : between;
  // "Games to play on a board"
  if (to && usage.auxiliaries.has(to.folded) && verb && isContent(verb))
    return isPhrase(usage.linking.has(rest[0]?.folded ?? "") ? rest.slice(1) : rest, usage);
  // "A little bird told me to sing", but "a dog trained to herd"
  const isToldTo = between.slice(0, -1).some(
    (word, i) =>
      isVerbal(word.folded, usage) &&
      (i > 0 ||
        between.length > 2 ||
        usage.simplePasts.has(word.folded) ||
        // "Every star seemed to flare"
        usage.intransitives.has(word.folded)),
  );
  return (
    isDone &&
    ((usage.auxiliaries.has(last.folded) && !isToldTo) ||
      (isSubject(last, usage) && before !== undefined && usage.timing.has(before.folded)))
  );
};

/** "How a knife is sharpened", "how should panels for power be cleaned?" */
export const isBeingDone: Link = ({ between, usage, isDone, later }) => {
  const isBeing = ({ folded }: Token) => usage.being.has(folded) || usage.auxiliaries.has(folded);
  // "Traffic was light"
  if (usage.being.has(between.at(-1)!.folded) && !mayBeDone(later, usage)) return false;
  const be = between.findIndex(({ folded }) => usage.being.has(folded));
  const from = usage.linking.has(between[0]!.folded) ? Math.max(0, be) : 0;
  return isDone && between.slice(from).every((word) => isBeing(word) || usage.adverb?.test(word.folded));
};

/** Has a word the form of what was done, or is being done? */
const mayBeDone = ({ folded }: Token, usage: Usage): boolean =>
  usage.participle === undefined ||
  usage.participle.test(folded) ||
  usage.likePasts.has(folded) ||
  isVerbal(folded, usage);

/** "Kids who travel", "hotels you can book" */
export const doesIt: Link = ({ between: [first, ...rest], usage, isDone, gap }) =>
  // "Spaar me, ik heb kinderen"
  !(usage.compounds && gap.includes(",") && isSubject(first!, usage) && !isRelative(first!, usage)) &&
  doesItTo(first!, rest, usage, isDone);

const doesItTo = (first: Token, rest: readonly Token[], usage: Usage, isDone: boolean): boolean =>
  // "A court who keeps order" gives none.
  // "Hearing that the test was over"
  (isSubject(first, usage) &&
    (isDone ||
      (usage.persons.has(first.folded) &&
        !usage.relatives.has(first.folded) &&
        // "In the football match he wore red socks"
        !(usage.tellers.has(first.folded) && rest.length > 1)))) ||
  (isDone && usage.relatives.has(first.folded)) ||
  // "It is fine to copy art", "lines to permit drawing"
  (usage.auxiliaries.has(first.folded) &&
    (isDone ? rest.every(({ folded }) => usage.adverb?.test(folded)) : !usage.joining.has(first.folded)));

/** "Customise your own mug" for "customised mug" */
export const isMadeSo: Link = ({ between, usage, isParticiple, isDone, isDoneFirst, before, earlier, gap }) =>
  (isParticiple || (isDoneFirst && !before && !usage.gerund?.test(earlier.folded))) &&
  !isDone &&
  // "Wait, the list is wrong"
  !(usage.context && gap.includes(",")) &&
  between.every((word) => isOfNoun(word, usage));

/** "Design your garden with software", "researching keywords with free tools" */
export const isDoneWith: Link = ({ between, usage, isDone, isDoneFirst, isOrder, isMade, earlier }) => {
  const link = between.findIndex(({ folded }) => usage.having.has(folded) && usage.linking.has(folded));
  const object = between.slice(0, link);
  return (
    link >= 0 &&
    !isDone &&
    (isMade || isDoneFirst || isOrder()) &&
    !isVerbal(earlier.folded, usage) &&
    isPhrase(between.slice(link + 1), usage) &&
    object.every((word) => isOfNoun(word, usage) || isContent(word)) &&
    object.filter(isContent).length <= 1
  );
};

/** "Learn to swim in ten lessons" */
export const isTaughtIn: Link = ({ between: [link, ...rest], usage, before, later }) =>
  !usage.compounds &&
  usage.auxiliaries.has(before?.folded ?? "") &&
  usage.linking.has(link!.folded) &&
  usage.lessons.has(later.folded) &&
  isPhrase(rest, usage);

/** "Knee pain when you run", "music while they work" */
export const isWhileDoing: Link = ({ between: [when, who, ...rest], usage, isDone, before }) =>
  !rest.length &&
  // "It was cold when she called"
  !usage.being.has(before?.folded ?? "") &&
  isDone &&
  who !== undefined &&
  (usage.asking.has(when!.folded) || usage.clauses.has(when!.folded)) &&
  isSubject(who, usage);

/** "My cat is not eating" for "cat not eating" */
export const isNotDoing: Link = ({ between, usage, isJoinedThere, later }) =>
  isJoinedThere &&
  usage.gerund?.test(later.folded) === true &&
  usage.negating.has(between.at(-1)!.folded) &&
  between.slice(0, -1).every(({ folded }) => usage.being.has(folded));

/** "Boats for hire" */
export const isFor: Link = ({ between, usage, isDone }) =>
  isDone && between.length === 1 && usage.linking.has(between[0]!.folded);
