import { GERMAN } from "./adversarial/de";
import { ENGLISH } from "./adversarial/en";
import { SPANISH } from "./adversarial/es";
import { FRENCH } from "./adversarial/fr";
import { ITALIAN } from "./adversarial/it";
import { DUTCH } from "./adversarial/nl";
import { PORTUGUESE } from "./adversarial/pt";
import { type MatchingRow, rowsOf } from "./rows";

/** Pairs that are easily got wrong: those that rules may be made by, and those that only measure them. */
export interface Halves {
  open: MatchingRow[];
  heldOut: MatchingRow[];
}

/** 400 pairs in English, 100 in each other language. */
export const adversarialPairs: Readonly<Record<string, Halves>> = Object.fromEntries(
  Object.entries({
    en: ENGLISH,
    de: GERMAN,
    fr: FRENCH,
    es: SPANISH,
    nl: DUTCH,
    it: ITALIAN,
    pt: PORTUGUESE,
  }).map(([language, text]) => [language, halves(rowsOf(text))]),
);

/** By keywords, turn and turn about: a rule made for one would fit all of its sentences. */
function halves(rows: readonly MatchingRow[]): Halves {
  const keywords = [...new Set(rows.map(({ keyword }) => keyword))];
  const isOpen = ({ keyword }: MatchingRow) => keywords.indexOf(keyword) % 2 === 0;
  return { open: rows.filter(isOpen), heldOut: rows.filter((row) => !isOpen(row)) };
}
