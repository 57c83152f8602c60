import { fold } from "../fold";

/** A set of words from a text, folded. */
export const list = (words: string): ReadonlySet<string> => new Set(fold(words).split(/\s+/).filter(Boolean));
/** The same unfolded: for what accents tell apart. */
export const accented = (words: string): ReadonlySet<string> =>
  new Set(words.normalize("NFC").split(/\s+/).filter(Boolean));
/** Phrases with "|" between them, folded and without quotes. */
export const phrases = (text: string): string[] =>
  fold(text)
    .replace(/['"]/g, "")
    .split("|")
    .map((phrase) => phrase.trim());
