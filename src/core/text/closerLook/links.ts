/** Ways in which one noun says more of another, by what stands between them. */
import type { Token } from "../analyse";
import type { Usage } from "../packs/usage";
import { isOfNoun, isVerbal } from "../usage";
import { PERHAPS, type TwoNouns } from "./nouns";

/** What is known of the words between the two. */
export interface Between extends TwoNouns {
  usage: Usage;
  /** The earlier noun says what is done: "tasting". */
  isMade: boolean;
  /** And may name a thing as well: "building". */
  isNounToo: boolean;
  /** The later one is in a form of its verb, and so the earlier. */
  isDone: boolean;
  isDoneFirst: boolean;
  earlier: Token;
  later: Token;
  /** A small word joins the two in the keyword. */
  isJoinedThere: boolean;
  /** The earlier one says what is done in the keyword, and is no such noun here: "assure" for "assurance". */
  isNoNoun: boolean;
  /** The earlier one is a participle in the keyword. */
  isParticiple: boolean;
  isVerb(place: number, from?: number): boolean;
  /** Is a word of them in a form that only a verb has: "salió"? */
  isFinite(place: number): boolean;
  /** The word before the earlier noun and the one after the later, in their sentence. */
  before: Token | undefined;
  after: Token | undefined;
}

export type Link = (words: Between) => boolean;

export const isContent = ({ small }: Token): boolean => !small;

/** Does nothing stand there but what belongs to a noun: "the", "my own", "southern", "lost or stolen"? */
const isPhrase = (words: readonly Token[], usage: Usage): boolean =>
  words.every(
    (word, i) =>
      isAndBetween(words, i, usage) ||
      isContent(word) ||
      (isOfNoun(word, usage) && !usage.afterOrders.has(word.folded)),
  );

function isAndBetween(
  words: readonly Token[],
  at: number,
  { conjunctions, adjectives, pasts, verbal }: Usage,
): boolean {
  const isSaid = (word: Token | undefined) =>
    word !== undefined &&
    (adjectives.has(word.folded) || pasts.has(word.folded) || verbal?.test(word.folded) === true);
  return conjunctions.has(words[at]!.folded) && isSaid(words[at - 1]) && isSaid(words[at + 1]);
}

const isSubject = ({ folded }: Token, { persons, pronouns, determiners }: Usage): boolean =>
  pronouns.has(folded) || (persons.has(folded) && !determiners.has(folded));

/** "Wash the car", "generating more leads", "tasting local wine" */
const isObject: Link = ({ between: all, usage, isMade, isDone, isVerb, gap }) => {
  // "Closing down a bank", "recording or editing sound"
  const isParted = isMade && usage.particles.has(all[0]?.folded ?? "");
  const isTwofold = usage.conjunctions.has(all[0]?.folded ?? "") && usage.gerund?.test(all[1]?.folded ?? "");
  const between = isMade && isTwofold ? all.slice(2) : isParted ? all.slice(1) : all;
  return (
    !isDone &&
    !gap.includes(",") &&
    between.every((word, i) => isOfNoun(word, usage) || (isMade && isContent(word) && !isVerb(i, PERHAPS))) &&
    between.filter(isContent).length <= 1
  );
};

/** "A table made of glass", "water fit for drinking", but no "wash basin of a car" */
function isBeforeLink(word: Token, link: Token, usage: Usage, isVerb: boolean): boolean {
  if (!isContent(word)) return false;
  const { folded } = word;
  if (usage.intransitives.has(folded)) return false;
  const isPast =
    // "Payable on demand"
    usage.adjectives.has(folded) ||
    isVerbal(folded, usage) ||
    usage.finite.has(folded) ||
    (usage.likePasts.has(folded) && !usage.of.has(link.folded));
  return !usage.context || isVerb || isPast || (usage.joining.has(link.folded) && !usage.nouns.has(folded));
}

