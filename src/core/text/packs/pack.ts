import type { Usage } from "./usage";

/** How a language makes its passive: an auxiliary, and a participle behind it or, in some, before it. */
export interface Passive {
  /** Forms of the auxiliary, folded. */
  auxiliaries: ReadonlySet<string>;
  /** Words before the auxiliary with which it makes another tense or voice, folded: "se" of "se son". */
  notAfter?: ReadonlySet<string>;
  /** Participles that no ending tells, and the ending of the others: in lower case, with their accents. */
  participles: ReadonlySet<string>;
  ending: RegExp;
  /** Words with that ending that are none, or whose verbs make another tense with the auxiliary. */
  not: ReadonlySet<string>;
  /** Words that may stand between the two; any within the clause where absent. */
  between?: RegExp;
  /** How many words may stand between the two. */
  mostBetween: number;
  /** The participle may come first: "dass es geprüft wird". */
  before?: boolean;
}

/** Reading ease: constant − perWord · words a sentence − perSyllable · syllables a word. Higher reads easier. */
export interface Readability {
  /** Author and year. */
  source: string;
  constant: number;
  perWord: number;
  perSyllable: number;
  /** Syllables of a word as it is written, at least one. */
  syllables(word: string): number;
}

/** What the proof must know of a language. All words are folded (see fold.ts). */
export interface LanguagePack {
  /** Primary language subtag of BCP 47. */
  code: string;
  name: string;
  /** False where nothing is known of the language: words then match only as written. */
  supported: boolean;
  /** Stem key of a folded word; equal keys mean inflections of one word. */
  stem(folded: string): string;
  /**
   * Stem key of the other word that a word may be a form of, where it is one of its own too ("building": of *build*); undefined for
   * most. It counts only where other words of a keyword stand beside it and tell which is meant.
   */
  otherStem(folded: string): string | undefined;
  /** What the noun of a verb would be, and the verb of a noun, where the stemmer joins them not: "nettoyer" of "nettoyage". Some are no words. */
  otherKinds(folded: string): string[];
  /** Small words: they carry no subject of their own. */
  smallWords: ReadonlySet<string>;
  /** Words, as they are written, that only look like one of them when folded: "té", "uñas". */
  noSmallWords: ReadonlySet<string>;
  /** What clings to the beginning or end of a word and is none of it: "l'", "'s". Tested against the folded word; absent where nothing does. */
  clings?: RegExp;
  /** Whether a word, as written, needs what was said before where it comes first: "but", "these". Accents count: "él" does, "el" does not. */
  leans(word: string): boolean;
  /** What points to another place of the page, tested against a folded text: "see below", "this table". */
  pointing: RegExp;
  /** Abbreviations after whose full stop a sentence goes on, without the stop. */
  abbreviations: ReadonlySet<string>;
  /** Link texts that do not say where they lead, folded and without punctuation. */
  vagueLinkTexts: ReadonlySet<string>;
  /** Openings that only say "this is a picture", tested against the folded alt text. */
  altOpening: RegExp;
  /** Month names, folded, for dates in slugs. */
  months: ReadonlySet<string>;
  /** Stems of words that belong to the furniture of pages and not to any subject: sharing, cookies, newsletters; and words that join sentences in writing. */
  furniture: ReadonlySet<string>;
  /** Words that a search writes small and people write with a capital. */
  capitals: ReadonlyMap<string, string>;
  /** Number words, ordinals and units: like figures they say how much, never of what. */
  measures: ReadonlySet<string>;
  /**
   * What a subject is called by, by stem: headings say "what it costs" and "prices" and mean one thing. Everyday words of any
   * subject only; a stem without an entry stands for itself.
   */
  subjects: ReadonlyMap<string, string>;
  /** The stem without what it was derived by, where the stemmer leaves that: "konfiguration", "konfiguri"; absent where it leaves none. */
  derived?(stem: string): string;
  /** Openings of headings that are steps, and what else stands in one that compares; tested against the folded heading. */
  stepOpening: RegExp;
  comparing: RegExp;
  /** Headings that are furniture too, folded and without punctuation. */
  furnitureHeadings: ReadonlySet<string>;
  /** How the passive is made; absent where nobody has said. */
  passive?: Passive;
  /** How easily a text reads, by the language's own formula; absent where there is none. */
  readability?: Readability;
  /** What words say of those beside them; absent where nobody has said. */
  usage?: Usage;
  /** Sounds and phrases that speaking fills pauses with, folded; absent where nobody has said. */
  fillers?: readonly string[];
  /** What makes a sentence a claim beside its figures, tested against the folded sentence; absent where nobody has said. */
  claims?: { superlative: RegExp; study: RegExp };
}
