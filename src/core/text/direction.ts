/** Primary subtags of languages whose usual script runs from right to left (Unicode CLDR, scriptMetadata and likelySubtags). */
const RIGHT_TO_LEFT = new Set(
  "ar arc ae aeb arq ary arz ckb dv fa glk he iw ji ks lrc mzn nqo pnb ps sd sdh syr ug ur yi".split(" "),
);
/** Scripts that do so whatever the language (ISO 15924). */
const RIGHT_TO_LEFT_SCRIPTS = new Set(["adlm", "arab", "hebr", "mand", "nkoo", "rohg", "syrc", "thaa"]);

/**
 * The direction in which a language is written.
 *
 * @param tag of the language (BCP 47); a script subtag wins: "az-Arab", "ar-Latn"
 */
export function directionOf(tag: string): "ltr" | "rtl" {
  const [language = "", ...others] = tag.trim().toLowerCase().split(/[-_]/);
  const script = others.find((part) => /^[a-z]{4}$/.test(part));
  if (script) return RIGHT_TO_LEFT_SCRIPTS.has(script) ? "rtl" : "ltr";
  return RIGHT_TO_LEFT.has(language) ? "rtl" : "ltr";
}
