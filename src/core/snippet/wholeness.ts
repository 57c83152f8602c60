/** Whether a title or description stands by itself: what a person would sign, and where a text may be cut to stay so. */
import { fold } from "../text/fold";
import type { LanguagePack } from "../text/packs/pack";
import { sentences } from "../text/sentences";
import { words } from "../text/words";

const PAIRS: ReadonlyMap<string, string> = new Map([
  ["(", ")"],
  ["[", "]"],
  ["{", "}"],
  ["“", "”"],
  ["«", "»"],
  ["‹", "›"],
  ["「", "」"],
  ["『", "』"],
]);
const CLOSING = new Set(PAIRS.values());
/** A low quotation mark is closed by what opens elsewhere: „so“. */
const LOW_QUOTES: ReadonlySet<string> = new Set(["“", "”"]);

/**
 * How deep each place of a text stands in brackets and quotations.
 *
 * @returns a depth for each UTF-16 code unit, of the place before it; `open` is how many are left open at the end or were closed
 *   without having been opened
 */
export function depths(text: string): { before: number[]; open: number } {
  const awaited: ReadonlySet<string>[] = [];
  const before: number[] = [];
  let strays = 0;
  for (const char of text) {
    for (let unit = 0; unit < char.length; unit++) before.push(awaited.length);
    if (awaited.at(-1)?.has(char)) awaited.pop();
    else if (char === "„") awaited.push(LOW_QUOTES);
    else if (char === '"') awaited.push(new Set(['"']));
    else if (PAIRS.has(char)) awaited.push(new Set([PAIRS.get(char)!]));
    else if (CLOSING.has(char)) strays++;
  }
  return { before, open: awaited.length + strays };
}

export const isBalanced = (text: string): boolean => depths(text).open === 0;

/** A border strong enough to end a title at: a dash or bar between blanks, a colon, a semicolon. */
const STRONG = /\s+[-–—|·•]\s+|\s*—\s*|[:;]\s+/gu;
/** A clause that was added behind a comma. */
const ADDED = /,\s+(?=(\p{L}+))/gu;
const LEAST_BEFORE_COMMA = 4;

/** A part of a title that may stand for the whole. */
export interface TitlePart {
  text: string;
  /** Where it stood. */
  part: "whole" | "beginning" | "end";
}

/**
 * What a title may be cut to: all of it without what is in brackets, its beginning up to a border between clauses, and
 * what follows a colon. Never inside a bracket, a quotation or a clause.
 *
 * @returns the parts, longest beginnings first; nothing where brackets or quotations are left open
 */
export function titleParts(title: string, pack: LanguagePack): TitlePart[] {
  const text = title.replace(/\s+/g, " ").trim();
  if (!isBalanced(text)) return [];
  const bare = withoutBrackets(text);
  const wholes = bare && bare !== text ? [text, bare] : [text];
  return wholes.flatMap((whole, i): TitlePart[] => {
    const { starts, ends } = borders(whole, pack);
    return [
      ...(i ? [{ text: whole, part: "whole" as const }] : []),
      ...ends.map((end) => ({ text: tidyEnd(whole.slice(0, end)), part: "beginning" as const })),
      ...starts.map((start) => ({ text: whole.slice(start), part: "end" as const })),
    ];
  });
}

function withoutBrackets(text: string): string {
  return text
    .replace(/\s*(?:\([^()]*\)|\[[^[\]]*\])/gu, "")
    .replace(/\s+([,;:.!?])/gu, "$1")
    .trim();
}

