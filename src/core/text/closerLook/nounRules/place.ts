/** What a word belongs to where it stands: another noun, what it is for, the other words of the keyword turned round. */
import type { AnalysedText } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isLikelyVerb, isOfNoun, isVerbal, isVerbHere } from "../../usage";
import { isBeforeLastNoun, isBeforeNoun, isCapital, PERHAPS } from "../nouns";
import { governorOf } from "../object";
import type { SeenWord } from "../seenWord";
import type { Sight } from "../sight";
import type { Rule } from "./rule";

/** "Doors for the front of the house" are front doors. */
const isPartItIsFor = ({ text: { tokens }, token, at, seen, usage }: SeenWord): boolean => {
  // "A setting for this type of plug"
  if (usage.nouns.has(token.folded) && !usage.things.has(token.folded)) return false;
  const thing = seen.findLast(({ to }) => to < at);
  const [link, ...rest] = thing ? tokens.slice(thing.to + 1, at) : [];
  return link !== undefined && usage.linking.has(link.folded) && rest.every((word) => isOfNoun(word, usage));
};

const isPart = ({ text: { tokens }, token, at, carrier, usage, next }: SeenWord): boolean =>
  usage.parts.has(token.folded) &&
  usage.of.has(tokens[at + 1]?.folded ?? "") &&
  (carrier.role === "head"
    ? usage.places.has(governorOf(tokens, at, usage) ?? "")
    : !usage.headFirst && !next);

/** "At the centre of the garden", "a game with an equal number of points" */
export const isPartOf: Rule = (word) => (isPart(word) && !isPartItIsFor(word) ? false : undefined);

export const hasNoRole: Rule = ({ carrier }) => (carrier.role ? undefined : true);

/** "Companies that move pianos", "shoes for running on trails": the purpose of what the keyword says last. */
export const isPurpose: Rule = ({ carrier, token, isThing, use, text, at, seen, usage }) =>
  carrier.role === "modifier" &&
  // "They plan to game the system"
  // "Blocks for building towers"
  (usage.gerund?.test(token.folded) === true ||
    !((isThing || (token.folded === carrier.folded && usage.nouns.has(carrier.folded))) && use === "verb")) &&
  isJoinedTo(text, at, seen, usage)
    ? true
    : undefined;

/** "She replaced the hip flask", but "designing web sites" */
const isBeforeUnseen = (text: AnalysedText, at: number, usage: Usage, seen: readonly Sight[]): boolean =>
  !seen.some(
    ({ from, to }) => from === at + 1 || (to === at - 1 && usage.gerund?.test(text.tokens[to]!.folded)),
  ) && isBeforeLastNoun(text, at, usage);

/** "A parking permit scheme": it only says more of the noun behind it. */
export const isBeforeOther: Rule = ({ text, at, usage, seen, token, carrier }) =>
  // "Print 3D models"
  !usage.headFirst &&
  !/\d/.test(token.folded) &&
  // "Eggs from free-range hens"
  !(text.tokens[at - 1]?.joinsNext && seen.some(({ to }) => to === at - 1)) &&
  // "A tape for measuring cloth"
  !(
    carrier.role === "head" &&
    usage.gerund?.test(token.folded) &&
    !usage.gerund.test(carrier.folded) &&
    isJoinedTo(text, at, seen, usage)
  ) &&
  (isBeforeNoun(text, at, usage, seen) || isBeforeUnseen(text, at, usage, seen))
    ? false
    : undefined;

/** "Higher", "highest" */
const COMPARED = /e(?:r|st)$/;

/** "A person in a bad mood" is no bad person: what says of which sort a noun is says it of the one behind it. */
export const isOfAnother: Rule = ({ text, at, carrier, usage, token, next }) => {
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

/** "Tee in einer schwarzen Tasse", "thee in een zwart kopje" for "zwarte thee" */
export const isOfNounBehind: Rule = ({ text, at, carrier, usage, token, seen }) => {
  const other = text.tokens[at + 1];
  if (!usage.compounds || carrier.role !== "modifier" || other?.sentence !== token.sentence) return undefined;
  if (other.small || seen.some(({ from }) => from === at + 1)) return undefined;
  if (text.text.slice(token.end, other.start) !== " ") return undefined;
  const [before, beforeThat] = [text.tokens[at - 1]?.folded ?? "", text.tokens[at - 2]?.folded ?? ""];
  const isBehindLink = usage.linking.has(usage.determiners.has(before) ? beforeThat : before);
  const isAdjective = usage.capitals
    ? carrier.isLower && !isCapital(text, at) && isCapital(text, at + 1)
    : (carrier.folded.endsWith("e") || token.folded === `${carrier.folded}e`) && isBehindLink;
  return isAdjective ? false : undefined;
};

/** "He is aware that the brand is gone" */
export const isSaid: Rule = ({ text: { tokens }, token, at, carrier, isOtherForm, usage }) =>
  carrier.role === "head" &&
  isOtherForm &&
  usage.adjectives.has(token.folded) &&
  usage.relatives.has(tokens[at + 1]?.folded ?? "") &&
  isOfNoun(tokens[at + 2] ?? token, usage)
    ? false
    : undefined;

/** "The box is light enough to carry" is about no light. */
export const isSoMuch: Rule = ({ text: { tokens }, at, carrier, usage }) =>
  carrier.role === "modifier" && usage.enough.has(tokens[at + 1]?.folded ?? "") ? false : undefined;

/** "Sleep better" for "better sleep": what is more so than before may be how it is done as well. */
export const isHow = ({ usage, text, at, next }: SeenWord): boolean =>
  usage.context !== undefined &&
  next?.from === at + 1 &&
  COMPARED.test(text.tokens[next.from]!.folded) &&
  usage.adjectives.has(text.tokens[next.from]!.folded);

/** "A design package" is another matter than "packaging design". */
export const isTurnedRound: Rule = (word) => {
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

/** Does it stand behind another content word, in its clause, and a word that joins them: "that", "for"? */
export function isJoinedTo(
  analysed: AnalysedText,
  at: number,
  seen: readonly Sight[],
  usage: Usage,
): boolean {
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
