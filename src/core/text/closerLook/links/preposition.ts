/** A preposition links the two: "a table made of glass", "a list of people who wait". */
import type { Token } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isVerbal } from "../../usage";
import { PERHAPS } from "../nouns";
import { type Between, isContent, isPhrase, isSubject, type Link } from "./between";

/** "A table made of glass", "water fit for drinking", but no "wash basin of a car" */
function isBeforeLink(word: Token, link: Token, usage: Usage, isVerb: boolean): boolean {
  if (!isContent(word)) return false;
  const { folded } = word;
  if (usage.intransitives.has(folded)) return false;
  const isPast =
    // "Payable on demand"
    usage.adjectives.has(folded) ||
    (usage.context !== undefined && /[ai]ble$/.test(folded)) ||
    isVerbal(folded, usage) ||
    usage.finite.has(folded) ||
    (usage.likePasts.has(folded) && !usage.of.has(link.folded));
  return !usage.context || isVerb || isPast || (usage.joining.has(link.folded) && !usage.nouns.has(folded));
}

/** Where the preposition stands that links the two, a word at most before it: "made of glass"; -1 where none does. */
function placeOfLink({ between, usage, isVerb, isFiniteForm }: Between): number {
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
  return link === 1 &&
    // "Lavage d'argent dans une voiture"
    !(usage.headFirst && /^d(?:ell)?'/.test(between[0]!.folded)) &&
    !isFiniteForm(between[0]!) &&
    isBeforeLink(between[0]!, between[1]!, usage, isVerb(between[0]!, PERHAPS))
    ? link
    : -1;
}

/** "La crème des ingénieurs du solaire" is none of the sun, but "cakes without eggs for vegans" are for vegans. */
const isOfOther = (
  words: readonly Token[],
  { linking, joining, parts, without }: Usage,
  isJoinedThere: boolean,
): boolean =>
  words.some((word, i) => {
    const next = words[i + 1]?.folded ?? "";
    // "A rack for ten pairs of shoes"
    const isPartOf = parts.has(word.folded.replace(/s$/, ""));
    // "Une recette de pain sans gluten" for "recette sans gluten"
    const isWithout = isJoinedThere && without.has(next);
    return isContent(word) && !isPartOf && !isWithout && linking.has(next) && !joining.has(next);
  });

/** "Alarms for smoke and fire" are for fire. */
const withoutOthers = (words: readonly Token[], { conjunctions, headFirst }: Usage): readonly Token[] =>
  !headFirst && words.length > 1 && conjunctions.has(words.at(-1)!.folded) && isContent(words.at(-2)!)
    ? words.slice(0, -2)
    : words;

/** "A person with a permit to work": it is the permit that is for it. */
export function isOfOtherThing({ between, usage, isDone }: Between): boolean {
  const link = between.findIndex(({ folded }) => usage.having.has(folded));
  const to = between.findIndex(({ folded }) => usage.auxiliaries.has(folded));
  return !usage.headFirst && isDone && link >= 0 && between.slice(link, Math.max(link, to)).some(isContent);
}

/** "Limits to your speed", "delivery to your home", as a sentence begins; elsewhere a verb may say what goes there: "take the bus to the school". */
export const isToIt: Link = ({ between: [to, own, ...rest], usage, isDone, isMade, before, earlier }) =>
  !usage.headFirst &&
  !isDone &&
  // "Switch to a lighter coat"
  (before
    ? before.folded.length === 1 ||
      usage.quantities.has(before.folded) ||
      // "We deliver to your home"
      (isMade && usage.pronouns.has(before.folded) && !usage.tellers.has(before.folded))
    : earlier.folded.endsWith("s") || usage.action.test(earlier.folded)) &&
  to !== undefined &&
  usage.auxiliaries.has(to.folded) &&
  usage.joining.has(to.folded) &&
  own !== undefined &&
  usage.determiners.has(own.folded) &&
  isPhrase(rest, usage) &&
  rest.filter(isContent).length <= 1;

/** "A table made of glass", "doors in the south wall", "a list of people who wait" */
export const isOf: Link = (words) => isOfIt(words) || isOfIt(withoutOtherHead(words));

/** "The care and supervision of a child" is its care, "trees and shrubs with fruit" are trees with it. */
const withoutOtherHead = (words: Between): Between =>
  !words.usage.headFirst &&
  words.usage.conjunctions.has(words.between[0]?.folded ?? "") &&
  words.between.length > 2 &&
  isContent(words.between[1]!) &&
  // "A boat is on loan and lies at the bank"
  !words.usage.places.has(words.between[2]!.folded) &&
  words.usage.linking.has(words.between[2]!.folded)
    ? { ...words, between: words.between.slice(2) }
    : words;

const isLinkToo = (word: Token | undefined, { linking, governing, headFirst }: Usage): boolean =>
  word !== undefined && (linking.has(word.folded) || (!headFirst && governing.has(word.folded)));

const isOfIt: Link = (words) => {
  const { between, usage, isDone, gap } = words;
  const link = placeOfLink(words);
  // "A sheet of ice, this time"
  if (link < 0 || (!isDone && gap.includes(","))) return false;
  // "An interview about losing his job"
  if (!isDone && between.some(({ folded }, i) => i > link && usage.gerund?.test(folded))) return false;
  // "Een tafel voor in de tuin", "a towel for after your bath"
  const rest = withoutOthers(between.slice(link + (isLinkToo(between[link + 1], usage) ? 2 : 1)), usage);
  // "The class of things to which the word applies"
  const isWhich = ({ folded }: Token) =>
    usage.relatives.has(folded) || (usage.which.has(folded) && !usage.quantities.has(folded));
  if (!usage.headFirst && !isDone && rest.some(isWhich)) return false;
  if (isOfOtherThing(words)) return false;
  // "Beans without strings"
  const governor = between.findLast(({ folded }) => usage.linking.has(folded));
  if (!words.isJoinedThere && usage.without.has(governor?.folded ?? "")) return false;
  // "A pattern in how she sews doubt"
  if (rest.some(({ folded }) => usage.manner.has(folded)) || isOfOther(rest, usage, words.isJoinedThere))
    return false;
  // "A lock of hair stuck to the bike", "la cuna del rock no es para el bebé"
  const isSaid = ({ folded }: Token, i: number) =>
    usage.copulas.has(folded) || (usage.pasts.has(folded) && usage.joining.has(rest[i + 1]?.folded ?? ""));
  if (!isDone && rest.some(isSaid)) return false;
  // "Tive a impressão de que a foto era falsa"
  if (usage.headFirst && usage.asking.has(rest[0]?.folded ?? "")) return false;
  const join = rest.findLastIndex(({ folded }) => usage.joining.has(folded));
  // "Cuesta más que un coche"
  if (usage.headFirst && usage.quantities.has(rest[join - 1]?.folded ?? "")) return false;
  const whole = rest.slice(join + 1);
  // "Pizza with lots of cheese"
  const [much, of] = whole.slice(-2);
  const isMuch = of && usage.of.has(of.folded) && usage.parts.has(much!.folded.replace(/s$/, ""));
  const phrase = isMuch ? whole.slice(0, -2) : whole;
  // "Le siège de la ville affama l'enfant"
  if (usage.headFirst && phrase.filter(isContent).length > 1) return false;
  const last = phrase.at(-1);
  // "Une recette de pain sans gluten"
  if (words.isJoinedThere && usage.without.has(last?.folded ?? ""))
    return isPhrase(phrase.slice(0, -1), usage);
  // "Uma máquina para se barbear"
  if (
    usage.headFirst &&
    usage.reflexives.has(last?.folded ?? "") &&
    usage.infinitive?.test(words.later.folded)
  )
    return isPhrase(phrase.slice(0, -1), usage);
  return isPhrase(isDone && last && isSubject(last, usage) ? phrase.slice(0, -1) : phrase, usage);
};
