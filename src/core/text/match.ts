/**
 * Finding a keyword in a text, in four forms: exact, inflected, close, scattered. The rules are those of
 * docs/scoring.md, "Matching a keyword".
 */
import type { AnalysedText, Token } from "./analyse";
import { goTogether, isDone } from "./closerLook/closerLook";
import { anyFormBegins, beginsCompound, saidApart, saidByHiring, saidByVerb } from "./closerLook/compounds";
import { isFarLinked } from "./closerLook/linked";
import { areParted } from "./closerLook/nouns";
import { areOthers } from "./closerLook/others";
import type { Sight } from "./closerLook/sight";
import { type CompiledKeyword, isPart, joined, type Variant } from "./keyword";
import type { LanguagePack } from "./packs/pack";
import { pathsIn } from "./paths";

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
 * @param from the token to begin with, the first of a sentence: no occurrence reaches into another sentence
 * @returns occurrences in order of place
 */
export function findKeyword(
  text: AnalysedText,
  keyword: CompiledKeyword,
  values: MatchValues,
  pack: LanguagePack,
  whole = false,
  from = 0,
): Occurrence[] {
  const { tokens } = text;
  // "The files under /usr/share" are not about file sharing.
  const isInPath = keyword.text.includes("/") ? () => false : pathsIn(text.text);
  const sighted = sightedIn(tokens, keyword, pack, from).filter((i) => !isInPath(tokens[i]!));
  if (!sighted.length) return [];
  const taken = new Uint8Array(tokens.length);
  const matches: { form: Form; from: number; to: number }[] = [];
  const take = (form: Form, from: number, to: number) => {
    taken.fill(1, from, to + 1);
    matches.push({ form, from, to });
  };
  // "Un vélo, électrique bien sûr"
  const mayNotPart = pack.usage?.headFirst === false;
  for (const form of ["exact", "inflected"] as const) {
    for (const i of sighted) {
      for (const variant of keyword.variants) {
        // Its words are those of another.
        if (variant.reading || (form === "inflected" && !variant.size)) continue;
        const to = sequenceEnd(tokens, i, variant, form, pack);
        if (to < 0 || !free(taken, i, to)) continue;
        // "On the other hand, soap is cheap."
        if (mayNotPart && variant.words.length === 2 && to === i + 1 && areParted(text, i, to)) continue;
        if (areOthers(text, i, to, variant, pack)) continue;
        // "Die Kinder wagen sich aufs Eis": what is one word in the keyword is two here.
        const isWhole = form === "exact" && to - i < variant.words.length;
        if (isWhole || !isDone(text, i, to, variant, pack)) take(form, i, to);
      }
    }
  }
  for (const variant of keyword.variants) {
    if (variant.size)
      closeMatches(text, sighted, taken, variant, windowOf(variant, values, pack), pack, take);
  }
  if (whole && !matches.length) {
    for (const variant of keyword.variants) {
      // One word is not scattered: where it is not found, it is another.
      const span = variant.size > 1 ? scatteredSpan(text, sighted, variant, pack) : null;
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
function areParts(
  token: Token,
  next: Token,
  word: Variant["words"][number],
  usage: LanguagePack["usage"],
): boolean {
  return (
    next.start - token.end === 1 &&
    token.folded.length < word.folded.length &&
    word.folded.startsWith(token.folded) &&
    isPart(token) &&
    // "Back up your data"
    (isPart(next) || usage?.particles.has(next.folded) === true)
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
function sightedIn(
  tokens: Token[],
  { stems, compounds }: CompiledKeyword,
  { usage }: LanguagePack,
  from: number,
): number[] {
  const out: number[] = [];
  for (let i = from; i < tokens.length; i++) {
    const { stem, otherStem, folded, joinsNext } = tokens[i]!;
    if (
      joinsNext ||
      stems.has(stem) ||
      (otherStem !== undefined && stems.has(otherStem)) ||
      beginsCompound(folded, compounds) ||
      (usage?.compounds === true && anyFormBegins(tokens[i]!, compounds))
    )
      out.push(i);
  }
  return out;
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
    // Two words of the text may be the two parts of one of the keyword's: "car wash" for "carwash". What grew together with other letters is one word.
    const next = tokens[at + 1];
    const mayBeParts = next && next.sentence === token.sentence && !variant.isGrown;
    if (mayBeParts && areParts(token, next, word, pack.usage)) {
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

/** All places where each content stem may be read, readings of hyphenated words and of compounds in parts as one included. */
function* sightings(
  text: AnalysedText,
  sighted: readonly number[],
  variant: Variant,
  pack: LanguagePack,
): Generator<Sight> {
  const { tokens } = text;
  for (const i of sighted) {
    const at = placeOf(tokens[i]!, variant);
    if (at !== undefined) yield { place: at, from: i, to: i };
    const apart = saidApart(text, i, variant, pack);
    if (apart) yield apart;
    const done = saidByVerb(text, i, variant, pack) ?? saidByHiring(text, i, variant, pack);
    if (done) yield done;
    const next = tokens[i + 1];
    if (
      next &&
      next.sentence === tokens[i]!.sentence &&
      !variant.isGrown &&
      variant.words.some((word) => areParts(tokens[i]!, next, word, pack.usage))
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
  for (const sight of sightings(text, sighted, variant, pack)) {
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
      (to - from < limit ||
        (to - from < limit + MORE_IF_LINKED && isFarLinked(text, last as Sight[], variant, pack.usage))) &&
      free(taken, from, to) &&
      goTogether(text, last as Sight[], variant, pack)
    ) {
      take("close", from, to);
      last = [];
    }
  }
}

/** Words more over which a clause or a preposition reaches: "a lamp that clips to your desk". */
const MORE_IF_LINKED = 2;
/** Words more that a verb in two may reach over: its second part ends the clause. */
const MORE_IF_PARTED = 3;

/** What people type without small words has them in a text: "precio reforma cocina", "el precio de la reforma de una cocina". */
const leftOut = ({ words, content }: Variant, { usage }: LanguagePack): number =>
  (usage?.headFirst || usage?.compounds) && words.length > 2
    ? words.filter(({ stem }, i) => i > 0 && content.has(stem) && content.has(words[i - 1]!.stem)).length
    : 0;

/** A compound that is said in several words has one word more. */
const windowOf = (variant: Variant, { closeWindow }: MatchValues, pack: LanguagePack): number =>
  Math.max(variant.words.length, 2) +
  closeWindow +
  (variant.isParted ? MORE_IF_PARTED : 0) +
  leftOut(variant, pack);

function scatteredSpan(
  text: AnalysedText,
  sighted: readonly number[],
  variant: Variant,
  pack: LanguagePack,
): [number, number] | null {
  const first: ({ from: number; to: number } | undefined)[] = [];
  for (const sight of sightings(text, sighted, variant, pack)) first[sight.place] ??= sight;
  let from = text.tokens.length;
  let to = -1;
  for (let s = 0; s < variant.size; s++) {
    const seen = first[s];
    if (!seen) return null;
    from = Math.min(from, seen.from);
    to = Math.max(to, seen.to);
  }
  return [from, to];
}
