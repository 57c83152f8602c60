/** What is asked of a word of a text that is a noun in the keyword. */
import type { AnalysedText } from "../analyse";
import type { Usage } from "../packs/usage";
import { isLikelyVerb, isNounAt, isOfNoun, isVerbal, usedAs, verbOfDoer } from "../usage";
import { isOneDoing } from "./asOne";
import { areParted, isBeforeNoun, isCapital, PERHAPS } from "./nouns";
import { governorOf } from "./object";
import type { SeenWord } from "./seenWord";
import type { Sight } from "./sight";

/** True or false where the rule decides, undefined where it has nothing to say. */
export type Rule = (word: SeenWord) => boolean | undefined;

const standsForNothing: Rule = ({ text, usage, token, at }) =>
  token.small && !usage.parting && !isNamed(text, at, usage) ? false : undefined;

/** "El médico recetó pan": what only a verb can be, beside a noun that says nothing done. */
const isFiniteForm: Rule = ({ text, token, usage, isOtherForm, isAction, isDerived }) =>
  isOtherForm &&
  !isAction &&
  !isDerived &&
  usage.finiteForm?.test(text.text.slice(token.start, token.end).toLowerCase())
    ? false
    : undefined;

/** "Juega con la carta" speaks of no *juego*: what has no article and another vowel at its end is the verb. */
const isVerbByVowel: Rule = ({ token, carrier, usage, use, isAction }) =>
  usage.headFirst &&
  !isAction &&
  carrier.role === "head" &&
  use !== "noun" &&
  /[^d]o$/.test(carrier.folded) &&
  token.folded.startsWith(carrier.folded.slice(0, -1)) &&
  /^a(?:n|m|no)?$/.test(token.folded.slice(carrier.folded.length - 1))
    ? false
    : undefined;

/** "At the centre of the garden", "a game with an equal number of points" */
const isPartOf: Rule = ({ text: { tokens }, token, at, carrier, usage, next }) =>
  usage.parts.has(token.folded) &&
  usage.of.has(tokens[at + 1]?.folded ?? "") &&
  (carrier.role === "head"
    ? usage.places.has(governorOf(tokens, at, usage) ?? "")
    : !usage.headFirst && !next)
    ? false
    : undefined;

/** "La mesa está puesta al sol": done, where the keyword's noun says what is done. */
const isDoneHere: Rule = ({ text: { tokens }, token, at, carrier, usage }) =>
  usage.headFirst &&
  carrier.role === "head" &&
  /(?:[ai]d|st)[oa]s?$/.test(token.folded) &&
  usage.copulas.has(tokens[at - 1]?.folded ?? "")
    ? false
    : undefined;

/** "He calls back" */
const isParticle: Rule = ({ text, token, at, usage }) => {
  if (!usage.particles.has(token.folded)) return undefined;
  // "She paid him back"
  const verb = usage.persons.has(text.tokens[at - 1]?.folded ?? "") ? at - 2 : at - 1;
  return text.tokens[verb]?.small === false && isLikelyVerb(text, verb, usage) ? false : undefined;
};

/** "First-class meals" speak of no class. */
const isJoinedOn: Rule = ({ text: { tokens }, at, token, carrier, seen, usage }) =>
  (carrier.role === "head" && tokens[at - 1]?.joinsNext && !seen.some(({ to }) => to === at - 1)) ||
  // "A colour-blind person" is not blind.
  (usage.adjectives.has(token.folded) &&
    tokens[at - 1]?.joinsNext &&
    !seen.some(({ to }) => to === at - 1)) ||
  // "Cold-water fishes" are not cold, but "custom-made" is.
  (usage.adjectives.has(token.folded) &&
    token.joinsNext &&
    !isVerbal(tokens[at + 1]!.folded, usage) &&
    !seen.some(({ from }) => from === at + 1))
    ? false
    : undefined;

/** "A rack for plates to dry" is for no dry plates. */
const isAdjectivesVerb: Rule = ({ usage, token, use, isVerbForm }) =>
  use === "verb" &&
  !isVerbForm &&
  usage.adjectives.has(token.folded) &&
  !isVerbal(token.folded, usage) &&
  !usage.gerund?.test(token.folded)
    ? false
    : undefined;

/** "Sie rasen vorbei und mähen alles um" is about no "Rasen". */
const isNoCapital: Rule = ({ text, usage, token, at, carrier }) =>
  usage.capitals &&
  !carrier.isLower &&
  carrier.role === undefined &&
  usage.infinitive?.test(token.folded) &&
  isNounAt(text, at, usage) === false
    ? false
    : undefined;

