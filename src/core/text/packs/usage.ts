import { list } from "./lists";
import { setPhrases } from "./setPhrases/setPhrases";

/** What a language's words say of the words beside them. All words are folded. */
export interface Usage {
  /** The word that the others say more of comes first, as in "livre de cuisine", not last, as in "cookery book". */
  headFirst: boolean;
  /** What stands right before a verb: "I", "who". */
  pronouns: ReadonlySet<string>;
  /** What makes one word with the noun before it: "free" in "gluten free bread". Empty where nobody has said. */
  clinging: ReadonlySet<string>;
  /** What says that something is done to oneself, or by anybody: "se" of "la pared se pinta". Empty where a language has no need. */
  reflexives: ReadonlySet<string>;
  /** What stands right before a verb in its plain form: "can", "to". */
  auxiliaries: ReadonlySet<string>;
  /** What stands before a noun: "the", "your". */
  determiners: ReadonlySet<string>;
  /** What stands before nouns in the plural, and never before what is done: "die" in "die Pflanzen". Empty where nobody has said. */
  beforePlurals: ReadonlySet<string>;
  /** What, before a form in "-ing" or a participle, makes one verb with it; and what may be "which" as well as "this one". Empty where a language has no need. */
  being: ReadonlySet<string>;
  relatives: ReadonlySet<string>;
  /** What stands for a person or thing named elsewhere: "it", "your". */
  persons: ReadonlySet<string>;
  /** How a heading begins that says when, and not of what: "after the ride". */
  timing: ReadonlySet<string>;
  /** Small words that make another word of the one before them: "up" of "set up". */
  particles: ReadonlySet<string>;
  /** Those that make another deed of it: "away" in "the tide washed the car away". Empty where nobody has said. */
  undoing: ReadonlySet<string>;
  /** Those that do so before what is done as well: "set up a blog". */
  verbParticles: ReadonlySet<string>;
  /** What stands before a noun, or a form in "-ing": "of". Empty where nobody has said. */
  prepositions: ReadonlySet<string>;
  /** What joins a thing to what it is for: "that" in "companies that move pianos". Empty where nobody has said. */
  joining: ReadonlySet<string>;
  /** What may stand before the one noun where it says more of the other: "in" of "a bench in the park". Empty where nobody has said. */
  linking: ReadonlySet<string>;
  /** What stands before a noun to which a verb does nothing: "on" of "she wrote on the bill". Empty where nobody has said. */
  governing: ReadonlySet<string>;
  /** What stands between the parts of a compound that is said in several words: "für", "des". Empty where nouns do not grow together. */
  apart: ReadonlySet<string>;
  /** What stands before one thing, and never before several: "every". Empty where nobody has said. */
  singling: ReadonlySet<string>;
  /** What stands before what is to be done to the noun before it: "à" in "voitures à louer". Empty where nobody has said. */
  toBeDone: ReadonlySet<string>;
  /** What begins a clause that says how or why, where it stands among the determiners as well. Empty where nobody has said. */
  manner: ReadonlySet<string>;
  /** What asks for one of several: "which", "how much". Empty where nobody has said. */
  which: ReadonlySet<string>;
  /** Parts of a place that say where in it: "at the bottom of". Empty where nobody has said. */
  parts: ReadonlySet<string>;
  /** Who has something done: "have your car washed". Empty where nobody has said. */
  causing: ReadonlySet<string>;
  /** What says that something is so much of it that more can be said: "enough" in "light enough to carry". Empty where it stands before. */
  enough: ReadonlySet<string>;
  /** How much of it something is: "so" in "so clean". Empty where nobody has said. */
  degrees: ReadonlySet<string>;
  /** How much of a thing: "more". Empty where nobody has said. */
  quantities: ReadonlySet<string>;
  /** What holds so much of another thing: "fles" in "een fles wijn". Empty where "of" joins the two, and where nobody has said. */
  measures: ReadonlySet<string>;
  /** What teaches what a verb behind it says: "cursus koken". Empty where nobody has said. */
  lessons: ReadonlySet<string>;
  /** What stands with nouns that are neuter alone: "het", "dat". Empty where nobody has said. */
  neuter: ReadonlySet<string>;
  /** What is a preposition by itself, and with "to" behind it says what for: "um den Ofen zu reinigen". Empty where nobody has said. */
  inOrder: ReadonlySet<string>;
  /** The two words that name an example: "such as". Empty where nobody has said. */
  example: ReadonlySet<string>;
  /** What says that more of the same sort was named before: "other" in "palms and other trees". Empty where nobody has said. */
  others: ReadonlySet<string>;
  /** What says for whom a thing is: "for". Empty where nobody has said. */
  purpose: ReadonlySet<string>;
  /** What says that one thing is the other: "is". Empty where nobody has said. */
  copulas: ReadonlySet<string>;
  /** What a thing has, and what is done with it: "with", "do". Empty where nobody has said. */
  having: ReadonlySet<string>;
  /** What begins a clause that says of which sort a thing is, beside pronouns: "when" in "the date when it closes". Empty where nobody has said. */
  asking: ReadonlySet<string>;
  /** What joins what is done to what it is done to: "of" in "the hire of a van". Empty where nobody has said. */
  of: ReadonlySet<string>;
  /** What is done with a thing, and says as well of which sort that is: "alquiler de coches", "coches de alquiler". Empty where nobody has said. */
  eitherWay: ReadonlySet<string>;
  /** When something is: "summer" in "book fairs this summer". Empty where nobody has said. */
  times: ReadonlySet<string>;
  /** What says that a thing has none of another: "sans" in "pain sans gluten". Empty where nobody has said. */
  without: ReadonlySet<string>;
  /** Nouns that say as well how something is: "seguro". Empty where nobody has said. */
  adjectivesToo: ReadonlySet<string>;
  /** What says that something has another: "hat". Empty where a language has no need. */
  owning: ReadonlySet<string>;
  /** What says that something is not so: "not". Empty where a language has no need. */
  negating: ReadonlySet<string>;
  /** What may follow a noun and is none itself, though its like often are: "well", "full". Empty where nobody has said. */
  trailing: ReadonlySet<string>;
  /** What may end a clause behind a noun and says when, where or how: "online". Empty where nobody has said. */
  adverbs: ReadonlySet<string>;
  /** First names that are words as well: "Bill". Empty where nobody has said. */
  firstNames: ReadonlySet<string>;
  /** Of whom a story tells: "she hit the book with a club". Empty where nobody has said. */
  tellers: ReadonlySet<string>;
  /** What, before a time, says when: "that" in "that spring". Empty where nobody has said. */
  dating: ReadonlySet<string>;
  /** Where something is: "in", "behind". Empty where nobody has said. */
  places: ReadonlySet<string>;
  /** What stands before the name of a town: "in", "à". Empty where nobody has said. */
  towns: ReadonlySet<string>;
  /** Those of them that say as well what it is about: "on" in "spending on ads". Empty where nobody has said. */
  about: ReadonlySet<string>;
  /** What begins another clause: "while". Empty where nobody has said. */
  clauses: ReadonlySet<string>;
  /** What follows somebody being told to do something: "now" in "book now". */
  afterOrders: ReadonlySet<string>;
  /** What joins two things: "and". */
  conjunctions: ReadonlySet<string>;
  /** Auxiliaries that are nouns as well: "will", "can". */
  modals: ReadonlySet<string>;
  /** Words that may stand between a word and what tells its use: "often". */
  adverb?: RegExp;
  /** Forms that make one verb with those of `being`, and those of them that are nouns as well. */
  participle?: RegExp;
  gerund?: RegExp;
  /** How verbs end as people look for them: "fiets kopen", "lavar la ropa". Tested against the first or the last word, where verbs stand. */
  infinitive?: RegExp;
  /** Nouns that end so as well: "panier". Empty where nobody has said. */
  likeInfinitives: ReadonlySet<string>;
  /** Nouns that end so in the plural, where the verb stands last in a keyword: "schoenen". Empty where nobody has said. */
  pluralsLikeInfinitives: ReadonlySet<string>;
  /** Forms that only a verb has: by their endings, and those that are irregular. */
  verbal?: RegExp;
  pasts: ReadonlySet<string>;
  /** Forms that are the verb of a sentence wherever they stand. Empty where nobody has said. */
  finite: ReadonlySet<string>;
  /** Those of the irregular forms that are no participles: "came". */
  simplePasts: ReadonlySet<string>;
  /** Past forms of verbs that do nothing to anything: "arrived". Empty where nobody has said. */
  intransitives: ReadonlySet<string>;
  /** Forms that are the verb of a sentence by their endings, as they are written: "recetó". */
  finiteForm?: RegExp;
  /** Forms that do not stand behind an auxiliary. */
  inflected?: RegExp;
  /** An article that is one word with its noun, tested against the folded word: "l'auto". Absent where none is. */
  clungArticle?: RegExp;
  /** Forms, as they are written, that say what was done to the noun before them: "vendida" in "casa vendida". Absent where nobody has said. */
  done?: RegExp;
  /** Pairs of endings by which an adjective tells that its noun is of the one gender or of the other: "rosso", "rossa". Absent where none does. */
  genders?: readonly (readonly [string, string])[];
  /** An accent at the end that makes another word of it: "marché", "marche". Absent where nobody has said. */
  accentTells?: RegExp;
  /** What is one thing in these words alone: "rule of thumb". Absent where nobody has said. */
  oneThing?: RegExp;
  /** How words end that are verbs and nothing else: "categorise". Absent where nobody has said. */
  verbEnding?: RegExp;
  /** Openings of a keyword that asks how something is done, tested against the folded keyword. */
  doing: RegExp;
  /** Nouns that say what is done: "painting", "generation". */
  action: RegExp;
  /** Those of them that end a compound and say what its beginning is done to: "Gartenpflege". */
  deed?: RegExp;
  /** Words that stand for nothing in these phrases: "account" in "on account of". By each of their words: the phrase, and its place in it. */
  idle: ReadonlyMap<string, readonly { phrase: readonly string[]; at: number }[]>;
  /** Plurals that are another word as often: "glasses". */
  otherPlurals: ReadonlySet<string>;
  /** Words that are nearly always verbs, or mostly nouns; empty where nobody has said. */
  verbs: ReadonlySet<string>;
  /** Plain forms that are participles as well: "cut". Empty where nobody has said. */
  likePasts: ReadonlySet<string>;
  /** What says of which sort a noun is, more often than it is used otherwise: "important". Empty where nobody has said. */
  adjectives: ReadonlySet<string>;
  nouns: ReadonlySet<string>;
  /** Words that are verbs as often as anything else, or nearly: "reset", "book". Empty where nobody has said. */
  verbsToo: ReadonlySet<string>;
  /** By a noun that is a verb as well, the nouns before it with which it names a thing: "bus" by "stop". */
  thingsOfTwo: ReadonlyMap<string, ReadonlySet<string>>;
  /** By an adjective, nouns with which it names a thing of another sort: "dog" by "hot". */
  thingsCalled: ReadonlyMap<string, ReadonlySet<string>>;
  /** By such a word, nouns with which it names a thing: "fund" by "trust". */
  names: ReadonlyMap<string, ReadonlySet<string>>;
  /** Those of the verbs that are nouns as well: "call" in "call centre". */
  nounsToo: ReadonlySet<string>;
  /** Nouns of things whose verbs say something else: "chain", "coat". Empty where nobody has said. */
  things: ReadonlySet<string>;
  /** How those end. */
  doer?: RegExp;
  /** Who or what does something, and the verb of that: "planner", "plan". Empty where nobody has said. */
  doers: ReadonlyMap<string, string>;
  /** Weights by which a word is told to be a verb from what stands around it; see wordContext.ts. */
  context?: ReadonlyMap<string, number>;
  /** Beginnings of verbs that part from them, before what is left of the verb. */
  parting?: RegExp;
  /** Nouns grow together: "Tische aus Holz" are "Holztische". */
  compounds: boolean;
  /** Nouns have a capital. */
  capitals: boolean;
}

