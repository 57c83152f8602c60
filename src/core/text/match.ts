/**
 * Finding a keyword in a text, in four forms: exact, inflected, close, scattered. The rules are those of
 * docs/scoring.md, "Matching a keyword".
 */
import { fold } from "./fold";
import type { LanguagePack } from "./packs/pack";
import { sentences } from "./sentences";
import { type Word, words } from "./words";

export type Form = "exact" | "inflected" | "close" | "scattered";

/** One word made ready for matching. */
export interface Token {
  start: number;
  end: number;
  folded: string;
  stem: string;
  /** Stem of the other word that it may be a form of (see LanguagePack.otherStem). */
  otherStem: string | undefined;
  small: boolean;
  /** Number of the sentence it stands in, from 0. */
  sentence: number;
  /** Nothing but one hyphen stands between it and the next word. */
  joinsNext: boolean;
}

/** A text cut into tokens once, so that it can be searched for many keywords. */
export interface AnalysedText {
  text: string;
  tokens: Token[];
  sentenceCount: number;
}

/** What each form is worth, and how many words more than the keyword's a close match may span. */
export interface MatchValues {
  exact: number;
  inflected: number;
  close: number;
  scattered: number;
  closeWindow: number;
}

/** A keyword made ready: its spellings with hyphens parted and joined. */
export interface CompiledKeyword {
  text: string;
  variants: Variant[];
  /** Of each variant, what stands for the first word that carries the subject; for a keyword of small words its first word. */
  heads: ReadonlySet<string>;
  /** Words, folded, that may be written in two. */
  compounds: readonly string[];
}

interface Variant {
  words: Pick<Token, "folded" | "stem" | "otherStem">[];
  /** The words that carry the subject, each stem once: its place by every stem that stands for it. Empty for a keyword of small words only. */
  content: ReadonlyMap<string, number>;
  /** How many words that is. */
  size: number;
}

/** One place where a keyword was found; the span is in the text that was searched. */
export interface Occurrence {
  form: Form;
  value: number;
  start: number;
  end: number;
}

const HYPHEN = /^[-\u2010\u2011\u00AD]$/;
const LONGEST_CHAIN = 4;
/** Letters that each part of a compound has: "car wash" is "carwash", but nobody means "a part" by "apart". */
const SHORTEST_PART = 3;

/** Cuts a text into tokens with stems and sentence numbers. */
export function analyseText(text: string, pack: LanguagePack): AnalysedText {
  const cut = withSigns(words(text), text);
  if (!cut.length) return { text, tokens: [], sentenceCount: 0 };
  const spans = sentences(text, pack);
  let sentence = 0;
  const tokens = cut.map((word, i): Token => {
    while (sentence < spans.length - 1 && word.start >= spans[sentence]!.end) sentence++;
    const folded = fold(word.text);
    const next = cut[i + 1];
    return {
      start: word.start,
      end: word.end,
      folded,
      stem: pack.stem(folded),
      otherStem: pack.otherStem(folded),
      small: pack.smallWords.has(folded),
      sentence,
      joinsNext: next !== undefined && HYPHEN.test(text.slice(word.end, next.start)),
    };
  });
  return { text, tokens, sentenceCount: spans.length };
}