/** Where the preposition stands that links the two, a word at most before it: "made of glass"; -1 where none does. */
function placeOfLink({ between, usage, isVerb, isFinite }: Between): number {
  // "Pain confined to the skin"
  if (
    !usage.headFirst &&
    isVerbal(between[0]?.folded ?? "", usage) &&
    !usage.intransitives.has(between[0]!.folded) &&
    usage.auxiliaries.has(between[1]?.folded ?? "") &&
    usage.joining.has(between[1]!.folded)
  )
    return 1;
  const isLink = (at: number) => usage.linking.has(between[at]?.folded ?? "");
  // "A shed at the bottom of the garden"
  const part = between.findLastIndex(({ folded }, at) => usage.parts.has(folded) && isLink(at + 1));
  const link = between.findIndex((_, at) => at > part && isLink(at));
  if (part >= 0 || link <= 0) return link;
  // "Lines managed largely by hand"
  if (link === 2 && usage.adverb?.test(between[1]!.folded) && isVerbal(between[0]!.folded, usage))
    return link;
  // "A story dealing with love"
  if (link === 1 && usage.gerund?.test(between[0]!.folded)) return link;
  // "El precio salió a la luz"
  return link === 1 && !isFinite(0) && isBeforeLink(between[0]!, between[1]!, usage, isVerb(0, PERHAPS))
    ? link
    : -1;
}

/** "La crème des ingénieurs du solaire" is none of the sun, but "cakes without eggs for vegans" are for vegans. */
const isOfOther = (words: readonly Token[], { linking, joining, parts }: Usage): boolean =>
  words.some((word, i) => {
    const next = words[i + 1]?.folded ?? "";
    // "A rack for ten pairs of shoes"
    const isPartOf = parts.has(word.folded.replace(/s$/, ""));
    return isContent(word) && !isPartOf && linking.has(next) && !joining.has(next);
  });

/** "Alarms for smoke and fire" are for fire. */
const withoutOthers = (words: readonly Token[], { conjunctions, headFirst }: Usage): readonly Token[] =>
  !headFirst && words.length > 1 && conjunctions.has(words.at(-1)!.folded) && isContent(words.at(-2)!)
    ? words.slice(0, -2)
    : words;

/** "A person with a permit to work": it is the permit that is for it. */
function isOfOtherThing({ between, usage, isDone }: Between): boolean {
  const link = between.findIndex(({ folded }) => usage.having.has(folded));
  const to = between.findIndex(({ folded }) => usage.auxiliaries.has(folded));
  return !usage.headFirst && isDone && link >= 0 && between.slice(link, Math.max(link, to)).some(isContent);
}

/** "A table made of glass", "doors in the south wall", "a list of people who wait" */
const isOf: Link = (words) => isOfIt(words) || isOfIt(withoutOtherHead(words));

/** "The care and supervision of a child" is its care, "trees and shrubs with fruit" are trees with it. */
const withoutOtherHead = (words: Between): Between =>
  !words.usage.headFirst &&
  words.usage.conjunctions.has(words.between[0]?.folded ?? "") &&
  words.between.length > 2 &&
  isContent(words.between[1]!) &&
  words.usage.linking.has(words.between[2]!.folded)
    ? { ...words, between: words.between.slice(2) }
    : words;

