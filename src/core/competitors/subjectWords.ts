/**
 * Which subjects a word names. Headings say one thing in several words: "Netzwerkkonfiguration" and "Das Netzwerk konfigurieren", "boot
 * loader" and "bootloader". Words that are derived from one another name one subject, and a compound names those of its parts, where the
 * parts are known as words of their own: no dictionary is needed, only the other texts.
 */
import { perText } from "../once";
import type { Token } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";

/** Stems of the subjects that a word names: one, or those of a compound's parts. */
export type SubjectsOf = (token: Pick<Token, "folded" | "stem">) => readonly string[];

/** Letters that each part of a compound has. */
const PART = 4;
/** What stands between parts: "Installation-s-programm", "Daten-bank". */
const LINKS = ["", "s", "n", "en", "es", "er"];
/** Pages that use a part as a word of its own. */
const LEAST_PAGES = 2;
/** Letters that a form of a word has after its stem. */
const ENDING = 5;

/** The stem that stands for all words derived from one: "konfigurieren", "Konfiguration"; an everyday subject has a stem of its own. */
export const subjectOf = (stem: string, { subjects, derived }: LanguagePack): string =>
  subjects.get(stem) ?? derived?.(stem) ?? stem;

/** Without any texts to know parts of compounds by. */
export const subjectsAlone =
  (pack: LanguagePack): SubjectsOf =>
  ({ stem }) => [subjectOf(stem, pack)];

/**
 * By the words of several pages. Where the language joins words freely, parts are words that two pages use; elsewhere two words that a
 * heading has side by side.
 *
 * @param pages what each page says
 * @param headings of all pages
 */
export function subjectsByPages(
  pages: readonly (readonly { tokens: readonly Token[] }[])[],
  headings: readonly { tokens: readonly Token[] }[],
  pack: LanguagePack,
): SubjectsOf {
  const partsOf = pack.usage?.compounds ? partsByWords(pages, pack) : partsByPairs(headings, pack);
  return byWord(partsOf, pack);
}

/** By sets of subjects: a compound of two in one set names both. */
export function subjectsBySets(sets: readonly Iterable<string>[], pack: LanguagePack): SubjectsOf {
  const beside = new Map<string, Set<string>>();
  for (const set of sets) {
    const all = [...set].filter(({ length }) => length >= PART);
    for (const first of all) {
      const others = beside.get(first) ?? new Set();
      beside.set(first, others);
      for (const second of all) if (second !== first) others.add(second);
    }
  }
  const partsOf = (folded: string): string[] | undefined => {
    for (let at = PART; at <= folded.length - PART; at++) {
      const first = folded.slice(0, at);
      for (const second of beside.get(first) ?? [])
        for (let link = 0; link <= ENDING && at + link <= folded.length - PART; link++)
          if (folded.startsWith(second, at + link) && folded.length - at - link - second.length <= ENDING)
            return [first, second];
    }
    return undefined;
  };
  return byWord(partsOf, pack);
}

/** Words repeat endlessly: what each names is worked out once. */
const MOST_REMEMBERED = 20_000;

function byWord(partsOf: (folded: string) => string[] | undefined, pack: LanguagePack): SubjectsOf {
  const read = perText(
    (folded): readonly string[] => partsOf(folded) ?? [subjectOf(pack.stem(folded), pack)],
    MOST_REMEMBERED,
  );
  return ({ folded }) => read(folded);
}

function partsByWords(pages: readonly (readonly { tokens: readonly Token[] }[])[], pack: LanguagePack) {
  const words = new Map<string, { stem: string; pages: number; last: number }>();
  pages.forEach((texts, page) => {
    for (const { tokens } of texts)
      for (const { folded, stem, small } of tokens) {
        if (small || folded.length < PART) continue;
        const word = words.get(folded);
        if (!word) words.set(folded, { stem, pages: 1, last: page });
        else if (word.last !== page) {
          word.pages++;
          word.last = page;
        }
      }
  });
  const asWord = (part: string): string | undefined => {
    const word = words.get(part);
    return word && word.pages >= LEAST_PAGES ? subjectOf(word.stem, pack) : undefined;
  };
  return (folded: string): string[] | undefined => {
    for (let at = PART; at <= folded.length - PART; at++) {
      const second = asWord(folded.slice(at));
      if (!second) continue;
      for (const link of LINKS) {
        const whole = folded.slice(0, at);
        const first = whole.endsWith(link) ? asWord(whole.slice(0, at - link.length)) : undefined;
        if (first) return [first, second];
      }
    }
    return undefined;
  };
}

function partsByPairs(headings: readonly { tokens: readonly Token[] }[], pack: LanguagePack) {
  const pairs = new Map<string, string[]>();
  for (const { tokens } of headings)
    tokens.forEach((first, i) => {
      const second = tokens[i + 1];
      if (!second || first.small || second.small || first.sentence !== second.sentence) return;
      pairs.set(
        first.folded + second.folded,
        [first, second].map(({ stem }) => subjectOf(stem, pack)),
      );
    });
  return (folded: string): string[] | undefined => pairs.get(folded);
}
