/** Whether what stands between two nouns lets the one say more of the other. All else in one sentence is chance: "she read the paper on the plane" has no paper plane. */
import type { AnalysedText } from "../analyse";
import type { Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { isLikelyVerb, isOfNoun, isVerbal, usedAs } from "../usage";
import { type Between, isContent } from "./links/between";
import { FAR, HEAD_FIRST, HEAD_LAST } from "./links/links";
import { isThere } from "./links/there";
import { type Apart, areParted, isCapital, isTurned, PERHAPS, type TwoNouns, twoNouns } from "./nouns";
import type { Sight } from "./sight";

const isHeadFirst = ({ first }: TwoNouns, { carriers }: Variant): boolean =>
  carriers[first.place]!.role === "head";

/** "Un tinto es un vino", but not "la corrente manca e il conto arriva", "l'auto è davanti al noleggio", "el sistema solar es una crema". */
function isThat(
  { tokens }: AnalysedText,
  { first, between: [is, ...rest], gap }: TwoNouns,
  usage: Usage,
): boolean {
  const before = tokens[first.from - 1];
  if (before?.sentence === tokens[first.from]!.sentence && isContent(before)) return false;
  if (!is || !usage.copulas.has(is.folded)) return false;
  if (usage.conjunctions.has(is.folded) && !/[èé]/.test(gap)) return false;
  return !rest.some(
    (word) => isContent(word) || (usage.governing.has(word.folded) && !usage.joining.has(word.folded)),
  );
}

/** "Vela por su hija perfumada", "porta l'auto blindata", but "velas de cera perfumadas", "una casa en un entorno rural" */
function isSaidOfOther({ between, gap }: TwoNouns, usage: Usage): boolean {
  const { persons, linking, determiners, places } = usage;
  const [where, whose, other] = [undefined, undefined, ...between].slice(-3);
  if (gap.includes(",")) return false;
  // An article may be part of its noun.
  if (between.length === 1 && isContent(other!) && usage.clungArticle?.test(other!.folded)) return true;
  if (!whose || !other || !isContent(other) || isOfNoun(other, usage) || places.has(whose.folded))
    return false;
  // "Velas de cera", but "pela filha", which has an article within
  if (linking.has(whose.folded) && !determiners.has(whose.folded)) return false;
  return (
    (determiners.has(whose.folded) && !places.has(where?.folded ?? "")) ||
    (persons.has(whose.folded) && between.slice(0, -2).some(({ folded }) => linking.has(folded)))
  );
}

/** Languages of which it is known what links words. */
export const isUnlinked: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!nouns || !usage.linking.size) return false;
  // "Il contratto matrimoniale, letto ieri"
  const isTurnedRound = usage.headFirst && !isHeadFirst(nouns, variant);
  if (isTurnedRound && variant.words.length === 2 && nouns.gap.includes(",")) return true;
  const words = wordsBetween(text, nouns, variant, usage);
  // "Le centre pédagogique ferme à midi": what is said of another noun.
  const before = text.tokens[nouns.first.from - 1];
  if (
    isTurnedRound &&
    variant.words.length === 2 &&
    !nouns.between.length &&
    before?.sentence === text.tokens[nouns.first.from]!.sentence &&
    isContent(before)
  )
    return true;
  // "Many happy returns, policy makers", but "furniture, customised by hand"
  if (!nouns.between.length)
    return !usage.compounds && !words.isDone && areParted(text, nouns.first.to, nouns.second.from);
  if (usage.headFirst && variant.words.length === 2 && isSaidOfOther(nouns, usage)) return true;
  // "Viajou com roupa barata" for "viagem barata"
  const isPlain = ({ from, place }: Sight) =>
    text.tokens[from]!.folded.startsWith(variant.carriers[place]!.folded.slice(0, -1));
  if (
    usage.headFirst &&
    variant.words.length === 2 &&
    isHeadFirst(nouns, variant) &&
    !isPlain(nouns.first) &&
    nouns.between.some(isContent) &&
    nouns.between.some(({ folded }) => usage.linking.has(folded) && !usage.determiners.has(folded))
  )
    return true;
  // "Un tinto es un vino con piel", but no "panneau solaire" with cream; of longer keywords isTwoThings knows more.
  // "Déco de salon : nos idées"
  if (isTurnedRound && nouns.gap.includes(":") && !nouns.between.some(isContent)) return false;
  if (isTurnedRound)
    return variant.words.length === 2 && !isTurned(text, nouns, usage) && !isThat(text, nouns, usage);
  return !(isHeadFirst(nouns, variant) ? HEAD_FIRST : HEAD_LAST).some((link) => link(words));
};