const MAY_HAVE_SIGNS = /[#/]|\+\+|(?:^|\s|\()\./;

/** Words with the signs that make other words of them: "C++" is not C, ".NET" no net, and "24/7" neither 24 nor 7. */
function withSigns(cut: Word[], text: string): Word[] {
  if (!MAY_HAVE_SIGNS.test(text)) return cut;
  const out: Word[] = [];
  for (const word of cut) {
    let { start, end } = word;
    const last = out.at(-1);
    if (last && /\d$/.test(last.text) && /^\d/.test(word.text) && text.slice(last.end, start) === "/") {
      out.pop();
      start = last.start;
    }
    const behind = /^(?:\+\+|#)(?![\p{L}\p{N}])/u.exec(text.slice(end, end + 3));
    if (behind && /^\p{L}+$/u.test(word.text)) end += behind[0].length;
    if (
      /^\p{L}/u.test(word.text) &&
      text[start - 1] === "." &&
      (start === 1 || /[\s(]/.test(text[start - 2]!))
    )
      start--;
    out.push(start === word.start && end === word.end ? word : { text: text.slice(start, end), start, end });
  }
  return out;
}

/**
 * Makes a keyword ready to be searched for.
 *
 * @returns null where the keyword holds no word at all
 */
export function compileKeyword(keyword: string, pack: LanguagePack): CompiledKeyword | null {
  const tokens = analyseText(keyword, pack).tokens;
  if (!tokens.length) return null;
  // Each run of hyphens is either parted or joined; runs beyond the first three stay parted, or spellings explode.
  let spellings: Token[][] = [[]];
  let runs = 0;
  for (let i = 0; i < tokens.length; ) {
    let end = i;
    while (tokens[end]?.joinsNext) end++;
    const parted = tokens.slice(i, end + 1);
    const choices = [parted];
    if (end > i && runs++ < 3) choices.push([joined(tokens, i, end, pack)]);
    spellings = spellings.flatMap((head) => choices.map((tail) => [...head, ...tail]));
    i = end + 1;
  }
  const written = spellings.flatMap((spelling) => [spelling, ...closed(spelling, pack)]);
  const variants = written.map(variantOf);
  return {
    text: keyword,
    variants,
    heads: new Set(
      variants.flatMap(({ size, content, words: [first] }) =>
        size ? [...content].flatMap(([stem, place]) => (place ? [] : [stem])) : [first!.stem],
      ),
    ),
    compounds: [
      ...new Set(
        written.flat().flatMap(({ folded }) => (folded.length >= 2 * SHORTEST_PART ? [folded] : [])),
      ),
    ],
  };
}

/** Spellings with two neighbours written as one word, as compounds are as often as not: "car wash" as "carwash". */
function closed(spelling: Token[], pack: LanguagePack): Token[][] {
  if (!pack.supported) return [];
  return spelling
    .slice(1)
    .flatMap((_, i) =>
      isPart(spelling[i]!) && isPart(spelling[i + 1]!)
        ? [[...spelling.slice(0, i), joined(spelling, i, i + 1, pack), ...spelling.slice(i + 2)]]
        : [],
    );
}

const isPart = ({ folded, small }: Token): boolean =>
  !small && folded.length >= SHORTEST_PART && /^\p{L}+$/u.test(folded);

function variantOf(spelling: Token[]): Variant {
  const carrying = new Map(spelling.filter(({ small }) => !small).map((token) => [token.stem, token]));
  const content = new Map([...carrying.keys()].map((stem, place) => [stem, place]));
  const size = content.size;
  // A word alone says nothing of which of two words it is.
  if (size > 1)
    for (const { stem, otherStem } of carrying.values())
      if (otherStem && !content.has(otherStem)) content.set(otherStem, content.get(stem)!);
  return { words: spelling, content, size };
}

function joined(tokens: Token[], from: number, to: number, pack: LanguagePack): Token {
  const folded = tokens
    .slice(from, to + 1)
    .map((t) => t.folded)
    .join("");
  return {
    ...tokens[from]!,
    end: tokens[to]!.end,
    folded,
    stem: pack.stem(folded),
    otherStem: pack.otherStem(folded),
    small: pack.smallWords.has(folded),
    joinsNext: false,
  };
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
  if (!tokens.length || !mayContain(tokens, keyword)) return [];
  const taken = new Uint8Array(tokens.length);
  const matches: { form: Form; from: number; to: number }[] = [];
  const take = (form: Form, from: number, to: number) => {
    taken.fill(1, from, to + 1);
    matches.push({ form, from, to });
  };
  for (const form of ["exact", "inflected"] as const) {
    for (let i = 0; i < tokens.length; i++) {
      for (const variant of keyword.variants) {
        if (form === "inflected" && !variant.size) continue;
        const to = sequenceEnd(tokens, i, variant, form, pack);
        if (to >= 0 && free(taken, i, to)) take(form, i, to);
      }
    }
  }
  for (const variant of keyword.variants) {
    if (variant.size)
      closeMatches(tokens, taken, variant, variant.words.length + values.closeWindow, pack, take);
  }
  if (whole && !matches.length) {
    for (const variant of keyword.variants) {
      const span = variant.size ? scatteredSpan(tokens, variant, pack) : null;
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

/** A cheap look that spares most blocks the search: some variant's first content stem, or first word, is there, or the first part of a compound. */
function mayContain(tokens: Token[], { heads, compounds }: CompiledKeyword): boolean {
  for (const token of tokens) {
    if (token.joinsNext || heads.has(token.stem)) return true;
    if (token.otherStem !== undefined && heads.has(token.otherStem)) return true;
    for (const compound of compounds)
      if (token.folded.length >= SHORTEST_PART && compound.startsWith(token.folded)) return true;
  }
  return false;
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

/** Which word of a variant's content a token is a form of. */
function placeOf({ stem, otherStem }: Token, { content, size }: Variant): number | undefined {
  const place = content.get(stem);
  return place === undefined && otherStem !== undefined && size > 1 ? content.get(otherStem) : place;
}

function free(taken: Uint8Array, from: number, to: number): boolean {
  for (let i = from; i <= to; i++) if (taken[i]) return false;
  return true;
}

/** Where a variant's words stand in sequence from a token on: the index of the last token, or -1. */
function sequenceEnd(
  tokens: Token[],
  from: number,
  variant: Variant,
  form: "exact" | "inflected",
  pack: LanguagePack,
): number {
  const same = (token: Token, word: Variant["words"][number]): boolean => {
    if (form === "exact") return token.folded === word.folded;
    if (token.stem === word.stem) return true;
    if (variant.size < 2) return false;
    const place = placeOf(token, variant);
    return place !== undefined && place === variant.content.get(word.stem);
  };
  const first = tokens[from]!;
  let at = from;
  for (const word of variant.words) {
    const token = tokens[at];
    if (!token || token.sentence !== first.sentence) return -1;
    if (same(token, word)) {
      at++;
      continue;
    }
    // A hyphenated word of the text may also be read joined: "e-mail" as "email".
    let end = at;
    let hit = false;
    // Two words of the text may be the two parts of one of the keyword's: "car wash" for "carwash".
    const next = tokens[at + 1];
    if (next && next.sentence === token.sentence && areParts(token, next, word)) {
      hit = same(joined(tokens, at, at + 1, pack), word);
      if (hit) end = at + 1;
    }
    while (!hit && tokens[end]?.joinsNext && end - at < LONGEST_CHAIN - 1) {
      end++;
      hit = same(joined(tokens, at, end, pack), word);
    }
    if (!hit) return -1;
    at = end + 1;
  }
  return at - 1;
}

/** All places where each content stem may be read, readings of hyphenated words and of parted compounds as one included. */
function* sightings(
  tokens: Token[],
  variant: Variant,
  pack: LanguagePack,
): Generator<{ place: number; from: number; to: number }> {
  for (let i = 0; i < tokens.length; i++) {
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
  tokens: Token[],
  taken: Uint8Array,
  variant: Variant,
  limit: number,
  pack: LanguagePack,
  take: (form: Form, from: number, to: number) => void,
): void {
  let last: ({ from: number; to: number } | undefined)[] = [];
  let sentence = -1;
  for (const sight of sightings(tokens, variant, pack)) {
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
    if (complete && to - from < limit && free(taken, from, to)) {
      take("close", from, to);
      last = [];
    }
  }
}

function scatteredSpan(tokens: Token[], variant: Variant, pack: LanguagePack): [number, number] | null {
  const first: ({ from: number; to: number } | undefined)[] = [];
  for (const sight of sightings(tokens, variant, pack)) first[sight.place] ??= sight;
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
