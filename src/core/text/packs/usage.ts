import { fold } from "../fold";
import { list } from "./lists";

/** What a language's words say of the words beside them. All words are folded. */
export interface Usage {
  /** The word that the others say more of comes first, as in "livre de cuisine", not last, as in "cookery book". */
  headFirst: boolean;
  /** What stands right before a verb: "I", "who". */
  pronouns: ReadonlySet<string>;
  /** What stands right before a verb in its plain form: "can", "to". */
  auxiliaries: ReadonlySet<string>;
  /** What stands before a noun: "the", "your". */
  determiners: ReadonlySet<string>;
  /** What, before a form in "-ing" or a participle, makes one verb with it; and what may be "which" as well as "this one". Empty where a language has no need. */
  being: ReadonlySet<string>;
  relatives: ReadonlySet<string>;
  /** What stands for a person or thing named elsewhere: "it", "your". */
  persons: ReadonlySet<string>;
  /** How a heading begins that says when, and not of what: "after the ride". */
  timing: ReadonlySet<string>;
  /** Small words that make another word of the one before them: "up" of "set up". */
  particles: ReadonlySet<string>;
  /** Those that do so before what is done as well: "set up a blog". */
  verbParticles: ReadonlySet<string>;
  /** What joins a thing to what it is for: "that" in "companies that move pianos". Empty where nobody has said. */
  joining: ReadonlySet<string>;
  /** Where something is: "in", "behind". Empty where nobody has said. */
  places: ReadonlySet<string>;
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
  /** Forms that only a verb has: by their endings, and those that are irregular. */
  verbal?: RegExp;
  pasts: ReadonlySet<string>;
  /** Forms that are the verb of a sentence wherever they stand. Empty where nobody has said. */
  finite: ReadonlySet<string>;
  /** Forms that do not stand behind an auxiliary. */
  inflected?: RegExp;
  /** Openings of a keyword that asks how something is done, tested against the folded keyword. */
  doing: RegExp;
  /** Nouns that say what is done: "painting", "generation". */
  action: RegExp;
  /** Words that stand for nothing in these phrases: "account" in "on account of". By each of their words: the phrase, and its place in it. */
  idle: ReadonlyMap<string, readonly { phrase: readonly string[]; at: number }[]>;
  /** Plurals that are another word as often: "glasses". */
  otherPlurals: ReadonlySet<string>;
  /** Words that are nearly always verbs, or mostly nouns; empty where nobody has said. */
  verbs: ReadonlySet<string>;
  nouns: ReadonlySet<string>;
  /** Those of the verbs that are nouns as well: "call" in "call centre". */
  nounsToo: ReadonlySet<string>;
  /** Nouns of things whose verbs say something else: "chain", "coat". Empty where nobody has said. */
  things: ReadonlySet<string>;
  /** Weights by which a word is told to be a verb from what stands around it; see wordContext.ts. */
  context?: ReadonlyMap<string, number>;
  /** Beginnings of verbs that part from them, before what is left of the verb. */
  parting?: RegExp;
  /** Nouns grow together: "Tische aus Holz" are "Holztische". */
  compounds: boolean;
  /** Nouns have a capital. */
  capitals: boolean;
}

/** The same, as people write it. */
export interface UsageWords {
  headFirst?: true;
  pronouns: string;
  auxiliaries: string;
  determiners: string;
  persons: string;
  timing: string;
  being?: string;
  relatives?: string;
  particles?: string;
  verbParticles?: string;
  joining?: string;
  places?: string;
  afterOrders?: string;
  conjunctions?: string;
  modals?: string;
  adverb?: RegExp;
  participle?: RegExp;
  gerund?: RegExp;
  infinitive?: RegExp;
  verbal?: RegExp;
  pasts?: string;
  finite?: string;
  inflected?: RegExp;
  doing: RegExp;
  action: RegExp;
  /** "|" between them, as below. */
  idle: string;
  otherPlurals?: string;
  verbs?: string;
  nouns?: string;
  nounsToo?: string;
  things?: string;
  context?: ReadonlyMap<string, number>;
  parting?: RegExp;
  compounds?: true;
  capitals?: true;
}

export const makeUsage = (words: UsageWords): Usage => ({
  headFirst: words.headFirst ?? false,
  pronouns: list(words.pronouns),
  auxiliaries: list(words.auxiliaries),
  determiners: list(words.determiners),
  persons: list(words.persons),
  timing: list(words.timing),
  being: list(words.being ?? ""),
  pasts: list(words.pasts ?? ""),
  finite: list(words.finite ?? ""),
  relatives: list(words.relatives ?? ""),
  particles: list(words.particles ?? ""),
  verbParticles: list(words.verbParticles ?? ""),
  joining: list(words.joining ?? ""),
  places: list(words.places ?? ""),
  afterOrders: list(words.afterOrders ?? ""),
  conjunctions: list(words.conjunctions ?? ""),
  modals: list(words.modals ?? ""),
  ...(words.adverb && { adverb: words.adverb }),
  ...(words.participle && { participle: words.participle }),
  ...(words.gerund && { gerund: words.gerund }),
  ...(words.infinitive && { infinitive: words.infinitive }),
  ...(words.verbal && { verbal: words.verbal }),
  ...(words.inflected && { inflected: words.inflected }),
  doing: words.doing,
  action: words.action,
  idle: byWord(
    fold(words.idle)
      .split("|")
      .map((phrase) => phrase.trim().split(/\s+/)),
  ),
  otherPlurals: list(words.otherPlurals ?? ""),
  verbs: list(words.verbs ?? ""),
  nouns: list(words.nouns ?? ""),
  nounsToo: list(words.nounsToo ?? ""),
  things: list(words.things ?? ""),
  ...(words.context && { context: words.context }),
  ...(words.parting && { parting: words.parting }),
  compounds: words.compounds ?? false,
  capitals: words.capitals ?? false,
});

function byWord(idle: readonly string[][]): Usage["idle"] {
  const out = new Map<string, { phrase: readonly string[]; at: number }[]>();
  for (const phrase of idle)
    for (const [at, word] of phrase.entries()) out.set(word, [...(out.get(word) ?? []), { phrase, at }]);
  return out;
}
