/**
 * Finding a keyword in a text, in four forms: exact, inflected, close, scattered. The rules are those of
 * docs/scoring.md, "Matching a keyword".
 */
import type { AnalysedText, Token } from "./analyse";
import { goTogether, isDone } from "./closerLook";
import { type CompiledKeyword, isPart, joined, SHORTEST_PART, type Variant } from "./keyword";
import { isFarLinked } from "./linked";
import { areParted } from "./nouns";
import { governorOf } from "./object";
import type { LanguagePack } from "./packs/pack";
import type { Usage } from "./packs/usage";
import type { Sight } from "./sight";

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
  const sighted = sightedIn(tokens, keyword, pack, from);
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
        if (form === "inflected" && !variant.size) continue;
        const to = sequenceEnd(tokens, i, variant, form, pack);
        if (to < 0 || !free(taken, i, to)) continue;
        // "On the other hand, soap is cheap."
        if (mayNotPart && variant.words.length === 2 && to === i + 1 && areParted(text, i, to)) continue;
        // "Die Kinder wagen sich aufs Eis": what is one word in the keyword is two here.
        const isWhole = form === "exact" && to - i < variant.words.length;
        if (isWhole || !isDone(text, i, to, variant, pack)) take(form, i, to);
      }
    }
  }
  for (const variant of keyword.variants) {
    if (variant.size) closeMatches(text, sighted, taken, variant, windowOf(variant, values), pack, take);
  }
  if (whole && !matches.length) {
    for (const variant of keyword.variants) {
      const span = variant.size ? scatteredSpan(text, sighted, variant, pack) : null;
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
      (usage?.compounds === true && firstParts(folded, stem).some((base) => beginsCompound(base, compounds)))
    )
      out.push(i);
  }
  return out;
}

/** The stem of a word that is listed as irregular, without the sign of that. */
const plainStem = (stem: string): string => (stem.startsWith("=") ? stem.slice(1) : stem);

