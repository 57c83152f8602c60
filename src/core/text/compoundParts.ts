/** How words grow together in German and Dutch: what stands between two of them, and how the first one looks there. */

/** What most often stands between two words that have grown together: "Umzugscheckliste", "Familienfest". */
const usualLinks: readonly string[] = ["", "s", "n", "en", "er"];

/** Which words a link may follow: "Blume-n-topf", "Familie-n-fest", "Kind-er-stuhl", "Umzug-s-kosten". */
const FOLLOWS: Readonly<Record<string, RegExp>> = { s: /[^sxz]$/, n: /e$/, en: /[^aeiou]$/, er: /[^aeiou]$/ };

/** A word with each link that usually follows one that ends as it does. */
export const linked = (folded: string): string[] =>
  usualLinks.filter((link) => FOLLOWS[link]?.test(folded) ?? true).map((link) => folded + link);

/** What may stand between the parts of a compound: "Verein-s-haus", "Blume-n-topf", "zon-ne-bril". */
export const compoundLinks: readonly string[] = [...usualLinks, "es", "e", "ne"];

/** The stem of a word that is listed as irregular, without the sign of that. */
export const plainStem = (stem: string): string => (stem.startsWith("=") ? stem.slice(1) : stem);

/** Dutch writes no v and no z at the end of a word: "lezen", "lees". */
const softened = (folded: string): string => folded.replace(/v$/, "f").replace(/z$/, "s");

/** Dutch writes a long vowel twice before one consonant: "kook" of "koken". */
export const longVowel = (folded: string): string =>
  folded.replace(/(?<![aeiou])([aeou])(?=[^aeiou]$)/, "$1$1");

/** How a word begins a compound: "Schlaf" of "schlafen", "spaar" of "sparen". */
export function firstParts(folded: string, stem: string): string[] {
  const bare = folded.replace(/e?n$/, "");
  // "De kosten van verzending"
  const doing = folded.replace(/[iu]ng(?:en)?$/, "");
  return [
    doing,
    // "Verhuizing"
    softened(doing),
    folded.replace(/'?s$/, ""),
    folded,
    // "Handschuhe für Boxer"
    folded.replace(/ers?$/, ""),
    plainStem(stem),
    bare,
    // "Verträge für die Miete"
    folded.replace(/e$/, ""),
    // "Kook" of "koken", "lees" of "lezen", "was" of "wassen", "rij" of "rijden"
    ...[bare, doing, softened(bare)].map(longVowel),
    bare.replace(/([^aeiou])\1$|(?<=ij)d$/, "$1"),
  ];
}
