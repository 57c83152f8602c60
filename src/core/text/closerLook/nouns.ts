/** The two nouns of a keyword where a text has them, and what is between them. */
import { perObject } from "../../once";
import type { AnalysedText, Token } from "../analyse";
import type { Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { isLikelyNoun, isOfNoun, isVerbal, isVerbHere } from "../usage";
import type { Sight } from "./sight";

/** In the order of the text. */
export interface TwoNouns {
  first: Sight;
  second: Sight;
  between: Token[];
  gap: string;
}

/** Do the words of a keyword, seen near each other, speak of different things? @param seen where each of its content words is */
export type Apart = (text: AnalysedText, seen: readonly Sight[], variant: Variant, usage: Usage) => boolean;

/** Where something else speaks for a verb too. */
export const PERHAPS = 0.5;

/** How many words around a keyword are looked at: a sentence may be as long as a text. */
export const REACH = 40;

/** Where the sentence of a word begins; -1 where that is further off than anybody looks. */
export function beginOfSentence(tokens: readonly Token[], at: number): number {
  const { sentence } = tokens[at]!;
  for (let i = at; at - i <= REACH; i--) if (tokens[i - 1]?.sentence !== sentence) return i;
  return -1;
}

/** Has a word a capital, as nouns have in German? */
export const isCapital = ({ text, tokens }: AnalysedText, at: number): boolean =>
  /^\p{Lu}/u.test(text.slice(tokens[at]!.start, tokens[at]!.end));

/** Is a text written with capitals? The words of an address are not: there, a small letter tells nothing. */
export const hasCapitals = perObject(({ text }: AnalysedText): boolean => /\p{Lu}/u.test(text));

/** Does a comma part two words that stand side by side? Figures follow one as well: "support, 24/7". */
export function areParted({ tokens, text }: AnalysedText, first: number, second: number): boolean {
  const [one, other] = [tokens[first]!, tokens[second]!];
  return /[,;!?\u2014]/.test(text.slice(one.end, other.start)) && !/\p{N}/u.test(one.folded + other.folded);
}

/** "Het was droog": a noun that is written as what says that one thing is the other has its article. In German it has a capital. */
export function isCopulaAt({ tokens }: AnalysedText, at: number, usage: Usage): boolean {
  const [before, token] = [tokens[at - 1], tokens[at]!];
  return (
    usage.compounds &&
    !usage.capitals &&
    usage.copulas.has(token.folded) &&
    before?.sentence === token.sentence &&
    (!isOfNoun(before, usage) || usage.neuter.has(before.folded))
  );
}

/**
 * "Es seguro viajar", "seguro que la salud mejora": does a noun that may say as well how something is say that here?
 *
 * @param isBehindVerb a verb stands right before it: "viaje seguro"
 */
export function isSaidAt(
  { text, tokens }: AnalysedText,
  at: number,
  { adjectivesToo, copulas, conjunctions, asking, determiners, linking }: Usage,
  isBehindVerb = false,
): boolean {
  const token = tokens[at]!;
  if (!adjectivesToo.has(token.folded)) return false;
  const [before, after] = [at - 1, at + 1].map((i) =>
    tokens[i]?.sentence === token.sentence ? tokens[i] : undefined,
  );
  // "Y seguro que llueve", but "un seguro que cubre el hogar"
  const isOpen = !before || (before.small && !determiners.has(before.folded) && !linking.has(before.folded));
  if (isOpen && after && asking.has(after.folded)) return true;
  if (!before) return false;
  // "É", but not "e"
  const isAnd = conjunctions.has(before.folded) && !/[éÉ]/.test(text.slice(before.start, before.end));
  return isBehindVerb || (copulas.has(before.folded) && !isAnd);
}

/** "Coches de alquiler", "auto a noleggio": what is done with a thing may say of which sort it is. */
export function isTurned(
  { tokens }: AnalysedText,
  { second, between }: TwoNouns,
  { eitherWay, linking, of }: Usage,
): boolean {
  const isLink = (token: Token | undefined) => linking.has(token?.folded ?? "");
  return (
    between.length === 1 &&
    isLink(between[0]) &&
    eitherWay.has(tokens[second.from]!.folded) &&
    // "La voiture de location de vélos", but "coches de alquiler en Faro"
    !of.has(tokens[second.to + 1]?.folded ?? "")
  );
}

/** "Casas vendidas" for "venta de casas", "voitures à louer" for "location de voitures": behind a thing, what is done to it. */
export function isDoneBehind(
  { tokens, text }: AnalysedText,
  { first, second, between }: TwoNouns,
  { carriers }: Variant,
  { done, action, infinitive, toBeDone }: Usage,
): boolean {
  const [thing, deed] = [tokens[first.to]!, tokens[second.from]!];
  const { folded, role } = carriers[second.place]!;
  if (role !== "head" || !action.test(folded) || deed.folded === folded) return false;
  const [link] = between;
  if (link)
    return between.length === 1 && toBeDone.has(link.folded) && infinitive?.test(deed.folded) === true;
  const written = text.slice(deed.start, deed.end).toLowerCase().normalize("NFC");
  return done?.test(written) === true && thing.folded.endsWith("s") === deed.folded.endsWith("s");
}

/** What is said in brackets. */
const ASIDE = /\([^()]*\)/g;

/** Null where the keyword is not of two nouns. */
export function twoNouns(
  { tokens, text }: AnalysedText,
  seen: readonly Sight[],
  { carriers }: Variant,
): TwoNouns | null {
  if (seen.length !== 2) return null;
  const [first, second] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  const roles = [first, second].map(({ place }) => carriers[place]!.role);
  if (roles.includes("verb") || roles.includes(undefined)) return null;
  const from = tokens[first.to]!.end;
  const all = text.slice(from, tokens[second.from]!.start);
  // "A dish (often boat-shaped) for serving gravy"
  const gap = all.replace(ASIDE, (aside) => " ".repeat(aside.length));
  const between = tokens.slice(first.to + 1, second.from).filter(({ start }) => gap[start - from] !== " ");
  return { first, second, between, gap };
}

/** Does another noun follow that it only says more of? */
export function isBeforeNoun(
  analysed: AnalysedText,
  at: number,
  usage: Usage,
  seen: readonly Sight[],
): boolean {
  const { tokens, text } = analysed;
  const next = tokens[at + 1];
  if (!next || next.small || usage.trailing.has(next.folded) || seen.some(({ from }) => from === at + 1))
    return false;
  // "A part of the body's defences"
  if (tokens[at]!.folded.endsWith("'s")) return !seen.some(({ from }) => from > at);
  if (tokens[at]!.folded.endsWith("s")) return false;
  if (text.slice(tokens[at]!.end, next.start) !== " ") return false;
  // "The price of a share fell"
  if (usage.simplePasts.has(next.folded) && !usage.nouns.has(next.folded)) return false;
  const forms = [next.folded, next.folded.replace(/s$/, "")];
  // "Tyre makers"
  if (forms.some((one) => usage.doers.has(one))) return true;
  return (
    forms.some((one) => usage.nouns.has(one) || usage.things.has(one)) &&
    isLikelyNoun(analysed, at + 1, usage)
  );
}

/** "She replaced the hip flask": does what ends the clause follow a noun, and nothing says that it is no noun itself? */
export function isBeforeLastNoun(analysed: AnalysedText, at: number, usage: Usage): boolean {
  const { tokens, text } = analysed;
  const [noun, token, after] = [tokens[at]!, tokens[at + 1], tokens[at + 2]];
  if (!usage.context || !token || token.small || token.sentence !== noun.sentence) return false;
  if (noun.folded.endsWith("s") || text.slice(noun.end, token.start) !== " ") return false;
  const ends =
    after?.sentence !== token.sentence ||
    usage.governing.has(after.folded) ||
    text.slice(token.end, after.start) !== " ";
  const forms = [token.folded, token.folded.replace(/(?:s|i?er|i?est|r|st)$/, "")];
  const isOther = [usage.adjectives, usage.adverbs, usage.trailing, usage.verbs, usage.verbsToo, usage.pasts];
  return (
    ends &&
    !isOther.some((words) => forms.some((one) => words.has(one))) &&
    !isVerbal(token.folded, usage) &&
    !usage.gerund?.test(token.folded) &&
    !usage.adverb?.test(token.folded) &&
    !isVerbHere(analysed, at, usage)
  );
}
