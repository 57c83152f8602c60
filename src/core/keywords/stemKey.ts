import { fold, isFolded } from "../text/fold";
import { languagePack } from "../text/language";
import type { LanguagePack } from "../text/packs/pack";
import { words } from "../text/words";

/** Texts whose words are cut the same way by a simple split: letters, digits, blanks and hyphens. */
const SIMPLE = /^[a-z0-9 -]*$/i;
/** A letter with its hyphen, before a letter or digit; a lone "e" with its blank, before a letter. */
const JOINS = /(?<![\p{L}\p{N}])(\p{L})[-\u2010\u2011\u00AD](?=[\p{L}\p{N}])|(?<=^| )[eE] (?=\p{L})/gu;

/**
 * The words of a keyword, folded. A one-letter word with a hyphen behind it belongs to the next ("e-bike", "t-shirt"),
 * and so does a lone "e" ("e bike"), since people write all three.
 *
 * @param folded whether the keyword is folded already, where that is known
 */
export function keywordWords(keyword: string, folded: boolean = isFolded(keyword)): string[] {
  if (folded && !hasLoneE(keyword)) return keyword.split(" ");
  const joined = keyword.replace(JOINS, (_, letter?: string) => letter ?? "e");
  if (SIMPLE.test(joined)) return joined.toLowerCase().split(/[ -]+/).filter(Boolean);
  return words(joined).map((word) => fold(word.text));
}

const hasLoneE = (keyword: string): boolean => keyword.startsWith("e ") || keyword.includes(" e ");

/** The stems of a keyword's content words, sorted, each once; of all its words where it has small words only. */
function contentStems(keyword: string, pack: LanguagePack): string[] {
  const all = keywordWords(keyword);
  let content = all.filter((word) => !pack.smallWords.has(word));
  if (!content.length) content = all;
  if (content.length === 1) return [pack.stem(content[0]!)];
  return [...new Set(content.map((word) => pack.stem(word)))].sort();
}

/**
 * One key for all keywords that say the same: the stems of their content words in any order ("bikes for family" =
 * "family bike").
 *
 * @param language tag (BCP 47); a language without a pack matches words as written
 * @returns the empty string only where the keyword holds no word
 */
export function stemKey(keyword: string, language: string): string {
  return contentStems(keyword, languagePack(language)).join(" ");
}