/** May a word begin a compound: "fiets", "auto's"? */
const isFirstPart = ({ folded, small }: Token): boolean =>
  !small && folded.length >= SHORTEST_PART && /^\p{L}+(?:'s)?$/u.test(folded);

/** Does a clause say of which sort a thing is by what it does to another: "eine Maschine, die Kaffee mahlt"? */
function saysOfWhichSort({ tokens }: AnalysedText, thing: number, other: number, { asking }: Usage): boolean {
  const verb = tokens[other + 1];
  return (
    other === thing + 2 &&
    asking.has(tokens[thing + 1]!.folded) &&
    verb?.sentence === tokens[other]!.sentence &&
    !verb.small
  );
}

/** How a word begins a compound: "Schlaf" of "schlafen", "spaar" of "sparen". */
function firstParts(folded: string, stem: string): string[] {
  const bare = folded.replace(/e?n$/, "");
  return [
    folded.replace(/'s$/, ""),
    plainStem(stem),
    bare,
    bare.replace(/(?<![aeiou])([aeou])(?=[^aeiou]$)/, "$1$1"),
  ];
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
    if (next && next.sentence === token.sentence && areParts(token, next, word, pack.usage)) {
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

/** What may stand between the parts of a compound: "Verein-s-haus", "Blume-n-topf", "zon-ne-bril". */
const LINKS = ["", "s", "es", "n", "en", "er", "e", "ne"];
/** Who or what does something; the stemmer leaves that away. */
const DOER = /er(?:n|s|in|innen)?$/;
/** Small words between the parts of a compound that is said in several: "die Tür an unserem Haus". */
const MOST_BETWEEN = 3;

const isCapital = ({ text, tokens }: AnalysedText, at: number): boolean =>
  /^\p{Lu}/u.test(text.slice(tokens[at]!.start, tokens[at]!.end));

/**
 * Where a compound is said in several words, the last part first: "die Tür am Haus" for "Haustür".
 *
 * @param at the token that says its first part
 * @returns null where there is none
 */
function saidApart(
  text: AnalysedText,
  at: number,
  { words, content, isJoined }: Variant,
  pack: LanguagePack,
): Sight | null {
  const { tokens } = text;
  const first = tokens[at]!;
  if (!pack.usage?.compounds || isJoined || !isFirstPart(first)) return null;
  // "Karten zum Wandern", "Schutz vor Bränden": a compound begins with what all forms of a word have.
  const beginnings = new Set(
    firstParts(first.folded, first.stem).flatMap((base) => LINKS.map((link) => base + link)),
  );
  for (let from = at - 2; from >= 0 && at - from - 1 <= MOST_BETWEEN; from--) {
    const last = tokens[from]!;
    // "Eine Creme für trockene Haut": a word that is no noun may stand before the first part.
    if (!tokens[from + 1]!.small && (from + 1 !== at - 1 || isCapital(text, from + 1))) return null;
    if (last.sentence !== first.sentence) return null;
    if (last.small || !isPart(last)) continue;
    // "Er pflegt im Garten zu lesen"
    if (pack.usage.capitals && !isCapital(text, from)) return null;
    // "Er schloss das Fahrrad an": no preposition, no compound.
    const between = tokens.slice(from + 1, at);
    if (!saysOfWhichSort(text, from, at, pack.usage)) {
      if (!between.some(({ folded }) => pack.usage!.apart.has(folded))) return null;
      if (text.text.slice(last.end, first.start).includes(",")) return null;
    }
    for (const word of words)
      for (const beginning of beginnings) {
        if (
          word.folded.startsWith(beginning) &&
          // "Der Putz am Fenster" is no "Fensterputzer".
          DOER.test(word.folded) === DOER.test(last.folded) &&
          word.folded.startsWith(last.folded.slice(0, SHORTEST_PART), beginning.length) &&
          // "Konten Ihrer Bank"
          [last.folded, pack.usage.capitals ? plainStem(last.stem) : last.folded].some(
            (end) => pack.stem(beginning + end) === word.stem,
          ) &&
          content.has(word.stem)
        )
          return { place: content.get(word.stem)!, from, to: at };
      }
  }
  return null;
}

/** Words that may stand between a noun and the verb that does it. */
const MOST_TO_VERB = 2;

/**
 * Where a compound that says what is done is said by a noun and its verb: "den Garten richtig pflegen" for "Gartenpflege".
 *
 * @param at the token of the noun
 * @returns null where there is none
 */
function saidByVerb(
  text: AnalysedText,
  at: number,
  { words, content, isJoined }: Variant,
  pack: LanguagePack,
): Sight | null {
  const { tokens } = text;
  const { usage } = pack;
  const noun = tokens[at]!;
  const deeds = words.filter(({ folded, stem }) => usage?.deed?.test(folded) && content.has(stem));
  if (!usage || isJoined || !isFirstPart(noun) || !deeds.length || governorOf(tokens, at, usage)) return null;
  const beginnings = firstParts(noun.folded, noun.stem).flatMap((base) => LINKS.map((link) => base + link));
  for (const verb of verbsOf(text, at, usage))
    for (const word of deeds)
      for (const beginning of beginnings)
        if (word.folded.startsWith(beginning) && isDeedOf(word, beginning, tokens[verb]!.folded, pack))
          return { place: content.get(word.stem)!, from: Math.min(at, verb), to: Math.max(at, verb) };
  return null;
}

/** Does a compound end as a verb does: "pflege" and "pflegen", "sicherung" and "sichern"? */
const isDeedOf = (
  { folded, stem }: Variant["words"][number],
  beginning: string,
  verb: string,
  pack: LanguagePack,
): boolean =>
  pack.stem(beginning + verb) === stem ||
  folded.slice(beginning.length).replace(/(?:ung|ing)(?:en)?$/, "") === verb.replace(/e?n$/, "");

/** Places near a noun where the verb may stand that does it: "pflegen Sie Ihren Garten", "den Garten gut pflegen". */
function* verbsOf(text: AnalysedText, at: number, usage: Usage): Generator<number> {
  const { tokens } = text;
  const isVerb = (i: number) => {
    const token = tokens[i];
    if (!token || token.small || token.sentence !== tokens[at]!.sentence) return false;
    const opens = tokens[i - 1]?.sentence !== token.sentence;
    // "Hilfe, der Umzug ist vorbei!"
    if (text.text.slice(tokens[Math.min(i, at)]!.end, tokens[Math.max(i, at)]!.start).includes(","))
      return false;
    return (
      (i < at && opens) || (usage.infinitive!.test(token.folded) && (!usage.capitals || !isCapital(text, i)))
    );
  };
  for (let i = at + 1, others = 0; i <= at + 1 + MOST_TO_VERB && others <= 1; i++) {
    if (isVerb(i)) yield i;
    if (tokens[i]?.small === false) others++;
  }
  for (let i = at - 1; i >= at - 1 - MOST_TO_VERB; i--) {
    if (isVerb(i)) yield i;
    if (!tokens[i]?.small) return;
  }
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
    const done = saidByVerb(text, i, variant, pack);
    if (done) yield done;
    const next = tokens[i + 1];
    if (
      next &&
      next.sentence === tokens[i]!.sentence &&
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

/** A compound that is said in several words has one word more. */
const windowOf = ({ words, isParted }: Variant, { closeWindow }: MatchValues): number =>
  Math.max(words.length, 2) + closeWindow + (isParted ? MORE_IF_PARTED : 0);

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
