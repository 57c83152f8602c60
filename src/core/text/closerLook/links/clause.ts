/** A clause says of the one what it has to do with the other: "a machine that sews leather", "which oil is best for cooking?" */
import type { Token } from "../../analyse";
import { isOfNoun, isVerbal } from "../../usage";
import { type Between, isContent, isPhrase, isRelative, isSubject, type Link } from "./between";

/** "A machine that sews leather", "the date when applications close", "clases en las que se aprende cocina" */
export const isWhat: Link = ({
  between,
  usage,
  isMade,
  isNounToo,
  isDone,
  isNoNoun,
  before: by,
  after,
  later,
}) => {
  const [first, second] = between;
  // "Check that the advice is sound"
  if (
    usage.relatives.has(first!.folded) &&
    usage.being.has(between.at(-1)!.folded) &&
    !isVerbal(later.folded, usage) &&
    between.slice(1).some(isContent)
  )
    return false;
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

/** "Which boots do hikers wear?", "which bag protects a laptop best?" */
export const isAsked: Link = ({ between: [verb, ...all], usage, before }) => {
  if (!before || !usage.which.has(before.folded)) return false;
  // "Welke kleur kies je voor de muur?"
  const rest = all[0] && isSubject(all[0], usage) ? all.slice(1) : all;
  return (
    (isContent(verb!) || usage.auxiliaries.has(verb!.folded)) &&
    isPhrase(usage.linking.has(rest[0]?.folded ?? "") ? rest.slice(1) : rest, usage)
  );
};

/** "Shipping is free" for "free shipping", "our cotton is always organic"; but no "hot dog" is a dog that is hot. */
const isSaidSo = ({ usage, before, beforeThat, earlier, later, after }: Between): boolean => {
  const subject = before && isOfNoun(before, usage) ? beforeThat : before;
  const isClause = !subject || usage.conjunctions.has(subject.folded) || usage.asking.has(subject.folded);
  const isEnd = !after || usage.linking.has(after.folded) || usage.conjunctions.has(after.folded);
  return (
    isClause && isEnd && usage.thingsCalled.get(later.folded)?.has(earlier.folded.replace(/s$/, "")) !== true
  );
};

/** Is a noun said to be so, and nothing else: "is free", "is always free", "is certified and organic"? */
const saysHow = ({ between: [is, ...all], usage, later }: Between): boolean => {
  const isHow = ({ folded }: Token) => usage.adverb?.test(folded) || usage.degrees.has(folded);
  const isAnd = usage.conjunctions.has(all.at(-1)?.folded ?? "");
  const [other, ...rest] = isAnd ? all.slice(0, -1).reverse() : all;
  const isOtherSaid = (word: Token) => usage.adjectives.has(word.folded) || isVerbal(word.folded, usage);
  return (
    !usage.headFirst &&
    usage.copulas.has(is!.folded) &&
    usage.adjectives.has(later.folded) &&
    (!other || isHow(other) || (isAnd && isOtherSaid(other))) &&
    rest.every(isHow)
  );
};

/** "Which oil is best for cooking?" */
export const isBeing: Link = (words) => (saysHow(words) ? isSaidSo(words) : isBeingOf(words));

const isBeingOf: Link = ({
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
  // "The meter is light"
  !(!rest.length && usage.context !== undefined && !usage.adjectives.has(what)) &&
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

/** "Übungen, die bei Rückenschmerzen helfen", "oefeningen die bij rugpijn helpen" */
export const isWithin: Link = ({ between: [relative, link, ...rest], usage, after }) =>
  usage.compounds &&
  link !== undefined &&
  after !== undefined &&
  isRelative(relative!, usage) &&
  usage.linking.has(link.folded) &&
  isPhrase(rest, usage) &&
  rest.filter(isContent).length <= 1;

/** "Warum ist mein Laptop so langsam?", "de laptop is te traag", where the keyword says so without a verb. */
export const isSaidToBe: Link = ({ between, usage, gap }) =>
  usage.compounds &&
  !gap.includes(",") &&
  between.some(({ folded }) => usage.degrees.has(folded)) &&
  between.every(({ folded }) => usage.copulas.has(folded) || usage.degrees.has(folded));

/** "Which seat is safe for my child?" */
export const isWhichIs: Link = (words) =>
  words.before !== undefined && words.usage.which.has(words.before.folded) && isBeing(words);
