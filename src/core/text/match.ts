/**
 * Finding a keyword in a text, in four forms: exact, inflected, close, scattered. The rules are those of
 * docs/scoring.md, "Matching a keyword".
 */
import type { AnalysedText, Token } from "./analyse";
import { type Carrier, type CompiledKeyword, isPart, joined, SHORTEST_PART, type Variant } from "./keyword";
import type { LanguagePack } from "./packs/pack";
import type { Usage } from "./packs/usage";
import { isIdle, usedAs } from "./usage";

export type Form = "exact" | "inflected" | "close" | "scattered";

/** What each form is worth, and how many words more than the keyword's a close match may span. */
export interface MatchValues {
  exact: number;
  inflected: number;
  close: number;
  scattered: number;
  closeWindow: number;
}

const LONGEST_CHAIN = 4;

/** One place where a keyword was found; the span is in the text that was searched. */
export interface Occurrence {
  form: Form;
  value: number;
  start: number;
  end: number;
}

/**
 * Every occurrence of a keyword in a text. Occurrences never overlap: the better form wins, then the earlier.
 *
 * @param whole true where the text is one field (title, heading, description, opening): then, and only where nothing better is found, the content stems may be scattered over it
 * @returns occurrences in order of place
 */
export function findKeyword(
  text: AnalysedText,
  keyword: CompiledKeyword,
  values: MatchValues,
  pack: LanguagePack,
  whole = false,
): Occurrence[] {
  const { tokens } = text;
  const sighted = sightedIn(tokens, keyword);
  if (!sighted.length) return [];
  const taken = new Uint8Array(tokens.length);
  const matches: { form: Form; from: number; to: number }[] = [];
  const take = (form: Form, from: number, to: number) => {
    taken.fill(1, from, to + 1);
    matches.push({ form, from, to });
  };
  for (const form of ["exact", "inflected"] as const) {
    for (const i of sighted) {
      for (const variant of keyword.variants) {
        if (form === "inflected" && !variant.size) continue;
        const to = sequenceEnd(tokens, i, variant, form, pack);
        if (to < 0 || !free(taken, i, to)) continue;
        if (form === "exact" || !isDone(tokens, i, to, variant, pack)) take(form, i, to);
      }
    }
  }
  for (const variant of keyword.variants) {
    if (variant.size) closeMatches(text, sighted, taken, variant, windowOf(variant, values), pack, take);
  }
  if (whole && !matches.length) {
    for (const variant of keyword.variants) {
      const span = variant.size ? scatteredSpan(tokens, sighted, variant, pack) : null;
      if (span && !matches.length) take("scattered", span[0], span[1]);
    }
  }
  return matches
    .sort((a, b) => a.from - b.from)
    .map(({ form, from, to }) => ({
      form,
      value: values[form],
      start: tokens[from]!.start,
      end: tokens[to]!.end,
    }));
}

/** The occurrence that is worth most, the earliest among equals; null where there is none. */
export function bestOccurrence(occurrences: Occurrence[]): Occurrence | null {
  let best: Occurrence | null = null;
  for (const o of occurrences) if (!best || o.value > best.value) best = o;
  return best;
}

/** May two words that follow each other, with nothing but a blank between them, be one of a keyword's written apart? */
function areParts(token: Token, next: Token, word: Variant["words"][number]): boolean {
  return (
    next.start - token.end === 1 &&
    token.folded.length < word.folded.length &&
    word.folded.startsWith(token.folded) &&
    isPart(token) &&
    isPart(next)
  );
}

/** Which word of a variant's content a token is a form of. A small word is a form of itself alone: "nada" is not "nadar". */
function placeOf(
  { stem, otherStem, small, folded }: Token,
  { content, size, carriers }: Variant,
): number | undefined {
  const place = content.get(stem);
  if (small && (place === undefined || carriers[place]!.folded !== folded)) return undefined;
  return place === undefined && otherStem !== undefined && size > 1 ? content.get(otherStem) : place;
}

