/** What the proof must know of a language. All words are folded (see fold.ts). */
export interface LanguagePack {
  /** Primary language subtag of BCP 47. */
  code: string;
  name: string;
  /** False where nothing is known of the language: words then match only as written. */
  known: boolean;
  /** Stem key of a folded word; equal keys mean inflections of one word. */
  stem(folded: string): string;
  /** Small words: they carry no subject of their own. */
  smallWords: ReadonlySet<string>;
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
  /** Openings of headings that are steps, and what else stands in one that compares; tested against the folded heading. */
  stepOpening: RegExp;
  comparing: RegExp;
  /** Headings that are furniture too, folded and without punctuation. */
  furnitureHeadings: ReadonlySet<string>;
  /** How the passive is made; absent where nobody has said. */
  passive?: {
    /** Forms of the auxiliary. */
    auxiliaries: ReadonlySet<string>;
    /** Participles that no ending tells, and the ending of the others. */
    participles: ReadonlySet<string>;
    ending: RegExp;
    /** Words with that ending that are none. */
    not: ReadonlySet<string>;
  };
  /** Sounds and phrases that speaking fills pauses with, folded; absent where nobody has said. */
  fillers?: readonly string[];
  /** What makes a sentence a claim beside its figures, tested against the folded sentence; absent where nobody has said. */
  claims?: { superlative: RegExp; study: RegExp };
}
