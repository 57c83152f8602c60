import type { AnalysedText, Token } from "./analyse";
import type { Usage } from "./packs/usage";
import { verbLikelihood } from "./wordContext";

export type Use = "noun" | "verb";

/** From what likelihood on a word is taken for a verb. */
const SURE = 0.85;

/** What may stand between two words that go together. */
const BLANK = /^[\s\u00AD]*$/;

/**
 * How a word is used, by the words beside it: "they permit", "the permit".
 *
 * @param at number of its token
 * @returns undefined where they do not tell
 */
export function usedAs(analysed: AnalysedText, at: number, usage: Usage): Use | undefined {
  const { tokens, text } = analysed;
  const token = tokens[at]!;
  const beside = (i: number) => {
    const other = tokens[i];
    if (!other || other.sentence !== token.sentence) return undefined;
    const [first, last] = i < at ? [other, tokens[i + 1]!] : [tokens[i - 1]!, other];
    return BLANK.test(text.slice(first.end, last.start)) ? other : undefined;
  };
  let before = beside(at - 1);
  if (before && usage.adverb?.test(before.folded)) before = beside(at - 2);
  const after = beside(at + 1);
  if (usage.capitals && at > 0 && tokens[at - 1]!.sentence === token.sentence) {
    if (/^\p{Lu}/u.test(text.slice(token.start, token.start + 1))) return "noun";
    if (before && usage.determiners.has(before.folded)) return undefined;
  }
  // "Which oil is best", "which brush for the wall" ask for a thing.
  if (before && usage.pronouns.has(before.folded))
    return isLikelyNoun(analysed, at, usage) ||
      (usage.which.has(before.folded) &&
        after &&
        [usage.linking, usage.auxiliaries, usage.being].some((words) => words.has(after.folded)))
      ? undefined
      : "verb";
  if (before && usage.auxiliaries.has(before.folded) && !usage.inflected?.test(token.folded))
    // "Kind to leather"
    return usage.things.has(token.folded) &&
      usage.joining.has(before.folded) &&
      !(after && usage.determiners.has(after.folded))
      ? undefined
      : "verb";
  if (before && usage.being.has(before.folded) && usage.participle?.test(token.folded)) return "verb";
  // "He makes her sign the form"
  if (
    before &&
    after &&
    usage.determiners.has(before.folded) &&
    usage.persons.has(before.folded) &&
    usage.determiners.has(after.folded) &&
    !usage.capitals
  )
    return undefined;
  if (before && (usage.determiners.has(before.folded) || usage.quantities.has(before.folded))) return "noun";
  // "Boats for hire"
  if (
    before &&
    usage.prepositions.has(before.folded) &&
    !usage.verbal?.test(token.folded) &&
    !usage.gerund?.test(token.folded)
  )
    return "noun";
  // Told to do it, "Cover the box", or done by what stands before, "The letter covered the box".
  if (
    !before &&
    after &&
    usage.afterOrders.has(after.folded) &&
    !token.folded.endsWith("s") &&
    // "Counter where meat is sold"
    !(usage.asking.has(after.folded) && !isLikelyVerb(analysed, at, usage, 0.5))
  )
    return "verb";
  if (
    after &&
    usage.determiners.has(after.folded) &&
    (!before?.small || usage.relatives.has(before.folded)) &&
    // "Book fairs this summer"
    !usage.times.has(tokens[at + 2]?.folded ?? "")
  )
    return "verb";
  // "The building links two streets"
  if (
    after &&
    usage.quantities.has(after.folded) &&
    token.folded.endsWith("s") &&
    before?.small === false &&
    usage.determiners.has(beside(at - 2)?.folded ?? "")
  )
    return "verb";
  // "Seed for new grass"
  if (!before && after && usage.joining.has(after.folded) && usage.linking.has(after.folded))
    return undefined;
  return !usage.verbal?.test(token.folded) && isLikelyVerb(analysed, at, usage) ? "verb" : undefined;
}

/** Is a word a noun where it stands? Undefined where nothing tells. In languages whose nouns have a capital, what has none is none. */
export function isNounAt(text: AnalysedText, at: number, usage: Usage): boolean | undefined {
  const token = text.tokens[at]!;
  if (!usage.capitals) {
    const use = usedAs(text, at, usage);
    return use && use === "noun";
  }
  if (text.tokens[at - 1]?.sentence !== token.sentence) return undefined;
  return /^\p{Lu}/u.test(text.text.slice(token.start, token.end));
}

/** Is a word a verb, by all that stands around it? False where the language has no weights for it. */
export const isLikelyVerb = (text: AnalysedText, at: number, usage: Usage, from = SURE): boolean =>
  usage.context !== undefined && verbLikelihood(text, at, usage) >= from;

/** Is a word a verb, by the words beside it or by all that stands around it? */
export const isVerbHere = (text: AnalysedText, at: number, usage: Usage): boolean =>
  usedAs(text, at, usage) === "verb" || isLikelyVerb(text, at, usage);

export const isLikelyNoun = (text: AnalysedText, at: number, usage: Usage): boolean =>
  usage.context !== undefined && verbLikelihood(text, at, usage) <= 1 - SURE;

type Written = Pick<Token, "folded">;

/**
 * Is it part of a phrase in which it does not mean what it means elsewhere: "account" in "on account of"?
 *
 * @param keyword its words, and those that carry its subject: where it has the phrase, or two of its words that do, the phrase is what it asks for
 */
export function isIdle(
  { tokens }: AnalysedText,
  at: number,
  usage: Usage,
  { words, carriers }: { words: readonly Written[]; carriers: readonly Written[] },
): boolean {
  const isAskedFor = (phrase: readonly string[]): boolean =>
    carriers.filter(({ folded }) => phrase.includes(folded)).length > 1 ||
    words.some((_, from) => phrase.every((word, i) => words[from + i]?.folded === word));
  return (usage.idle.get(tokens[at]!.folded) ?? []).some(
    ({ phrase, at: place }) =>
      phrase.every((word, i) => tokens[at - place + i]?.folded === word) && !isAskedFor(phrase),
  );
}

/** Does a small word belong to the noun behind it: "the", "my", "more"? */
export const isOfNoun = ({ folded }: Token, { determiners, persons, quantities }: Usage): boolean =>
  determiners.has(folded) || persons.has(folded) || quantities.has(folded);

/** The verb of who or what does something: "plan" of "planners"; undefined of any other word. */
export const verbOfDoer = (folded: string, { doers }: Usage): string | undefined =>
  doers.get(folded.replace(/s$/, ""));

/** Is it a form that only a verb has: "covered", "stood"? */
export const isVerbal = (folded: string, { verbal, pasts }: Usage): boolean =>
  verbal?.test(folded) === true || pasts.has(folded);
