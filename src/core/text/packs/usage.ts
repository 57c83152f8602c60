import { list, phrases } from "./lists";

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
  /** How verbs end as people look for them: "fiets kopen", "lavar la ropa". Tested against the first or the last word, where verbs stand. */
  infinitive?: RegExp;
  /** Forms that only a verb has: by their endings, and those that are irregular. */
  verbal?: RegExp;
  pasts: ReadonlySet<string>;
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
  infinitive?: RegExp;
  verbal?: RegExp;
  pasts?: string;
  inflected?: RegExp;
  doing: RegExp;
  action: RegExp;
  /** "|" between them, as below. */
  idle: string;
  otherPlurals?: string;
  verbs?: string;
  nouns?: string;
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
  relatives: list(words.relatives ?? ""),
  particles: list(words.particles ?? ""),
  ...(words.infinitive && { infinitive: words.infinitive }),
  ...(words.verbal && { verbal: words.verbal }),
  ...(words.inflected && { inflected: words.inflected }),
  doing: words.doing,
  action: words.action,
  idle: byWord(phrases(words.idle).map((phrase) => phrase.split(" "))),
  otherPlurals: list(words.otherPlurals ?? ""),
  verbs: list(words.verbs ?? ""),
  nouns: list(words.nouns ?? ""),
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
