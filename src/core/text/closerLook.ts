/** A closer look at where a keyword seems to be: are its words used there as the keyword uses them? See docs/scoring.md, "Matching a keyword". */
import type { AnalysedText, Token } from "./analyse";
import type { Carrier, Variant } from "./keyword";
import type { LanguagePack } from "./packs/pack";
import type { Usage } from "./packs/usage";
import { isIdle, isLikelyNoun, isLikelyVerb, isVerbal, usedAs } from "./usage";

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
      !isElsewhere(text, seen, variant, usage) &&
      !isTwoThings(text, seen, variant, usage) &&
      seen.every((one) => isUsedSo(text, one, seen, variant, usage)))
  );
}

/** "The subject lined up": the last word of a keyword in a form that only a verb has. */
export function isDone(
  text: AnalysedText,
  from: number,
  to: number,
  { carriers, words }: Variant,
  { usage }: LanguagePack,
): boolean {
  const { tokens } = text;
  const [carrier, token] = [carriers.at(-1), tokens[to]!];
  if (!usage || from === to || !carrier) return false;
  // "We saw blades of grass"
  const before = tokens[from - 1];
  if (
    carriers[0]!.role === "modifier" &&
    before?.sentence === tokens[from]!.sentence &&
    usage.pronouns.has(before.folded) &&
    isLikelyVerb(text, from, usage)
  )
    return true;
  // "She will write": no will writing.
  if (usage.modals.has(tokens[to - 1]!.folded) && token.folded.length < carrier.folded.length) return true;
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

/** Where something else speaks for a verb too. */
const PERHAPS = 0.5;

/** "The painting hangs in her house": where the one is, not of which sort. */
function isElsewhere(
  text: AnalysedText,
  seen: readonly Sight[],
  { carriers }: Variant,
  usage: Usage,
): boolean {
  if (seen.length !== 2 || usage.headFirst) return false;
  const [first, second] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  if (carriers[first.place]!.role !== "head") return false;
  const { tokens } = text;
  let place = second.from - 1;
  while (place > first.to && usage.determiners.has(tokens[place]!.folded)) place--;
  if (place <= first.to + 1 || !usage.places.has(tokens[place]!.folded)) return false;
  const between = tokens.slice(first.to + 1, place);
  return (
    between.some(
      ({ folded, small }, i) =>
        usage.being.has(folded) || (!small && isLikelyVerb(text, first.to + 1 + i, usage, PERHAPS)),
    ) && !between.some(({ folded }) => usage.joining.has(folded))
  );
}

/**
 * In languages that say "curso de cocina": do both stand in this order, in one phrase? "En la cocina, un curso", "una hoja de té y un cálculo"
 * speak of two things.
 */
function isTwoThings(
  { tokens, text }: AnalysedText,
  seen: readonly Sight[],
  { carriers, words }: Variant,
  { headFirst, conjunctions, determiners, joining }: Usage,
): boolean {
  if (!headFirst || seen.length !== 2 || words.length < 3) return false;
  const [first, second] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  const roles = [first, second].map(({ place }) => carriers[place]!.role);
  if (roles.includes("verb") || roles.includes(undefined)) return false;
  const gap = text.slice(tokens[first.to]!.end, tokens[second.from]!.start);
  // "La tortilla: receta", "madera para muebles"
  if (gap.includes(":") || tokens.slice(first.to + 1, second.from).some(({ folded }) => joining.has(folded)))
    return false;
  if (roles[0] === "modifier" || gap.includes(",")) return true;
  for (let at = first.to + 1; at < second.from; at++)
    if (conjunctions.has(tokens[at]!.folded) && determiners.has(tokens[at + 1]!.folded)) return true;
  return false;
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