type ListName = NonNullable<
  { [Name in keyof Usage]: Usage[Name] extends ReadonlySet<string> ? Name : never }[keyof Usage]
>;
type Said = "pronouns" | "auxiliaries" | "determiners" | "persons" | "timing";

/** The same, as people write it: words with blanks between them, and "|" between phrases. What a language has no need of is left out. */
export type UsageWords = Record<Said, string> & {
  doers?: string;
  names?: string;
  thingsOfTwo?: string;
  thingsCalled?: string;
} & Partial<Record<ListName, string>> &
  Pick<Usage, "doing" | "action"> &
  Partial<Omit<Usage, ListName | "idle" | "doers" | "names" | "thingsOfTwo" | "thingsCalled">> & {
    idle: string;
  };

/** Every list of words, by name. */
const LISTS: Readonly<Record<ListName, true>> = {
  pronouns: true,
  auxiliaries: true,
  determiners: true,
  beforePlurals: true,
  persons: true,
  timing: true,
  being: true,
  relatives: true,
  example: true,
  others: true,
  adverbs: true,
  firstNames: true,
  particles: true,
  undoing: true,
  verbParticles: true,
  prepositions: true,
  joining: true,
  of: true,
  linking: true,
  likeInfinitives: true,
  pluralsLikeInfinitives: true,
  apart: true,
  manner: true,
  toBeDone: true,
  singling: true,
  enough: true,
  degrees: true,
  which: true,
  governing: true,
  parts: true,
  causing: true,
  quantities: true,
  measures: true,
  purpose: true,
  inOrder: true,
  neuter: true,
  lessons: true,
  copulas: true,
  having: true,
  asking: true,
  clinging: true,
  reflexives: true,
  without: true,
  places: true,
  towns: true,
  about: true,
  eitherWay: true,
  times: true,
  dating: true,
  trailing: true,
  owning: true,
  negating: true,
  adjectivesToo: true,
  tellers: true,
  clauses: true,
  afterOrders: true,
  conjunctions: true,
  modals: true,
  pasts: true,
  finite: true,
  simplePasts: true,
  intransitives: true,
  otherPlurals: true,
  verbs: true,
  nouns: true,
  adjectives: true,
  likePasts: true,
  nounsToo: true,
  verbsToo: true,
  things: true,
};
const LIST_NAMES = Object.keys(LISTS) as ListName[];

