/** Whether one word of a keyword is used in a text as the keyword uses it. */
import type { AnalysedText, Token } from "./analyse";
import type { Carrier, Variant } from "./keyword";
import type { Usage } from "./packs/usage";
import type { Sight } from "./sight";
import { isIdle, isLikelyNoun, isVerbal, usedAs } from "./usage";

export const isVerbFor = ({ folded }: Token, carrier: Carrier, usage: Usage): boolean =>
  carrier.role === "head" && isVerbal(folded, usage) && !isVerbal(carrier.folded, usage);

/**
 * @param seen where all of the keyword's content words are
 */
export function isUsedSo(
  text: AnalysedText,
  { place, from, to }: Sight,
  seen: readonly Sight[],
  variant: Variant,
  usage: Usage,
): boolean {
  const carrier = variant.carriers[place]!;
  const token = text.tokens[to]!;
  if (isIdle(text, from, usage)) return false;
  const isOtherForm = token.folded !== carrier.folded;
  if (isOtherForm && [token, carrier].some(({ folded }) => usage.otherPlurals.has(folded))) return false;
  if (from !== to) return !isVerbFor(token, carrier, usage);
  const use = usedAs(text, from, usage);
  const next = seen.find((other) => other.from > to);
  // A verb that is made of the noun, or the noun of it, says the same: "customised furniture", "the choice of a mattress".
  const isDerived = token.stem !== carrier.stem;
  if (carrier.role === "verb")
    return (
      isDerived ||
      use !== "noun" ||
      usage.action.test(token.folded) ||
      (!usage.capitals && next !== undefined && next.from - to === 1)
    );
  if (token.small && !usage.parting && !isNamed(text, from, usage)) return false;
  if (!carrier.role) return true;
  const isAction = usage.action.test(carrier.folded);
  const last = seen.find((other) => other.to === from - 1);
  const isThing = usage.things.has(carrier.folded.replace(/s$/, ""));
  if (carrier.role === "modifier" && !isThing && isPurpose(text, from, seen, usage)) return true;
  if (!usage.headFirst && isBeforeNoun(text, to, usage, seen)) return false;
  // "A design package" is another matter than "packaging design".
  if (
    use === "noun" &&
    !usage.headFirst &&
    carrier.role === "head" &&
    next?.from === to + 1 &&
    text.text.slice(token.end, text.tokens[next.from]!.start) === " " &&
    variant.words.length === 2
  )
    return false;
  if (use === "noun")
    return !(isOtherForm && usage.gerund?.test(carrier.folded) && !usage.action.test(token.folded));
  if (isDerived) return true;
  // "The pump heats": what the keyword says first is here what the second does.
  if (!usage.headFirst && carrier.role === "modifier" && last && token.folded === `${carrier.folded}s`) {
    const head = variant.carriers[last.place]!;
    if (head.role === "head" && head.stem === text.tokens[last.to]!.stem) return false;
  }
  const isVerbForm = isOtherForm && isVerbal(token.folded, usage);
  // "The class cooked": done by what the keyword names last.
  if (isVerbForm && last && carrier.role === "modifier") return false;
  if (isVerbForm && usage.adverb?.test(token.folded)) return false;
  if (use !== "verb" && !isVerbForm) return true;
  // "He chained his bicycle": that is no bicycle chain.
  if (carrier.role === "head" && isThing) return false;
  // A verb says what its noun says where the rest is what it is done to: "wash the car".
  if (next && isObject(text, to, next.from, usage))
    return carrier.role === "head" ? !usage.headFirst || isAction : isAction;
  if (!isAction) return false;
  if (use !== "verb") return true;
  const before = text.tokens[from - 1];
  if (!before || carrier.role === "modifier") return !before || !(usage.being.has(before.folded) || last);
  return [usage.pronouns, usage.auxiliaries, usage.being].some((words) => words.has(before.folded));
}

/**
 * "Companies that move pianos", "shoes for running on trails": what the keyword says first stands as a verb behind its last word, and
 * one word that joins them.
 */
function isPurpose(
  { tokens, text }: AnalysedText,
  at: number,
  seen: readonly Sight[],
  usage: Usage,
): boolean {
  const before = seen.findLast(({ to }) => to < at);
  if (!before) return false;
  const between = tokens.slice(before.to + 1, at);
  return (
    between.length > 0 &&
    between.length <= MOST_JOINING &&
    between.some(({ folded }) => usage.joining.has(folded)) &&
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

/** Does nothing but what belongs to a noun stand between a verb and it, or one small word: "care for the leather"? */
function isObject({ tokens }: AnalysedText, verb: number, noun: number, { determiners }: Usage): boolean {
  const between = tokens.slice(verb + 1, noun);
  const others = between.filter(({ small, folded }) => small && !determiners.has(folded));
  return !others.length || (others.length === 1 && between.every(({ small }) => small));
}

/** Does another noun follow that it only says more of, as of "parking permit scheme"? */
function isBeforeNoun(analysed: AnalysedText, at: number, usage: Usage, seen: readonly Sight[]): boolean {
  const { tokens, text } = analysed;
  const next = tokens[at + 1];
  if (!next || seen.some(({ from }) => from === at + 1) || tokens[at]!.folded.endsWith("s")) return false;
  if (text.slice(tokens[at]!.end, next.start) !== " ") return false;
  return (
    [next.folded, next.folded.replace(/s$/, "")].some(
      (one) => usage.nouns.has(one) || usage.things.has(one),
    ) && isLikelyNoun(analysed, at + 1, usage)
  );
}