/** @returns whether two nouns go together over more words than others do; false where nothing is known of that */
export function isFarLinked(
  text: AnalysedText,
  seen: readonly Sight[],
  variant: Variant,
  usage: Usage | undefined,
): boolean {
  const nouns = twoNouns(text, seen, variant);
  if (!usage?.linking.size || !nouns?.between.length) return false;
  const words = wordsBetween(text, nouns, variant, usage);
  if (!isHeadFirst(nouns, variant)) return isThere(words);
  return FAR.some((link) => link(words));
}

function wordsBetween(
  text: AnalysedText,
  nouns: TwoNouns,
  { carriers, words }: Variant,
  usage: Usage,
): Between {
  const { tokens } = text;
  const { first, second, between } = nouns;
  const inSentence = (at: number) =>
    tokens[at]?.sentence === tokens[first.from]!.sentence ? tokens[at] : undefined;
  const isDerived = ({ from, place }: Sight): boolean => tokens[from]!.stem !== carriers[place]!.stem;
  const asVerb = (sight: Sight): boolean =>
    isDerived(sight) ||
    // "How costs are cut"
    (usage.likePasts.has(tokens[sight.from]!.folded) &&
      usage.being.has(tokens[sight.from - 1]?.folded ?? "")) ||
    // "Coat a flat roof", "repair a broken seal"
    (!usage.headFirst &&
      carriers[sight.place]!.role === "head" &&
      !inSentence(sight.from - 1) &&
      usedAs(text, sight.from, usage) === "verb") ||
    isVerbal(tokens[sight.from]!.folded, usage) ||
    // "Test your hearing"
    (isLikelyVerb(text, sight.from, usage, PERHAPS) &&
      !usage.determiners.has(tokens[sight.from - 1]?.folded ?? ""));
  // Written out, since a spread costs more than all that is asked.
  return {
    first,
    second,
    between,
    gap: nouns.gap,
    usage,
    isMade:
      usage.gerund?.test(tokens[first.from]!.folded) === true ||
      isDerived(first) ||
      (usage.action.test(carriers[first.place]!.folded) && asVerb(first)),
    isNounToo: usage.nouns.has(tokens[first.from]!.folded),
    isDoneFirst: asVerb(first),
    isOrder: () => usedAs(text, first.from, usage) === "verb",
    earlier: tokens[first.to]!,
    later: tokens[second.from]!,
    isNameLater: isCapital(text, second.from),
    isNameEarlier: isCapital(text, first.from),
    isJoinedThere: words.length > carriers.length,
    isNoNoun:
      usage.action.test(carriers[first.place]!.folded) && !usage.action.test(tokens[first.from]!.folded),
    isParticiple:
      isVerbal(carriers[first.place]!.folded, usage) && !isVerbal(tokens[first.from]!.folded, usage),
    isDone:
      asVerb(second) &&
      // "Large files"
      ![usage.quantities, usage.adjectives].some((words) => words.has(between.at(-1)?.folded ?? "")),
    before: inSentence(first.from - 1),
    beforeThat: inSentence(first.from - 2),
    after: inSentence(second.to + 1),
    isFiniteForm: ({ start, end }) =>
      usage.finiteForm?.test(text.text.slice(start, end).toLowerCase()) === true,
    isVerb: (word, from) => isLikelyVerb(text, tokens.indexOf(word, first.to), usage, from),
  };
}