function free(taken: Uint8Array, from: number, to: number): boolean {
  for (let i = from; i <= to; i++) if (taken[i]) return false;
  return true;
}

/** Tokens that may have to do with the keyword: the longer looks are spared the rest of the text. */
function sightedIn(tokens: Token[], { stems, compounds }: CompiledKeyword): number[] {
  const out: number[] = [];
  for (let i = 0; i < tokens.length; i++) {
    const { stem, otherStem, folded, joinsNext } = tokens[i]!;
    if (
      joinsNext ||
      stems.has(stem) ||
      (otherStem !== undefined && stems.has(otherStem)) ||
      beginsCompound(folded, compounds)
    )
      out.push(i);
  }
  return out;
}

function beginsCompound(folded: string, compounds: readonly string[]): boolean {
  if (folded.length < SHORTEST_PART) return false;
  for (const compound of compounds) if (compound.startsWith(folded)) return true;
  return false;
}

/** Is a token one of a variant's words, as it is written or in any of its forms? */
function isSame(
  token: Token,
  word: Variant["words"][number],
  variant: Variant,
  form: "exact" | "inflected",
): boolean {
  if (form === "exact") return token.folded === word.folded;
  if (token.stem === word.stem) return true;
  if (variant.size < 2) return false;
  const place = placeOf(token, variant);
  return place !== undefined && place === variant.content.get(word.stem);
}

/** Where a variant's words stand in sequence from a token on: the index of the last token, or -1. */
function sequenceEnd(
  tokens: Token[],
  from: number,
  variant: Variant,
  form: "exact" | "inflected",
  pack: LanguagePack,
): number {
  const first = tokens[from]!;
  let at = from;
  for (const word of variant.words) {
    const token = tokens[at];
    if (!token || token.sentence !== first.sentence) return -1;
    if (isSame(token, word, variant, form)) {
      at++;
      continue;
    }
    // A hyphenated word of the text may also be read joined: "e-mail" as "email".
    let end = at;
    let hit = false;
    // Two words of the text may be the two parts of one of the keyword's: "car wash" for "carwash".
    const next = tokens[at + 1];
    if (next && next.sentence === token.sentence && areParts(token, next, word)) {
      hit = isSame(joined(tokens, at, at + 1, pack), word, variant, form);
      if (hit) end = at + 1;
    }
    while (!hit && tokens[end]?.joinsNext && end - at < LONGEST_CHAIN - 1) {
      end++;
      hit = isSame(joined(tokens, at, end, pack), word, variant, form);
    }
    if (!hit) return -1;
    at = end + 1;
  }
  return at - 1;
}

/** A place where a word of a keyword is read: tokens from and to. */
interface Sight {
  place: number;
  from: number;
  to: number;
}

/** All places where each content stem may be read, readings of hyphenated words and of parted compounds as one included. */
function* sightings(
  tokens: Token[],
  sighted: readonly number[],
  variant: Variant,
  pack: LanguagePack,
): Generator<Sight> {
  for (const i of sighted) {
    const at = placeOf(tokens[i]!, variant);
    if (at !== undefined) yield { place: at, from: i, to: i };
    const next = tokens[i + 1];
    if (
      next &&
      next.sentence === tokens[i]!.sentence &&
      variant.words.some((word) => areParts(tokens[i]!, next, word))
    ) {
      const both = placeOf(joined(tokens, i, i + 1, pack), variant);
      if (both !== undefined) yield { place: both, from: i, to: i + 1 };
    }
    for (let end = i; tokens[end]?.joinsNext && end - i < LONGEST_CHAIN - 1; ) {
      end++;
      const chain = placeOf(joined(tokens, i, end, pack), variant);
      if (chain !== undefined) yield { place: chain, from: i, to: end };
    }
  }
}

