/** Which language a text is written in, guessed from its small words and its letters. */
import { once } from "../once";
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
/** What a letter speaks, beside a small word that no other language has. */
const LETTER = 0.5;

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

/** Which languages have a word among their small ones: "de" is one of five, "não" of one. */
const speakersOf = once((): ReadonlyMap<string, readonly string[]> => {
  const speakers = new Map<string, string[]>();
  for (const { code } of packedLanguages)
    for (const word of languagePack(code).smallWords)
      speakers.set(word, [...(speakers.get(word) ?? []), code]);
  return speakers;
});

/** The same of words that are cut already: there are enough of them, and in no script that names its language. What several languages say speaks for each of them by a part. */
export function languageOfWords(cut: readonly WrittenWord[]): string | null {
  const speakers = speakersOf();
  const scores = packedLanguages
    .map(({ code }) => {
      const letters = LETTERS[code];
      let speak = 0;
      let weight = 0;
      for (const { lower, folded } of cut) {
        const sharing = speakers.get(folded);
        const isSmall = sharing?.includes(code) === true;
        if (!isSmall && !letters?.test(lower)) continue;
        speak++;
        weight += isSmall ? 1 / sharing!.length : LETTER;
      }
      return { code, share: speak / cut.length, weight };
    })
    .sort((a, b) => b.weight - a.weight);
  const [best, next] = scores;
  return best!.share >= LEAST_SHARE && best!.weight >= AHEAD * next!.weight ? best!.code : null;
}