/** "Zij kussen elkaar" speaks of no *kussen*. */
const isDoneByThem: Rule = ({ text: { tokens }, at, token, carrier, usage, isOtherForm }) =>
  carrier.role === undefined &&
  usage.compounds &&
  !usage.capitals &&
  !isOtherForm &&
  tokens[at - 1]?.sentence === token.sentence &&
  usage.pronouns.has(tokens[at - 1]!.folded) &&
  usage.infinitive?.test(token.folded)
    ? false
    : undefined;

/** "Isso prova que a matemática serve" */
const isSaidByOne: Rule = ({ text: { tokens }, at, token, carrier, usage, isAction }) => {
  const before = tokens[at - 1];
  return usage.headFirst &&
    carrier.role === "head" &&
    !isAction &&
    before?.sentence === token.sentence &&
    (usage.persons.has(before.folded) || usage.pronouns.has(before.folded)) &&
    !usage.determiners.has(before.folded)
    ? false
    : undefined;
};

const hasNoRole: Rule = ({ carrier }) => (carrier.role ? undefined : true);

/** "Companies that move pianos", "shoes for running on trails": the purpose of what the keyword says last. */
const isPurpose: Rule = ({ carrier, token, isThing, use, text, at, seen, usage }) =>
  carrier.role === "modifier" &&
  // "They plan to game the system"
  // "Blocks for building towers"
  (usage.gerund?.test(token.folded) === true ||
    !((isThing || (token.folded === carrier.folded && usage.nouns.has(carrier.folded))) && use === "verb")) &&
  isJoinedTo(text, at, seen, usage)
    ? true
    : undefined;

/** "A parking permit scheme": it only says more of the noun behind it. */
const isBeforeOther: Rule = ({ text, at, usage, seen, token }) =>
  // "Print 3D models"
  !usage.headFirst && !/\d/.test(token.folded) && isBeforeNoun(text, at, usage, seen) ? false : undefined;

/** "Higher", "highest" */
const COMPARED = /e(?:r|st)$/;

/** "A person in a bad mood" is no bad person: what says of which sort a noun is says it of the one behind it. */
const isOfAnother: Rule = ({ text, at, carrier, usage, token, next }) => {
  // "An important or high position"
  const isTwofold = usage.conjunctions.has(text.tokens[at + 1]?.folded ?? "");
  const other = text.tokens[isTwofold ? at + 3 : at + 1];
  if (isTwofold && !usage.adjectives.has(text.tokens[at + 2]?.folded ?? "")) return undefined;
  return carrier.role === "modifier" &&
    !next &&
    // "Higher ground" for "high sea"
    (usage.adjectives.has(token.folded) ||
      (COMPARED.test(token.folded) && usage.adjectives.has(carrier.folded))) &&
    other?.small === false &&
    other.sentence === token.sentence &&
    !/[^\s\p{L}]/u.test(text.text.slice(token.end, other.start)) &&
    !usage.adverb?.test(other.folded) &&
    !usage.trailing.has(other.folded) &&
    !isLikelyVerb(text, isTwofold ? at + 3 : at + 1, usage, PERHAPS)
    ? false
    : undefined;
};

/** "Die Veganerin" is no "vegane" one. */
const isPersonSaid: Rule = ({ text, at, carrier, usage, token }) =>
  usage.capitals &&
  carrier.isLower &&
  carrier.role === "modifier" &&
  /in(?:nen)?$/.test(token.folded) &&
  isCapital(text, at)
    ? false
    : undefined;

/** "Tee in einer schwarzen Tasse", "thee in een zwart kopje" for "zwarte thee" */
const isOfNounBehind: Rule = ({ text, at, carrier, usage, token, seen }) => {
  const other = text.tokens[at + 1];
  if (!usage.compounds || carrier.role !== "modifier" || other?.sentence !== token.sentence) return undefined;
  if (other.small || seen.some(({ from }) => from === at + 1)) return undefined;
  if (text.text.slice(token.end, other.start) !== " ") return undefined;
  const [before, beforeThat] = [text.tokens[at - 1]?.folded ?? "", text.tokens[at - 2]?.folded ?? ""];
  const isBehindLink = usage.linking.has(usage.determiners.has(before) ? beforeThat : before);
  const isAdjective = usage.capitals
    ? carrier.isLower && !isCapital(text, at) && isCapital(text, at + 1)
    : carrier.folded.endsWith("e") && isBehindLink;
  return isAdjective ? false : undefined;
};

