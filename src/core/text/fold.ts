/**
 * Folding: the equalities that a reader does not see. Lower case, no diacritics, plain apostrophes and hyphens.
 */

const MARKS = /\p{M}+/gu;
const APOSTROPHES = /[\u2018\u2019\u201B\u02BC\uFF07\u0060\u00B4]/g;
const QUOTES = /[\u201C\u201D\u201E\u201F\u00AB\u00BB]/g;
const HYPHENS = /[\u2010\u2011\u2012\u00AD\u2212]/g;
const PLAIN = /^[\x20-\x7e]*$/;
const FOLDED = /^[a-z0-9]+(?: [a-z0-9]+)*$/;

/** Letters that decompose to nothing plainer under NFD, though readers type them plainly. */
const LETTERS: Record<string, string> = {
  ø: "o",
  đ: "d",
  ł: "l",
  ß: "ss",
  æ: "ae",
  œ: "oe",
  ı: "i",
  þ: "th",
  ð: "d",
};
const SPECIAL = /[øđłßæœıþð]/g;

/** Whether a text is folded already and cut by its blanks: as most keywords are. */
export const isFolded = (text: string): boolean => FOLDED.test(text);

/**
 * Folds a text for comparison.
 *
 * @returns lower case without diacritics; typographic quotes, hyphens and apostrophes made plain. Not of the same length as the input.
 */
export function fold(text: string): string {
  if (PLAIN.test(text)) return text.toLowerCase();
  return text
    .toLowerCase()
    .normalize("NFD")
    .replace(MARKS, "")
    .replace(SPECIAL, (c) => LETTERS[c] ?? c)
    .replace(APOSTROPHES, "'")
    .replace(QUOTES, '"')
    .replace(HYPHENS, "-")
    .normalize("NFC");
}

/** "Folded" in the scoring rules' sense: lower case, no diacritics, no punctuation, single spaces. */
export function foldPlain(text: string): string {
  if (isFolded(text)) return text;
  return fold(text)
    .replace(/['"]/g, "")
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}