const isOfIt: Link = (words) => {
  const { between, usage, isDone, gap } = words;
  const link = placeOfLink(words);
  // "A sheet of ice, this time"
  if (link < 0 || (!isDone && gap.includes(","))) return false;
  // "An interview about losing his job"
  if (!isDone && between.some(({ folded }, i) => i > link && usage.gerund?.test(folded))) return false;
  // "Een tafel voor in de tuin"
  const rest = withoutOthers(
    between.slice(link + (usage.linking.has(between[link + 1]?.folded ?? "") ? 2 : 1)),
    usage,
  );
  // "The class of things to which the word applies"
  const isWhich = ({ folded }: Token) =>
    usage.relatives.has(folded) || (usage.which.has(folded) && !usage.quantities.has(folded));
  if (!usage.headFirst && !isDone && rest.some(isWhich)) return false;
  if (isOfOtherThing(words)) return false;
  // "Beans without strings"
  const governor = between.findLast(({ folded }) => usage.linking.has(folded));
  if (!words.isJoinedThere && usage.without.has(governor?.folded ?? "")) return false;
  // "A pattern in how she sews doubt"
  if (rest.some(({ folded }) => usage.manner.has(folded)) || isOfOther(rest, usage)) return false;
  // "A lock of hair stuck to the bike", "la cuna del rock no es para el bebé"
  const isSaid = ({ folded }: Token, i: number) =>
    usage.copulas.has(folded) || (usage.pasts.has(folded) && usage.joining.has(rest[i + 1]?.folded ?? ""));
  if (!isDone && rest.some(isSaid)) return false;
  // "Tive a impressão de que a foto era falsa"
  if (usage.headFirst && usage.asking.has(rest[0]?.folded ?? "")) return false;
  const whole = rest.slice(rest.findLastIndex(({ folded }) => usage.joining.has(folded)) + 1);
  // "Pizza with lots of cheese"
  const [much, of] = whole.slice(-2);
  const isMuch = of && usage.of.has(of.folded) && usage.parts.has(much!.folded.replace(/s$/, ""));
  const phrase = isMuch ? whole.slice(0, -2) : whole;
  // "Le siège de la ville affama l'enfant"
  if (usage.headFirst && phrase.filter(isContent).length > 1) return false;
  const last = phrase.at(-1);
  return isPhrase(isDone && last && isSubject(last, usage) ? phrase.slice(0, -1) : phrase, usage);
};

/** What is said of a thing before what it is for: "suitable" in "leather suitable for making gloves", "used". */
const withoutFit = ([fit, ...rest]: readonly Token[], usage: Usage): readonly Token[] =>
  fit && (usage.adjectives.has(fit.folded) || isVerbal(fit.folded, usage))
    ? rest
    : [...(fit ? [fit] : []), ...rest];

