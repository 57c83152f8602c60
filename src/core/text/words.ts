/**
 * Words as Unicode's word rules cut them (UAX 29, section 4), found by one regular expression for scripts that put
 * spaces between words and by Intl.Segmenter for those that do not. words.test.ts proves the two equal on a corpus.
 */

import { once } from "../once";

/** One word and where it stands, in UTF-16 code units of the text it came from. */
export interface Word {
  text: string;
  start: number;
  end: number;
}

// The classes of UAX 29 table 3, as far as word-like segments need them.
/** Vowel signs are alphabetic too, but ride on a letter like any mark. A cedilla by itself is named in the table. */
const LETTER = "[[\\p{Alphabetic}\\u00B8]--\\p{M}]";
const DIGIT = "\\p{Nd}";
/** Extend, Format and ZWJ: rule WB4 lets them ride on the character before them. */
const RIDER = "[\\p{M}\\p{Emoji_Modifier}\\u200C\\u200D\\u00AD\\u2060-\\u2064\\u200E\\u200F\\u202A-\\u202E]*";
const MID_LETTER =
  "[:\\uFE13\\uFE55\\uFF1A.'\\u2018\\u2019\\u2024\\uFE52\\uFF07\\uFF0E\\u00B7\\u0387\\u055F\\u05F4\\u2027]";
const MID_DIGIT =
  "[.'\\u2018\\u2019\\u2024\\uFE52\\uFF07\\uFF0E,;\\u037E\\u0589\\u060C\\u060D\\u066C\\u07F8\\u2044\\uFE10\\uFE14\\uFE50\\uFE54\\uFF0C\\uFF1B]";
const JOINER = "[\\p{Pc}\\u202F]";

const SPACED = new RegExp(
  `(?:${LETTER}${RIDER}(?:${MID_LETTER}${RIDER}(?=${LETTER}))?|${DIGIT}${RIDER}(?:${MID_DIGIT}${RIDER}(?=${DIGIT}))?|${JOINER}${RIDER})+`,
  "gv",
);
const WORD_LIKE = new RegExp(`[${LETTER}\\p{N}]`, "v");

/**
 * The same for what western languages are written with, a few hundred characters: engines forget a compiled expression that
 * rested for some seconds, and the whole of Unicode takes a screen's frame to compile again.
 */
const WESTERN = /^[\0-\u024F\u2010-\u2027\u2030-\u203E\u20A0-\u20BF]*$/;
const W_LETTER = "A-Za-z\u00AA\u00B5\u00B8\u00BA\u00C0-\u00D6\u00D8-\u00F6\u00F8-\u024F";
const W_SPACED = new RegExp(
  `(?:[${W_LETTER}]\u00AD*(?:[:.'\u2018\u2019\u2024\u00B7\u2027]\u00AD*(?=[${W_LETTER}]))?|[0-9]\u00AD*(?:[.'\u2018\u2019\u2024,;]\u00AD*(?=[0-9]))?|_\u00AD*)+`,
  "g",
);
const W_WORD_LIKE = new RegExp(`[${W_LETTER}0-9]`);

/** Scripts written without spaces, where only a dictionary or per-character rules find the words. */
const UNSPACED =
  /[\p{Ideographic}\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]/u;

const segmenter = once(() => new Intl.Segmenter("en", { granularity: "word" }));

/** Is a text in western writing alone, where a blank always parts words? */
export const isWestern = (text: string): boolean => WESTERN.test(text);

/**
 * The word-like segments of a text, in order.
 *
 * @param text any string; never throws, lone surrogates and control characters included
 * @returns words with their spans; numbers and one-letter words count, punctuation and emoji do not
 */
export function words(text: string): Word[] {
  if (text.length <= MOST_AT_ONCE) return wordsOf(text);
  const result: Word[] = [];
  for (let from = 0; from < text.length; ) {
    const to = pieceEnd(text, from);
    for (const word of wordsOf(text.slice(from, to)))
      result.push({ text: word.text, start: word.start + from, end: word.end + from });
    from = to;
  }
  return result;
}

/** The engine of regular expressions runs out of stack over a word of millions of letters. */
export const MOST_AT_ONCE = 100_000;

/** Where a piece ends that begins at a place: behind its last blank; in a word only where that is longer than a piece. */
function pieceEnd(text: string, from: number): number {
  const most = Math.min(text.length, from + MOST_AT_ONCE);
  if (most === text.length) return most;
  for (let at = most; at > from; at--) if (/\s/.test(text[at - 1]!)) return at;
  return most;
}

function wordsOf(text: string): Word[] {
  if (isWestern(text)) return matchedWords(text, W_SPACED, W_WORD_LIKE);
  return UNSPACED.test(text) ? segmentedWords(text) : matchedWords(text, SPACED, WORD_LIKE);
}

function matchedWords(text: string, spaced: RegExp, wordLike: RegExp): Word[] {
  const words: Word[] = [];
  spaced.lastIndex = 0;
  for (let m = spaced.exec(text); m; m = spaced.exec(text)) {
    const text = m[0];
    // Nearly every word begins with a letter from A to z: that it is one need not be asked.
    if (beginsPlainly(text) || wordLike.test(text))
      words.push({ text, start: m.index, end: m.index + text.length });
  }
  return words;
}

function beginsPlainly(word: string): boolean {
  const code = word.charCodeAt(0) | 0x20;
  return code >= 0x61 && code <= 0x7a;
}

/** The same by Intl.Segmenter, for unspaced scripts and as the yardstick of the tests. */
export function segmentedWords(text: string): Word[] {
  const words: Word[] = [];
  for (const part of segmenter().segment(text)) {
    if (part.isWordLike) {
      words.push({ text: part.segment, start: part.index, end: part.index + part.segment.length });
    }
  }
  return words;
}

/** How many words a text has. */
export function countWords(text: string): number {
  return words(text).length;
}