/** Places where a beginning may end, the last first, and where a part may begin. */
function borders(text: string, pack: LanguagePack): { ends: number[]; starts: number[] } {
  const { before } = depths(text);
  const ends: number[] = [];
  const starts: number[] = [];
  for (const match of text.matchAll(STRONG)) {
    if (before[match.index] !== 0) continue;
    ends.push(match.index);
    if (match[0].startsWith(":")) starts.push(match.index + match[0].length);
  }
  const parts = sentences(text, pack);
  for (const [i, { end }] of parts.entries()) {
    if (i === parts.length - 1 || before[end] !== 0) continue;
    ends.push(end);
  }
  // "red, green and blue" is one thing; "how to water it, and when to stop" is two.
  const commas = [...text.matchAll(ADDED)];
  if (commas.length === 1) {
    const [{ index, 1: next }] = commas as [RegExpExecArray];
    if (
      before[index] === 0 &&
      pack.smallWords.has(fold(next!)) &&
      words(text.slice(0, index)).length >= LEAST_BEFORE_COMMA
    )
      ends.push(index);
  }
  return { ends: ends.sort((a, b) => b - a), starts };
}

const tidyEnd = (text: string): string => text.replace(/[\s,;:–—|·•-]+$/u, "").replace(/([^.])\.$/u, "$1");

/** Scripts that put no blanks between words. */
const UNSPACED = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}]/u;
const LEAST_WORDS = 3;
const LEAST_CONTENT = 2;

/**
 * What keeps a text from being a title that a person would sign.
 *
 * @returns reasons that follow "it", as "ends on a small word"; none where it is whole
 */
export function titleFlaws(text: string, pack: LanguagePack): string[] {
  const cut = words(text).map((word) => fold(word.text));
  const content = cut.filter((word) => !pack.smallWords.has(word));
  const stems = content.map((word) => pack.stem(word));
  return [
    !isBalanced(text) && "leaves a bracket or quotation open",
    (cut.length < LEAST_WORDS ||
      // Words that hyphens join are one name: "call-bind-apply".
      (!UNSPACED.test(text) && text.trim().split(/\s+/).length < LEAST_WORDS) ||
      content.length < Math.min(LEAST_CONTENT, cut.length)) &&
      "says too little",
    endsOpen(text, pack) && "ends in the middle of something",
    leans(text, pack) && "begins in the middle of something",
    /^\p{Ll}/u.test(text) && "begins with a small letter",
    stems.some((stem, i) => stem === stems[i + 1]) && "says a word twice in a row",
    /:.*:/u.test(text) && "has two colons",
    /https?:|www\.|[<>{}`\\=]/iu.test(text) && "holds code or an address",
  ].filter((flaw) => flaw !== false);
}

const DESCRIPTION_WORDS = 6;

/** The same of a description: whole sentences that lean on nothing before them. */
export function descriptionFlaws(text: string, pack: LanguagePack): string[] {
  return [
    !isBalanced(text) && "leaves a bracket or quotation open",
    words(text).length < DESCRIPTION_WORDS && "says too little",
    !/[.!?…。！？]["'”’»)\]]*$/u.test(text) && "does not end a sentence",
    /(?:\.\.\.|…)$/u.test(text) && "ends in the middle of something",
    /^[^\p{L}\p{N}"“„«‹(¿¡「『]/u.test(text) && "begins with a sign",
    /^\p{Ll}/u.test(text) && "begins with a small letter",
    leans(text, pack) && "begins in the middle of something",
    /https?:|www\.|[<>{}`\\=]|\w\(\)|\[\w/iu.test(text) && "holds code or an address",
    pack.pointing.test(fold(text)) && "points to another place of the page",
  ].filter((flaw) => flaw !== false);
}

/** "What it costs to" promises more than it says. */
function endsOpen(text: string, pack: LanguagePack): boolean {
  if (/[,;:–—([{&/+-]\s*$/u.test(text)) return true;
  const last = words(text).at(-1);
  return last === undefined || pack.smallWords.has(fold(last.text));
}

/** A word set off by commas: ", however,", ", too." */
const SET_OFF = /,\s+(\p{L}+)(?=[,.!?])/gu;

/** Does its first sentence need something before it: "But it", "These", "It pays, though, to wait"? */
function leans(text: string, pack: LanguagePack): boolean {
  const [first] = words(text);
  if (first && pack.leans(first.text)) return true;
  const [opening] = sentences(text, pack);
  return [...text.slice(0, opening?.end).matchAll(SET_OFF)].some(
    ([, word]) => pack.smallWords.has(fold(word!)) || pack.leans(word!),
  );
}
