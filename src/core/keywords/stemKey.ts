import { fold } from "../text/fold";
import { languagePack } from "../text/language";
import type { LanguagePack } from "../text/packs/pack";
import { words } from "../text/words";

/** Texts whose words are cut the same way by a simple split: letters, digits, blanks and hyphens. */
const SIMPLE = /^[a-z0-9 -]*$/i;
const PLAIN = /^[a-z0-9]+(?: [a-z0-9]+)*$/;
const LONE_E = /(?:^| )e /;

/**
 * The words of a keyword, folded. A one-letter word with a hyphen behind it belongs to the next ("e-bike", "t-shirt"),
 * and so does a lone "e" ("e bike"), since people write all three.
 */
export function keywordWords(keyword: string): string[] {
  if (PLAIN.test(keyword) && !LONE_E.test(keyword)) return keyword.split(" ");
  if (SIMPLE.test(keyword)) {
    return keyword
      .toLowerCase()
      .replace(
        /(?<![a-z0-9])([a-z])-(?=[a-z0-9])|(?<![a-z0-9])e (?=[a-z])/g,
        (_, letter?: string) => letter ?? "e",
      )
      .split(/[ -]+/)
      .filter(Boolean);
  }
  const cut = words(keyword);
  const found: string[] = [];
  for (let i = 0; i < cut.length; i++) {
    const word = cut[i]!;
    const next = cut[i + 1];
    const between = next && keyword.slice(word.end, next.start);
    const joins =
      next &&
      ((/^\p{L}$/u.test(word.text) && between !== undefined && /^[-\u2010\u2011\u00AD]$/.test(between)) ||
        (/^e$/i.test(word.text) && between === " " && /^\p{L}/u.test(next.text)));
    if (joins) {
      found.push(fold(word.text + next.text));
      i++;
    } else found.push(fold(word.text));
  }
  return found;
}

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