/** "Chains for driving on snow", "cursos para aprender a cocinar" */
const isForDoing: Link = ({ between, usage, isDone, isDoneFirst }) => {
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
const isDoingIt: Link = ({ between: [doing, ...rest], usage, isDone, isMade }) =>
  !usage.headFirst &&
  !isDone &&
  !isMade &&
  usage.gerund?.test(doing!.folded) === true &&
  isPhrase(rest, usage) &&
  rest.filter(isContent).length <= 2;

/** "That", "which", "when", but not "she". */
const isRelative = ({ folded }: Token, { relatives, asking, pronouns, persons, headFirst }: Usage): boolean =>
  relatives.has(folded) || asking.has(folded) || (!headFirst && pronouns.has(folded) && !persons.has(folded));

/** "A machine that sews leather", "the date when applications close", "clases en las que se aprende cocina" */
const isWhat: Link = ({ between, usage, isMade, isNounToo, isDone, isNoNoun, before: by, after }) => {
  const [first, second] = between;
  // "Elle assure que l'habitation est vide"
  if (
    usage.headFirst &&
    usage.asking.has(first!.folded) &&
    (isNoNoun || (by && usage.pronouns.has(by.folded)))
  )
    return false;
  // "Cuenta cómo ahorra"
  if (usage.headFirst && usage.manner.has(first!.folded)) return false;
  // "They agreed that rents are high" speaks of no agreement, but "a building that has offices"
  if (isMade && usage.relatives.has(first!.folded) && !isNounToo) return false;
  // "Brot, das glutenfrei ist"
  if (!second && after && usage.copulas.has(after.folded) && isRelative(first!, usage)) return true;
  // "La crème se défait au soleil"
  if (usage.headFirst && isSubject(first!, usage) && !isRelative(first!, usage)) return isDone;
  // "The mat you use for yoga", but "from the first floor they saw the dance"
  if (isSubject(first!, usage))
    return (
      isDone ||
      isRelative(first!, usage) ||
      !usage.determiners.has(between.at(-1)!.folded) ||
      between.some(({ folded }) => usage.governing.has(folded))
    );
  if (usage.asking.has(first!.folded) && !usage.headFirst)
    // "A counter where meat is sold"
    return isDone || !second || isSubject(second, usage) || isContent(between.at(-1)!);
  const at = between.findIndex(({ folded }) => !usage.linking.has(folded) && !usage.determiners.has(folded));
  // "Tive a impressão de que a foto era falsa"
  return (
    isRelative(between[0]!, usage) ||
    (at > 0 && isRelative(between[at]!, usage) && !/^d[ei]$/.test(between[0]!.folded))
  );
};

/** "A table to dine at", "pegs to hold a tent", "insure yourself before you travel" */
const isTo: Link = (words) => {
  const { between, usage, isDone, before: is, later } = words;
  if (isOfOtherThing(words)) return false;
  const [last, before] = [between.at(-1)!, between.at(-2)];
  // "It is fair to trade places", "stick to walking if running hurts"
  if (is && usage.being.has(is.folded)) return false;
  // "More power, and to draw a crowd"
  if (before && usage.conjunctions.has(before.folded)) return false;
  if (usage.auxiliaries.has(last.folded) && usage.gerund?.test(later.folded)) return false;
  const [to, verb, ...rest] = between;
  // "Games to play on a board"
  if (usage.auxiliaries.has(to!.folded) && verb && isContent(verb))
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

/** "Which boots do hikers wear?", "which bag protects a laptop best?" */
const isAsked: Link = ({ between: [verb, ...rest], usage, before }) =>
  before !== undefined &&
  usage.which.has(before.folded) &&
  (isContent(verb!) || usage.auxiliaries.has(verb!.folded)) &&
  isPhrase(rest, usage);

/** "Which oil is best for cooking?" */
const isBeing: Link = ({
  between: [first, ...rest],
  usage,
  isDone,
  isJoinedThere,
  later: { folded: what },
  gap,
}) =>
  usage.copulas.has(first!.folded) &&
  // "The news is that he farms"
  !(rest[0] && usage.relatives.has(rest[0].folded)) &&
  // "La ropa lavada es cara" for "lavado de cara"
  !(usage.headFirst && isJoinedThere && !rest.some(({ folded }) => usage.linking.has(folded))) &&
  // "Tirou as luvas e foi ao boxe"
  !(usage.conjunctions.has(first!.folded) && !/[èé]/.test(gap)) &&
  // "The lamp was still standing"
  !(
    (usage.gerund?.test(what) || (isDone && usage.gerund)) &&
    !rest.some(({ folded }) => usage.linking.has(folded))
  ) &&
  // "The answer is a key"
  !([usage.things, usage.nouns].some((words) => words.has(what)) && !rest.length && !usage.headFirst) &&
  !rest.some(
    ({ folded }) =>
      isVerbal(folded, usage) ||
      // "Il film a noleggio è in auto" says where it is.
      (usage.governing.has(folded) && !(usage.headFirst ? usage.joining : usage.linking).has(folded)),
  ) &&
  // "La poêle est posée sur le bois"
  !(usage.headFirst && rest.length > 1 && isContent(rest[0]!)) &&
  // "Research is the keyword of this decade"
  !(!usage.headFirst && rest[0] && usage.determiners.has(rest[0].folded));

/** "Which seat is safe for my child?" */
const isWhichIs: Link = (words) =>
  words.before !== undefined && words.usage.which.has(words.before.folded) && isBeing(words);

/** "A car bought secondhand"; where what a thing is comes first, any word: "una falda muy larga", "una pasta fatta fresca" */
const isBought: Link = ({ between: [only, more], usage, gap, before, isFinite }) =>
  !more &&
  // "La vela llevaba perfumes"
  !isFinite(0) &&
  // "The letter brought news"; a heading may begin with "a" or "an": "A car bought secondhand".
  !(
    before &&
    !usage.headFirst &&
    usage.determiners.has(before.folded) &&
    !usage.quantities.has(before.folded) &&
    before.folded.length > 2
  ) &&
  !gap.includes(",") &&
  (usage.headFirst
    ? [usage.conjunctions, usage.clauses, usage.asking, usage.copulas, usage.manner].every(
        (words) => !words.has(only!.folded),
      )
    : isContent(only!) && isVerbal(only!.folded, usage));

/** "A mobile work phone", "guitar and piano lessons" */
const isBefore: Link = ({ between, usage, isVerb, gap, isMade, earlier }) => {
  const rest = usage.conjunctions.has(between[0]!.folded) ? between.slice(1) : between;
  // "Toads and sheep frogs" are no toad frogs.
  if (rest !== between && usage.context && /[^sui]s$/.test(earlier.folded)) return false;
  const [only] = rest;
  return (
    rest.length === 1 &&
    isContent(only!) &&
    !isOfNoun(only!, usage) &&
    !/[^s]s$/.test(only!.folded) &&
    // "Spider-shaped flowers", "starting and closing times"
    (gap.startsWith("-") ||
      (isMade && rest !== between && usage.gerund?.test(only!.folded) === true) ||
      !isVerb(between.length - 1))
  );
};

/** "How a knife is sharpened", "how should panels for power be cleaned?" */
const isBeingDone: Link = ({ between, usage, isDone }) => {
  const isBeing = ({ folded }: Token) => usage.being.has(folded) || usage.auxiliaries.has(folded);
  const be = between.findIndex(({ folded }) => usage.being.has(folded));
  const from = usage.linking.has(between[0]!.folded) ? Math.max(0, be) : 0;
  return isDone && between.slice(from).every((word) => isBeing(word) || usage.adverb?.test(word.folded));
};

/** "Kids who travel", "hotels you can book" */
const doesIt: Link = ({ between: [first, ...rest], usage, isDone }) =>
  // "A court who keeps order" gives none.
  (isSubject(first!, usage) && (isDone || usage.persons.has(first!.folded))) ||
  (isDone && usage.relatives.has(first!.folded)) ||
  // "It is fine to copy art", "lines to permit drawing"
  (usage.auxiliaries.has(first!.folded) &&
    (isDone ? rest.every(({ folded }) => usage.adverb?.test(folded)) : !usage.joining.has(first!.folded)));

/** "Customise your own mug" for "customised mug" */
const isMadeSo: Link = ({ between, usage, isParticiple, isDone }) =>
  isParticiple && !isDone && between.every((word) => isOfNoun(word, usage));

/** "Batteries with a long life", but not "he slept with his bag" */
const hasIt: Link = ({ between, usage, isDoneFirst }) =>
  !isDoneFirst && usage.having.has(between[0]!.folded) && isPhrase(between.slice(1), usage);

/** "Boats for hire" */
const isFor: Link = ({ between, usage, isDone }) =>
  isDone && between.length === 1 && usage.linking.has(between[0]!.folded);

/** "A paste: the recipe" */
const isNamed: Link = ({ gap, between, usage, isNoNoun }) =>
  gap.includes(":") && !(usage.headFirst && (isNoNoun || between.some(isContent)));

export const HEAD_FIRST: readonly Link[] = [
  isNamed,
  isObject,
  isOf,
  isForDoing,
  isDoingIt,
  isWhat,
  isTo,
  isAsked,
  isBeing,
  isBought,
];
export const HEAD_LAST: readonly Link[] = [isNamed, isBefore, isBeingDone, doesIt, hasIt, isFor, isMadeSo];
/** Those that reach further than words that only stand near each other. */
export const FAR: readonly Link[] = [isOf, isForDoing, isWhat, isTo, isWhichIs];
