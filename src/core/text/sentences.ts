import type { LanguagePack } from "./packs/pack";

/** Sentence span in UTF-16 code units: start inclusive, end exclusive, without the blanks between sentences. */
export interface Sentence {
  start: number;
  end: number;
}

/** A terminator with the closing quotes and brackets that belong to it, then a blank or the end. */
const END = /[.!?\u2026\u3002\uFF01\uFF1F]+["'\u2019\u201D\u00BB)\]]*(?=\s|$)|[\u3002\uFF01\uFF1F]/gu;
const LAST_WORD = /([\p{L}\p{M}\p{N}.]+)$/u;
const GOES_ON = /^\s*\p{Ll}/u;

/**
 * Splits a text into sentences: at . ! ? … before a blank, save after known abbreviations, single initials and where
 * the next word begins in lower case.
 *
 * @param from where a sentence begins; what stands before it is left out
 */
export function sentences(text: string, pack: LanguagePack, from = 0): Sentence[] {
  const spans: Sentence[] = [];
  let start = from;
  END.lastIndex = from;
  const close = (end: number) => {
    const lead = text.slice(start, end).search(/\S/);
    if (lead >= 0) spans.push({ start: start + lead, end: start + text.slice(start, end).trimEnd().length });
    start = end;
  };
  for (let m = END.exec(text); m; m = END.exec(text)) {
    const end = m.index + m[0].length;
    if (m[0].startsWith(".")) {
      const before = LAST_WORD.exec(text.slice(Math.max(start, m.index - 24), m.index))?.[1] ?? "";
      if (pack.abbreviations.has(before.toLowerCase()) || /^\p{Lu}$/u.test(before)) continue;
    }
    if (GOES_ON.test(text.slice(end, end + 8))) continue;
    close(end);
  }
  close(text.length);
  return spans;
}
