/**
 * How many plurals the packs read as their singular, by words that others listed: the 20,000 commonest of an encyclopaedia, without names. A pair
 * is a word and what its plural would be by the language's general rule, where the list has both. Some pairs are two words by chance ("par", "pars"), so that not
 * even a specialist would read all.
 */
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fold } from "../src/core/text/fold";
import { languagePack } from "../src/core/text/language";

/** A language's list, and the plurals that a word may have by rule, folded. */
interface PluralRule {
  language: string;
  list: string;
  firstNames: readonly string[];
  pluralsOf(word: string): string[];
}

export interface PluralFigure {
  language: string;
  pairs: number;
  /** Share of the pairs that are read as one word beside other words of a keyword. */
  read: number;
  /** "word/plural" of those that are not. */
  apart: string[];
}

const MOST = 20_000;
const SHORTEST = 3;

/** What a word becomes where it ends so: pairs of an ending and the plural's. */
const byEndings =
  (endings: string) =>
  (word: string): string[] =>
    endings.split(" ").flatMap((pair) => {
      const [from, to] = pair.split(">") as [string, string];
      return word.endsWith(from) ? [word.slice(0, word.length - from.length) + to] : [];
    });

const RULES: readonly PluralRule[] = [
  {
    language: "fr",
    list: "fr",
    firstNames: ["firstnames"],
    pluralsOf: (word) => byEndings("al>aux eau>eaux")(word).concat(/[sxz]$/.test(word) ? [] : `${word}s`),
  },
  {
    language: "es",
    list: "es-es",
    firstNames: ["firstnames"],
    pluralsOf: (word) =>
      /[aeiou]$/.test(word) ? [`${word}s`] : byEndings("z>ces n>nes r>res l>les d>des s>ses")(word),
  },
  {
    language: "pt",
    list: "pt-br",
    firstNames: ["firstnames"],
    pluralsOf: (word) =>
      /[aeiou]$/.test(word) ? [`${word}s`] : byEndings("m>ns r>res z>zes al>ais el>eis ol>ois ul>uis")(word),
  },
  { language: "it", list: "it", firstNames: ["firstnames"], pluralsOf: byEndings("o>i a>e ca>che ga>ghe") },
  {
    language: "nl",
    list: "nl-be",
    firstNames: ["boysFirstnames", "girlsFirstnames"],
    pluralsOf: (word) => (/(?:e[lmnr]?|ie|aar|eur|oor)$/.test(word) ? [`${word}s`] : []),
  },
  {
    language: "de",
    list: "de",
    firstNames: ["firstnames"],
    pluralsOf: byEndings(
      "ung>ungen heit>heiten keit>keiten ion>ionen schaft>schaften e>en o>os p>ps ment>mente",
    ),
  },
];

const { resolve } = createRequire(import.meta.url);

function figureOf({ language, list, firstNames, pluralsOf }: PluralRule): PluralFigure {
  const folder = join(dirname(resolve(`@zxcvbn-ts/language-${list}/package.json`)), "src");
  const read = (file: string): string[] => JSON.parse(readFileSync(join(folder, `${file}.json`), "utf8"));
  const names = new Set([...firstNames, "lastnames"].flatMap(read));
  const { stem, otherStem, smallWords } = languagePack(language);
  const words = read("wikipedia")
    .slice(0, MOST)
    .filter((word) => !names.has(word))
    .map(fold)
    .filter((word) => word.length >= SHORTEST && /^[a-z]+$/.test(word) && !smallWords.has(word));
  const all = new Set(words);
  const pairs = [...all].flatMap((word) =>
    pluralsOf(word)
      .filter((plural) => all.has(plural))
      .map((plural): [string, string] => [word, plural]),
  );
  const isRead = ([word, plural]: [string, string]) =>
    [stem(plural), otherStem(plural)].includes(stem(word)) || otherStem(word) === stem(plural);
  const apart = pairs.filter((pair) => !isRead(pair));
  return {
    language,
    pairs: pairs.length,
    read: 1 - apart.length / pairs.length,
    apart: apart.map((pair) => pair.join("/")),
  };
}

export const evaluatePlurals = (): PluralFigure[] => RULES.map(figureOf);
