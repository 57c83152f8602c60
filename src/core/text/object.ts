/**
 * Whether the verb of a keyword does something to its noun where a text has both. "He wrote a poem on the bill", "the bill came, and he wrote a
 * poem": no bill is written.
 */
import type { AnalysedText, Token } from "./analyse";
import type { Variant } from "./keyword";
import type { Apart } from "./nouns";
import type { Usage } from "./packs/usage";

/** What a verb is done to has no preposition before it, where the keyword has none, and stands in its clause. */
export const isDoneElsewhere: Apart = (text, seen, variant, usage) => {
  const [noun, other] = seen.filter(({ place }) => variant.carriers[place]!.role !== "verb");
  if (!noun || other || seen.length < 2) return false;
  const ends = seen.map(({ from }) => from);
  const first = Math.min(...ends);
  const last = Math.max(...ends);
  const between = text.tokens.slice(first + 1, last);
  const gap = text.text.slice(text.tokens[first]!.end, text.tokens[last]!.start);
  return (
    areInTwoClauses(between, noun.from === first, usage) ||
    // "Het gras groeit, de boer maait koren"
    (noun.from === first && isOtherSubject(between, usage) && gap.includes(",")) ||
    isToAnother(between, noun.from === first, variant, usage) ||
    isGoverned(text, noun.from, variant, usage)
  );
};

/** "Groeit, de boer" */
const isOtherSubject = ([own, ...rest]: readonly Token[], { determiners }: Usage): boolean =>
  own?.small === false && rest.some(({ folded }) => determiners.has(folded));

/** @param isNounFirst of the two, the noun stands before the verb */
function areInTwoClauses(between: readonly Token[], isNounFirst: boolean, usage: Usage): boolean {
  const { conjunctions, clauses, pronouns, headFirst } = usage;
  const and = between.findIndex(({ folded }) => conjunctions.has(folded));
  // "De blog zegt wie er schrijft"
  const [own] = between;
  if (isNounFirst && own && !own.small && between.some(({ folded }) => pronouns.has(folded))) return true;
  if (between.some(({ folded }) => clauses.has(folded))) return true;
  if (and < 0) return false;
  // "La roue tourne et le temps change": where verbs stand first, it is another that does it. "It smells of rice and cooks"
  if (isNounFirst && (headFirst || between.length === 1)) return true;
  return pronouns.has(between[and + 1]?.folded ?? "");
}

/** "Escribió una carta al blog", "zij haalt brood met haar rijbewijs": it is a letter that is written. */
function isToAnother(
  between: readonly Token[],
  isNounFirst: boolean,
  { words }: Variant,
  { linking, determiners }: Usage,
): boolean {
  const last = between.at(-1);
  if (isNounFirst || !last || words.some(({ folded }) => linking.has(folded))) return false;
  const at = linking.has(last.folded)
    ? between.length - 1
    : determiners.has(last.folded)
      ? between.length - 2
      : -1;
  return at > 0 && linking.has(between[at]!.folded) && between.slice(0, at).some(({ small }) => !small);
}

/** Does a preposition stand before a noun, as none does in the keyword: "after the application she wrote"? */
export function isGoverned(
  { tokens }: AnalysedText,
  noun: number,
  { words, isParted }: Variant,
  usage: Usage,
): boolean {
  if (!isParted && words.some(({ folded }) => usage.governing.has(folded))) return false;
  return isGovernedBy(tokens, noun, usage);
}

/** Does a preposition stand before a noun? */
export function isGovernedBy(
  tokens: readonly Token[],
  noun: number,
  { determiners, governing }: Usage,
): boolean {
  const isPlain = (at: number) =>
    determiners.has(tokens[at]?.folded ?? "") && !governing.has(tokens[at]!.folded);
  let at = noun - 1;
  // "Devant la grande roue"
  if (tokens[at] && !tokens[at]!.small && isPlain(at - 1)) at--;
  while (isPlain(at)) at--;
  const before = tokens[at];
  return before?.sentence === tokens[noun]!.sentence && governing.has(before.folded);
}
