import { foldPlain, isFolded } from "../text/fold";
import { languagePack, primaryLanguage } from "../text/language";
import type { LanguagePack } from "../text/packs/pack";
import { germanIntents } from "./intents/de";
import { englishIntents } from "./intents/en";
import { spanishIntents } from "./intents/es";
import { frenchIntents } from "./intents/fr";
import { italianIntents } from "./intents/it";
import { dutchIntents } from "./intents/nl";
import { portugueseIntents } from "./intents/pt";
import type { IntentRules } from "./intents/rules";
import type { Intent } from "./keyword";
import { keywordWords } from "./stemKey";

/** Languages whose intent words are known. A new language is a new file in intents/ and a line here. */
const languages: IntentRules[] = [
  englishIntents,
  germanIntents,
  frenchIntents,
  spanishIntents,
  dutchIntents,
  italianIntents,
  portugueseIntents,
];
const rulesOf = (language: string): IntentRules | undefined =>
  languages.find(({ code }) => code === primaryLanguage(language));

/** What a keyword's words say, read in one go. */
export interface KeywordFacts {
  folded: string;
  /** Number of words. */
  words: number;
  intent: Intent | "";
  /** It ends with a question mark, or opens with a question word of its language. */
  question: boolean;
  /** Numbers of the content stems, ascending, each once. Numbers are the reader's own. */
  stems: number[];
}

/** What a searcher wants, as far as the words give it away, and the words that did. */
export interface GivenIntent {
  /** Empty where no word decides: it is then unknown, not guessed. */
  intent: Intent | "";
  words: string[];
}

/** What is known of a word, looked up once for all the keywords that have it. */
interface WordFacts {
  stem: number;
  small: boolean;
  /** One bit for each of the language's intents, in their order. */
  signals: number;
  opensQuestion: boolean;
  /** Words that follow it in a phrase that tells an intent; null where it opens none. */
  opens: Set<string> | null;
}

const BY_PHRASE_ONLY: ReadonlySet<Intent> = new Set<Intent>(["transactional", "navigational"]);

/** Reads keywords of one language, a hundred thousand of them at the price of their distinct words. */
export class KeywordReader {
  readonly #pack: LanguagePack;
  readonly #rules: IntentRules | undefined;
  /** Bits of the intents that a single word does not decide in a question. */
  readonly #byPhraseOnly: number;
  /** Of the keyword that is being read. */
  readonly #hits: number[] = [];
  #signals = 0;
  #phrases = false;
  readonly #facts = new Map<string, WordFacts>();
  readonly #stems = new Map<string, number>();

  /** @param language tag (BCP 47) */
  constructor(readonly language: string) {
    this.#pack = languagePack(language);
    this.#rules = rulesOf(language);
    this.#byPhraseOnly = (this.#rules?.signals ?? []).reduce(
      (mask, { intent }, bit) => (BY_PHRASE_ONLY.has(intent) ? mask | (1 << bit) : mask),
      0,
    );
  }

  read(text: string): KeywordFacts {
    const plain = isFolded(text);
    const words = keywordWords(text, plain);
    const count = this.#readStems(words);
    return {
      folded: plain ? text : foldPlain(text),
      words: words.length,
      intent: this.#intent(words),
      question:
        (words.length > 1 && this.#word(words[0]!).opensQuestion) || (!plain && /[?？؟]\s*$/.test(text)),
      stems: this.#hits.slice(0, count),
    };
  }

  /** Numbers of the content stems; equal lists say the same. */
  stems(text: string): number[] {
    const count = this.#readStems(keywordWords(text));
    return this.#hits.slice(0, count);
  }

  /** Puts the stems of the content words into #hits, ascending, each once, and what the words signal beside them. */
  #readStems(words: readonly string[]): number {
    let count = 0;
    this.#signals = 0;
    this.#phrases = false;
    for (let i = 0; i < words.length; i++) {
      const { small, stem, signals, opens } = this.#word(words[i]!);
      this.#signals |= signals;
      if (opens?.has(words[i + 1]!)) this.#phrases = true;
      if (!small) count = this.#insert(stem, count);
    }
    if (!count) for (const word of words) count = this.#insert(this.#word(word).stem, count);
    return count;
  }

  #insert(stem: number, count: number): number {
    const hits = this.#hits;
    let at = count;
    while (at > 0 && hits[at - 1]! > stem) at--;
    if (at > 0 && hits[at - 1] === stem) return count;
    for (let i = count; i > at; i--) hits[i] = hits[i - 1]!;
    hits[at] = stem;
    return count + 1;
  }

  #word(word: string): WordFacts {
    const cached = this.#facts.get(word);
    if (cached) return cached;
    const stem = this.#pack.stem(word);
    let number = this.#stems.get(stem);
    if (number === undefined) {
      number = this.#stems.size;
      this.#stems.set(stem, number);
    }
    let signals = 0;
    let opens: Set<string> | null = null;
    this.#rules?.signals.forEach(({ words, phrases }, bit) => {
      if (words.has(word)) signals |= 1 << bit;
      for (const phrase of phrases) {
        const [first, second] = phrase.split(" ");
        if (first === word) opens = (opens ?? new Set<string>()).add(second!);
      }
    });
    const facts = {
      stem: number,
      small: this.#pack.smallWords.has(word),
      signals,
      opensQuestion: this.#rules?.questions.has(word) ?? false,
      opens,
    };
    this.#facts.set(word, facts);
    return facts;
  }

  #intent(words: string[]): Intent | "" {
    let signals = this.#signals;
    // Most keywords have no phrase, and are decided by the lowest bit.
    if (!this.#rules || (!signals && !this.#phrases)) return "";
    if (this.#phrases) return decide(words, this.#rules).intent;
    if (words.length > 2 && this.#word(words[0]!).opensQuestion) signals &= ~this.#byPhraseOnly;
    return signals ? this.#rules.signals[31 - Math.clz32(signals & -signals)]!.intent : "";
  }
}

/**
 * The intent of a keyword by its words. Where several speak, the order of precedence is local, transactional,
 * navigational, commercial, informational, because the rarer kind of word says more; in a question a single word such
 * as "hire" does not make it transactional.
 *
 * @param language tag (BCP 47); for a language without rules the intent is unknown
 */
export function intentOf(keyword: string, language: string): GivenIntent {
  const rules = rulesOf(language);
  return rules ? decide(keywordWords(keyword), rules) : { intent: "", words: [] };
}

function decide(words: string[], rules: IntentRules): GivenIntent {
  const asks = rules.questions.has(words[0] ?? "") && words.length > 2;
  let joined = "";
  for (const { intent, words: signals, phrases } of rules.signals) {
    // "How to hire a bike" asks; "where to buy" is a phrase of its own.
    const telling = asks && BY_PHRASE_ONLY.has(intent) ? [] : words.filter((word) => signals.has(word));
    if (!telling.length) {
      joined ||= ` ${words.join(" ")} `;
      for (const phrase of phrases) if (joined.includes(` ${phrase} `)) telling.push(phrase);
    }
    if (telling.length) return { intent, words: [...new Set(telling)] };
  }
  return { intent: "", words: [] };
}
