/** What a word is, wherever it stands. Words repeat endlessly, so each is worked out once as it is written. */
import { perObject, perText } from "../once";
import { fold } from "./fold";
import type { LanguagePack } from "./packs/pack";
import { syllablesOf } from "./readability";

const MOST_REMEMBERED = 20_000;

export class WordFacts {
  readonly folded: string;
  readonly stem: string;
  /** Stem of the other word that it may be a form of (see LanguagePack.otherStem). */
  readonly otherStem: string | undefined;
  readonly small: boolean;
  /** It has nothing but letters. */
  readonly isLetters: boolean;
  #syllables: number | undefined;

  constructor(
    private readonly word: string,
    private readonly pack: LanguagePack,
  ) {
    this.folded = fold(word);
    this.stem = pack.stem(this.folded);
    this.otherStem = pack.otherStem(this.folded);
    this.isLetters = /^\p{L}+$/u.test(this.folded);
    const { clings, smallWords, noSmallWords } = pack;
    // "d'une", "qu'il"
    this.small =
      (smallWords.has(this.folded) ||
        (clings !== undefined && smallWords.has(this.folded.replace(clings, "")))) &&
      !noSmallWords.has(word.toLowerCase().normalize("NFC"));
  }

  get syllables(): number {
    this.#syllables ??= syllablesOf(this.word, this.pack);
    return this.#syllables;
  }
}

/** @returns facts about words of the pack's language, by the word as it is written */
export const wordFacts = perObject((pack: LanguagePack) =>
  perText((word) => new WordFacts(word, pack), MOST_REMEMBERED),
);