/** "He is aware that the brand is gone" */
const isSaid: Rule = ({ text: { tokens }, token, at, carrier, isOtherForm, usage }) =>
  carrier.role === "head" &&
  isOtherForm &&
  usage.adjectives.has(token.folded) &&
  usage.relatives.has(tokens[at + 1]?.folded ?? "") &&
  isOfNoun(tokens[at + 2] ?? token, usage)
    ? false
    : undefined;

/** "The box is light enough to carry" is about no light. */
const isSoMuch: Rule = ({ text: { tokens }, at, carrier, usage }) =>
  carrier.role === "modifier" && usage.enough.has(tokens[at + 1]?.folded ?? "") ? false : undefined;

/** "Sleep better" for "better sleep": what is more so than before may be how it is done as well. */
const isHow = ({ usage, text, at, next }: SeenWord): boolean =>
  usage.context !== undefined &&
  next?.from === at + 1 &&
  COMPARED.test(text.tokens[next.from]!.folded) &&
  usage.adjectives.has(text.tokens[next.from]!.folded);

/** "A design package" is another matter than "packaging design". */
const isTurnedRound: Rule = (word) => {
  const { use, usage, carrier, next, at, text, token, variant } = word;
  if (usage.headFirst || carrier.role !== "head" || variant.words.length !== 2 || next?.from !== at + 1)
    return undefined;
  const after = text.tokens[next.from]!;
  if (usage.gerund?.test(token.folded) || text.text.slice(token.end, after.start) !== " ") return undefined;
  if (isHow(word)) return undefined;
  // "Which machine mills flour?", "a machine that processes food"
  const before = text.tokens[at - 1]?.folded ?? "";
  if (usage.which.has(before) || (usage.relatives.has(before) && /[^s]s$/.test(token.folded)))
    return undefined;
  // "The language spoken there"
  if (isVerbal(after.folded, usage) && !usage.gerund?.test(after.folded)) return undefined;
  // "Coffee ground by hand"
  if (
    after.otherStem &&
    /[dtn]$/.test(after.folded) &&
    usage.linking.has(text.tokens[next.to + 1]?.folded ?? "")
  )
    return undefined;
  // "Shirts custom made for teams"
  if (
    usage.adjectives.has(after.folded) &&
    !token.folded.endsWith("'s") &&
    isVerbal(text.tokens[next.to + 1]?.folded ?? "", usage)
  )
    return undefined;
  return use === "noun" || (use === undefined && isLikelyTurned(word, next)) ? false : undefined;
};

/** "Fair trade" for "trade fair", but "design packages" for "packaging design" */
function isLikelyTurned({ usage, carrier, at, text, token, variant }: SeenWord, next: Sight): boolean {
  const { folded } = text.tokens[next.from]!;
  const other = variant.carriers[next.place]!;
  // "Fish flies" are no flying fish, but "design packages" may be told.
  const isOtherNoun =
    text.tokens[at - 1]?.sentence === token.sentence &&
    usage.gerund?.test(other.folded) === true &&
    !isLikelyVerb(text, next.from, usage, PERHAPS);
  // "Students pick fruit"
  const before = text.tokens[at - 1];
  const isDoneByThem =
    usage.gerund?.test(carrier.folded) === true &&
    before?.sentence === token.sentence &&
    !before.small &&
    /[^s]s$/.test(before.folded) &&
    !token.folded.endsWith("s");
  return (
    usage.context !== undefined &&
    !isDoneByThem &&
    (folded === other.folded || isOtherNoun) &&
    /^\p{L}+$/u.test(folded) &&
    !isVerbal(folded, usage) &&
    !isLikelyVerb(text, at, usage, PERHAPS) &&
    !isToldToDo(text, at, carrier, usage)
  );
}

/** "Heat water with the sun" for "water heater" */
function isToldToDo(
  { tokens }: AnalysedText,
  at: number,
  { folded }: SeenWord["carrier"],
  usage: Usage,
): boolean {
  const [{ sentence, folded: verb }, after] = [tokens[at]!, tokens[at + 2]];
  const opens = tokens[at - 1]?.sentence !== sentence;
  const closes = after?.sentence !== sentence || usage.linking.has(after.folded);
  return opens && closes && verb !== folded && usage.doer?.test(folded) === true;
}