export function makeUsage(words: UsageWords): Usage {
  const lists = Object.fromEntries(LIST_NAMES.map((name) => [name, list(words[name] ?? "")]));
  return {
    headFirst: false,
    compounds: false,
    capitals: false,
    ...words,
    ...(lists as Record<ListName, ReadonlySet<string>>),
    doers: new Map(
      (words.doers ?? "").split("|").map((pair): [string, string] => {
        const [noun = "", verb = ""] = pair.split(" ");
        return [noun, verb];
      }),
    ),
    names: byFirst(words.names),
    thingsOfTwo: byFirst(words.thingsOfTwo),
    thingsCalled: byFirst(words.thingsCalled),
    idle: byWord(setPhrases(words.idle)),
  };
}

/** @param lines a word and those that go with it, "|" between the lines */
const byFirst = (lines = ""): ReadonlyMap<string, ReadonlySet<string>> =>
  new Map(
    lines.split("|").map((line): [string, ReadonlySet<string>] => {
      const [first = "", ...others] = line.split(" ");
      return [first, new Set(others)];
    }),
  );

function byWord(idle: readonly string[][]): Usage["idle"] {
  const out = new Map<string, { phrase: readonly string[]; at: number }[]>();
  for (const phrase of idle)
    for (const [at, word] of phrase.entries()) out.set(word, [...(out.get(word) ?? []), { phrase, at }]);
  return out;
}