/** Takes every window of one sentence that holds all content stems in any order and is no longer than `limit` words. */
function closeMatches(
  text: AnalysedText,
  sighted: readonly number[],
  taken: Uint8Array,
  variant: Variant,
  limit: number,
  pack: LanguagePack,
  take: (form: Form, from: number, to: number) => void,
): void {
  const { tokens } = text;
  let last: (Sight | undefined)[] = [];
  let sentence = -1;
  for (const sight of sightings(tokens, sighted, variant, pack)) {
    const here = tokens[sight.from]!.sentence;
    if (here !== sentence) {
      last = [];
      sentence = here;
    }
    if (!free(taken, sight.from, sight.to)) continue;
    last[sight.place] = sight;
    let from = sight.from;
    let to = sight.to;
    let complete = true;
    for (let s = 0; s < variant.size; s++) {
      const seen = last[s];
      if (!seen) {
        complete = false;
        break;
      }
      from = Math.min(from, seen.from);
      to = Math.max(to, seen.to);
    }
    if (
      complete &&
      to - from < limit &&
      free(taken, from, to) &&
      goTogether(text, last as Sight[], variant, pack)
    ) {
      take("close", from, to);
      last = [];
    }
  }
}

/** Where two thoughts part within a sentence; the two parts of a verb stand in one clause. */
const PARTED = /[;\u2014]/;
const CLAUSE = /[,;\u2014]/;
/** Words more that a verb in two may reach over: its second part ends the clause. */
const MORE_IF_PARTED = 3;

const windowOf = ({ words, isParted }: Variant, { closeWindow }: MatchValues): number =>
  words.length + closeWindow + (isParted ? MORE_IF_PARTED : 0);

/**
 * A closer look at words that only stand near each other: whether they are used as the keyword uses them.
 *
 * @param seen where each of its content words is, by place
 */
function goTogether(
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
function isDone(
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

const isVerbFor = ({ folded }: Token, carrier: Carrier, { verbal }: Usage): boolean =>
  carrier.role === "head" && verbal?.test(folded) === true && !verbal.test(carrier.folded);

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
  if (carrier.role === "verb")
    return (
      use !== "noun" ||
      usage.action.test(token.folded) ||
      (!usage.capitals && next !== undefined && next.from - to === 1)
    );
  if (token.small && !usage.parting && !isNamed(text, from, usage)) return false;
  if (!carrier.role) return true;
  if (!usage.headFirst && isBeforeNoun(text, to, usage, seen)) return false;
  // A verb that is made of the noun, or the noun of it, says the same: "customised furniture".
  if (token.stem !== carrier.stem) return true;
  const isAction = usage.action.test(carrier.folded);
  if (use === "noun")
    return !(isOtherForm && carrier.folded.endsWith("ing") && !usage.action.test(token.folded));
  const last = seen.find((other) => other.to === from - 1);
  // "The pump heats": what the keyword says first is here what the second does.
  if (!usage.headFirst && carrier.role === "modifier" && last && token.folded === `${carrier.folded}s`) {
    const head = variant.carriers[last.place]!;
    if (head.role === "head" && head.stem === text.tokens[last.to]!.stem) return false;
  }
  const isVerbForm = isOtherForm && usage.verbal?.test(token.folded) === true;
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

/** Does nothing but what belongs to a noun stand between a verb and it? */
const isObject = ({ tokens }: AnalysedText, verb: number, noun: number, { determiners }: Usage): boolean =>
  tokens.slice(verb + 1, noun).every(({ small, folded }) => !small || determiners.has(folded));

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

function scatteredSpan(
  tokens: Token[],
  sighted: readonly number[],
  variant: Variant,
  pack: LanguagePack,
): [number, number] | null {
  const first: ({ from: number; to: number } | undefined)[] = [];
  for (const sight of sightings(tokens, sighted, variant, pack)) first[sight.place] ??= sight;
  let from = tokens.length;
  let to = -1;
  for (let s = 0; s < variant.size; s++) {
    const seen = first[s];
    if (!seen) return null;
    from = Math.min(from, seen.from);
    to = Math.max(to, seen.to);
  }
  return [from, to];
}