/** A noun, and the noun of the keyword: "a paint" is no "painting". */
const isNoun: Rule = ({ text, use, isOtherForm, usage, carrier, token, next, at }) => {
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
const isDoerOfIt: Rule = ({ token, carrier, usage, isOtherForm }) =>
  carrier.role === "modifier" &&
  isOtherForm &&
  usage.context !== undefined &&
  usage.doer?.test(token.folded) === true &&
  !usage.doer.test(carrier.folded) &&
  !usage.gerund?.test(carrier.folded) &&
  !usage.adjectives.has(carrier.folded)
    ? false
    : undefined;

/** "The dealer used my car" speaks of no used car. */
const isDoneByLast: Rule = ({ text: { tokens }, token, carrier, usage, last, next, at }) =>
  usage.context !== undefined &&
  carrier.role === "modifier" &&
  last?.to === at - 1 &&
  next !== undefined &&
  isVerbal(carrier.folded, usage) &&
  isVerbal(token.folded, usage) &&
  usage.determiners.has(tokens[at + 1]!.folded)
    ? false
    : undefined;

/** "Ship costs rose" says nothing of shipping costs. */
const isThingBefore: Rule = ({ text, at, token, carrier, usage, next, isOtherForm }) =>
  carrier.role === "modifier" &&
  isOtherForm &&
  next?.from === at + 1 &&
  usage.gerund?.test(carrier.folded) &&
  usage.things.has(token.folded.replace(/s$/, "")) &&
  !isLikelyVerb(text, at, usage, PERHAPS)
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
const isDoneByDoer: Rule = ({ isDerived, isOtherForm, carrier, token, use, usage, next, last, text, at }) => {
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
const isMadeOfIt: Rule = ({ isDerived, token, carrier, usage, text: { tokens }, at, seen, last }) => {
  if (!isDerived) return undefined;
  // "The loss weighed on him" speaks of no weight loss.
  if (
    !usage.headFirst &&
    carrier.role === "modifier" &&
    last?.to === at - 1 &&
    usage.determiners.has(tokens[last.from - 1]?.folded ?? "") &&
    /ed$/.test(token.folded) &&
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

const isVerbHere = (text: AnalysedText, at: number, usage: Usage): boolean =>
  usedAs(text, at, usage) === "verb" || isLikelyVerb(text, at, usage);

const isPluralOf = (folded: string, one: string): boolean => folded === `${one}s` || folded === `${one}es`;

/** "The pump heats": what the keyword says first is here what the second does. */
const isDoneByHead: Rule = ({ usage, carrier, last, token, variant, text }) => {
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
const wasDoneByHead: Rule = ({ isVerbForm, last, carrier }) =>
  isVerbForm && last && carrier.role === "modifier" ? false : undefined;

const isAdverb: Rule = ({ isVerbForm, usage, token }) =>
  isVerbForm && usage.adverb?.test(token.folded) ? false : undefined;

/** "He has a right to angle": a noun that is none here, by all that stands around it. */
const isSurelyVerb = ({ text, at, usage, carrier, next }: SeenWord): boolean =>
  carrier.role === "head" && !next && isLikelyVerb(text, at, usage);

const isNoVerb: Rule = (word) =>
  word.use !== "verb" && !word.isVerbForm && !isSurelyVerb(word) ? true : undefined;

/** "Stop the bus": a thing that two words name is no deed. */
const isOfThing: Rule = ({ carrier, variant, usage, use, isVerbForm }) =>
  carrier.role === "head" &&
  (use === "verb" || isVerbForm) &&
  variant.words.length === 2 &&
  usage.thingsOfTwo.get(carrier.folded)?.has(variant.words[0]!.folded)
    ? false
    : undefined;

/** "He chained his bicycle": that is no bicycle chain. */
const isThingsVerb: Rule = ({ carrier, isThing }) => (carrier.role === "head" && isThing ? false : undefined);

/** "Ideas for tiling a bathroom" for "bathroom tile ideas", "design your garden with software", "policies on working remotely" */
const isDoneThere = ({ carrier, token, usage, variant, next, text, use }: SeenWord): boolean =>
  carrier.role === "modifier" &&
  variant.carriers.length > 2 &&
  (usage.gerund?.test(token.folded) === true || (use === "verb" && token.folded === carrier.folded)) &&
  next !== undefined &&
  (variant.carriers[next.place]!.role === "modifier" ||
    usage.adverb?.test(text.tokens[next.from]!.folded) === true);

/** May a verb in this form say what its noun says: "wash the car", "noleggiare una bici", "customise your mug" for "customised mug"? */
const saysItsNoun = (word: SeenWord): boolean => {
  const { carrier, token, usage, isAction, isVerbForm } = word;
  if (isAction || isDoneThere(word)) return true;
  if (carrier.role === "head") return !usage.headFirst || usage.infinitive?.test(token.folded) === true;
  return isVerbal(carrier.folded, usage) && !isVerbForm;
};

/** "The tide washed the car away", "tune in for piano music": with a particle it is another deed. */
const isUndone: Rule = ({
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

/** "Every vote counts" */
const doesOneThing: Rule = ({ text, at, carrier, last, usage }) =>
  carrier.role === "head" && last && isOneDoing(text, last.from, at, carrier, usage) ? false : undefined;

/** "Wash the car": a verb says what its noun says where the rest is what it is done to. "He walked to the boot of his car" */
const isDoneToRest: Rule = (word) => {
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
const isSensed: Rule = ({ isVerbForm, carrier, next, text, at, usage }) =>
  isVerbForm && carrier.role === "head" && next && usage.of.has(text.tokens[at + 1]?.folded ?? "")
    ? false
    : undefined;

/** "Gardens designed for shade" */
const isDoneToLast: Rule = ({ isVerbForm, token, carrier, last, text, at, usage }) =>
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
const isDoneBefore: Rule = ({ carrier, next, isVerbForm, usage }) =>
  !usage.headFirst && carrier.role === "modifier" && next && isVerbForm ? false : undefined;

const saysNothingDone: Rule = ({ isAction }) => (isAction ? undefined : false);

const isParticiple: Rule = ({ use }) => (use === "verb" ? undefined : true);

const isDoneBySomebody: Rule = ({ text, at, token, carrier, usage, use, last, seen, isThing }) => {
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
  return [usage.pronouns, usage.auxiliaries, usage.being].some((words) => words.has(before.folded));
};

/** What is asked of a word that is a noun in the keyword, in this order; the first that decides is right. */
export const NOUN_RULES: readonly Rule[] = [
  standsForNothing,
  isNoCapital,
  isDoneByThem,
  hasNoRole,
  isSaidByOne,
  isParticle,
  isDoneHere,
  isPartOf,
  isJoinedOn,
  isFiniteForm,
  isVerbByVowel,
  isAdjectivesVerb,
  isPurpose,
  isBeforeOther,
  isOfAnother,
  isOfNounBehind,
  isPersonSaid,
  isSoMuch,
  isSaid,
  isTurnedRound,
  isDoneByLast,
  isThingBefore,
  isDoerOfIt,
  isDoneByDoer,
  isNoun,
  isMadeOfIt,
  isDoneByHead,
  wasDoneByHead,
  isAdverb,
  isUndone,
  doesOneThing,
  isNoVerb,
  isThingsVerb,
  isOfThing,
  isSensed,
  isDoneToRest,
  isDoneToLast,
  isDoneBefore,
  saysNothingDone,
  isParticiple,
  isDoneBySomebody,
];

/** Does it stand behind another content word, in its clause, and a word that joins them: "that", "for"? */
function isJoinedTo(analysed: AnalysedText, at: number, seen: readonly Sight[], usage: Usage): boolean {
  const { tokens, text } = analysed;
  const before = seen.findLast(({ to }) => to < at);
  if (!before) return false;
  const between = tokens.slice(before.to + 1, at);
  return (
    between.length > 0 &&
    between.length <= MOST_JOINING &&
    between.some(
      ({ folded }, i) =>
        usage.joining.has(folded) ||
        // "An area where children can play", but not "plant the bulbs where light falls", "mud sticks when you are walking"
        (i === 0 &&
          !usage.headFirst &&
          usage.asking.has(folded) &&
          !isLikelyVerb(analysed, before.from, usage, PERHAPS / 2) &&
          isVerbHere(analysed, at, usage)),
    ) &&
    !CLAUSE.test(text.slice(tokens[before.to]!.end, tokens[at]!.start))
  );
}
const MOST_JOINING = 5;
const CLAUSE = /[,;\u2014]/;

/** A small word that stands for a thing: "an old mine", "a will". */
function isNamed({ tokens }: AnalysedText, at: number, { determiners, modals }: Usage): boolean {
  const before = tokens[at - 1];
  if (!before) return false;
  return determiners.has(before.folded) || (!before.small && !modals.has(tokens[at]!.folded));
}

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
