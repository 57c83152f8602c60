/** A closer look at where a keyword seems to be: are its words used there as the keyword uses them? See docs/scoring.md, "Matching a keyword". */
import type { AnalysedText, Token } from "./analyse";
import type { Carrier, Variant } from "./keyword";
import type { LanguagePack } from "./packs/pack";
import type { Usage } from "./packs/usage";
import { isIdle, isVerbal, usedAs } from "./usage";

/** A place where a word of a keyword is read: tokens from and to. */
export interface Sight {
  place: number;
  from: number;
  to: number;
}

/** Where two thoughts part within a sentence; the two parts of a verb stand in one clause. */
const PARTED = /[;\u2014]/;
const CLAUSE = /[,;\u2014]/;
/**
 * A closer look at words that only stand near each other: whether they are used as the keyword uses them.
 *
 * @param seen where each of its content words is, by place
 */
export function goTogether(
  text: AnalysedText,
  seen: readonly Sight[],
  variant: Variant,
  pack: LanguagePack,
): boolean {
  const { tokens } = text;
  const from = Math.min(...seen.map((one) => one.from));
  const to = Math.max(...seen.map((one) => one.to));
  if ((variant.isParted ? CLAUSE : PARTED).test(text.text.slice(tokens[from]!.start, tokens[to]!.end)))
    return false;
  const { usage } = pack;
  return (
    !usage ||
    ((variant.carriers[seen.find((one) => one.from === from)!.place]!.role === "verb" ||
      !isSetApart(text, from, usage)) &&
      seen.every((one) => isUsedSo(text, one, seen, variant, usage)))
  );
}

/** "The subject lined up": the last word of a keyword in a form that only a verb has. */
export function isDone(
  tokens: Token[],
  from: number,
  to: number,
  { carriers, words }: Variant,
  { usage }: LanguagePack,
): boolean {
  const [carrier, token] = [carriers.at(-1), tokens[to]!];
  if (!usage || from === to || !carrier) return false;
  const isWhole = to - from === words.length - 1;
  return (!isWhole || carrier.stem === token.stem) && isVerbFor(token, carrier, usage);
}

const isVerbFor = ({ folded }: Token, carrier: Carrier, usage: Usage): boolean =>
  carrier.role === "head" && isVerbal(folded, usage) && !isVerbal(carrier.folded, usage);

/** "In spring we air the mattress": the sentence begins with a word of the keyword and says something else. */
function isSetApart({ tokens }: AnalysedText, first: number, { pronouns, determiners }: Usage): boolean {
  const after = tokens[first + 1];
  if (!after || !pronouns.has(after.folded)) return false;
  const { sentence } = tokens[first]!;
  for (let i = first - 1; i >= first - 2; i--) {
    const token = tokens[i];
    if (!token?.small || token.sentence !== sentence) return false;
    if (i === 0 || tokens[i - 1]!.sentence !== sentence) return !determiners.has(token.folded);
  }
  return false;
}

function isUsedSo(
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
  if (!usage.headFirst && isBeforeNoun(text, to, usage, seen)) return false;
  const isAction = usage.action.test(carrier.folded);
  if (use === "noun")
    return !(isOtherForm && carrier.folded.endsWith("ing") && !usage.action.test(token.folded));
  if (isDerived) return true;
  const last = seen.find((other) => other.to === from - 1);
  // "The pump heats": what the keyword says first is here what the second does.
  if (!usage.headFirst && carrier.role === "modifier" && last && token.folded === `${carrier.folded}s`) {
    const head = variant.carriers[last.place]!;
    if (head.role === "head" && head.stem === text.tokens[last.to]!.stem) return false;
  }
  const isVerbForm = isOtherForm && isVerbal(token.folded, usage);
  // "The class cooked": done by what the keyword names last.
  if (isVerbForm && last && carrier.role === "modifier") return false;
  if (isVerbForm && token.folded.endsWith("ly")) return false;
  if (use !== "verb" && !isVerbForm) return true;
  // A verb says what its noun says where the rest is what it is done to: "wash the car".
  if (next && isObject(text, to, next.from, usage))
    return carrier.role === "head" ? !usage.headFirst || isAction : isAction;
  if (!isAction) return false;
  if (use !== "verb") return true;
  const before = text.tokens[from - 1];
  if (!before || carrier.role === "modifier") return !before || !(usage.being.has(before.folded) || last);
  return [usage.pronouns, usage.auxiliaries, usage.being].some((words) => words.has(before.folded));
}

/** A small word that stands for a thing: "an old mine", "a will". */
function isNamed({ tokens }: AnalysedText, at: number, { determiners }: Usage): boolean {
  const before = tokens[at - 1];
  return before !== undefined && (!before.small || determiners.has(before.folded));
}

/** Does nothing but what belongs to a noun stand between a verb and it, or one small word: "care for the leather"? */
function isObject({ tokens }: AnalysedText, verb: number, noun: number, { determiners }: Usage): boolean {
  const between = tokens.slice(verb + 1, noun);
  const others = between.filter(({ small, folded }) => small && !determiners.has(folded));
  return !others.length || (others.length === 1 && between.every(({ small }) => small));
}

/** Does another noun follow that it only says more of, as of "parking permit scheme"? */
function isBeforeNoun(
  { tokens, text }: AnalysedText,
  at: number,
  { nouns }: Usage,
  seen: readonly Sight[],
): boolean {
  const next = tokens[at + 1];
  if (!next || seen.some(({ from }) => from === at + 1) || tokens[at]!.folded.endsWith("s")) return false;
  return (
    (nouns.has(next.folded) || nouns.has(next.folded.replace(/s$/, ""))) &&
    text.slice(tokens[at]!.end, next.start) === " "
  );
}
