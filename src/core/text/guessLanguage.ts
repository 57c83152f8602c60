/** Which language a text is written in, guessed from its small words and its letters. */
import { fold } from "./fold";
import { languagePack, packedLanguages } from "./language";
import { words } from "./words";

/** Letters that one language has and its neighbours hardly. */
const LETTERS: Record<string, RegExp> = {
  de: /[äöüß]/,
  fr: /[àâèêëîïôùûœ]|ç/,
  es: /[ñ¿¡]|[áíóú]/,
  pt: /[ãõ]|ções|ção/,
  it: /[àèìòù]$/,
  nl: /ij|aa|oe[nkr]/,
};
/** Scripts of a language without a pack that are enough to name it. */
const SCRIPTS: [string, RegExp][] = [
  ["he", /\p{Script=Hebrew}/u],
  ["ar", /\p{Script=Arabic}/u],
];

const MOST_WORDS = 2000;
/** Share of the words that speak for a language at least, and how many times as many as for the next. */
const LEAST_SHARE = 0.08;
const AHEAD = 1.3;

/**
 * The language of a text.
 *
 * @param text prose, or keywords one a line
 * @param leastWords fewer words say too little
 * @returns a primary language subtag (BCP 47); null where it cannot be told
 */
export function guessLanguage(text: string, leastWords = 20): string | null {
  const cut = words(text.slice(0, 20 * MOST_WORDS)).slice(0, MOST_WORDS);
  if (cut.length < leastWords) return null;
  for (const [code, script] of SCRIPTS)
    if (cut.filter((word) => script.test(word.text)).length > cut.length / 2) return code;
  return languageOfWords(
    cut.map((word) => {
      const lower = word.text.toLowerCase();
      return { lower, folded: fold(lower) };
    }),
  );
}

/** A word as it is written but for its capitals, and folded. */
interface WrittenWord {
  lower: string;
  folded: string;
}

/** The same of words that are cut already: there are enough of them, and in no script that names its language. */
export function languageOfWords(cut: readonly WrittenWord[]): string | null {
  const scores = packedLanguages
    .map(({ code }) => {
      const { smallWords } = languagePack(code);
      const letters = LETTERS[code];
      let speak = 0;
      for (const { lower, folded } of cut) if (smallWords.has(folded) || letters?.test(lower)) speak++;
      return { code, share: speak / cut.length };
    })
    .sort((a, b) => b.share - a.share);
  const [best, next] = scores;
  return best!.share >= LEAST_SHARE && best!.share >= AHEAD * next!.share ? best!.code : null;
}
