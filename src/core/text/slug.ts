import { fold } from "./fold";
import type { LanguagePack } from "./packs/pack";

/** Last part of an address's path, as a slug; empty for a home page or what is no address. */
export function slugOf(address: string): string {
  const path = (URL.canParse(address) ? new URL(address).pathname : (address.split(/[?#]/)[0] ?? "")).replace(
    /\/+$/,
    "",
  );
  const last = path.slice(path.lastIndexOf("/") + 1).replace(/\.(html?|php|aspx?)$/i, "");
  try {
    return decodeURIComponent(last);
  } catch {
    return last;
  }
}

/** The words that a slug is made of: folded, without apostrophes. */
const slugWords = (text: string): string[] =>
  fold(text)
    .replace(/'/g, "")
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/**
 * A slug for a title or keyword: folded words and single hyphens. Small words stay while the whole is short and they are
 * no more than half of it; else they go, and what is left is cut to so many words.
 */
export function makeSlug(title: string, pack: LanguagePack, mostWords = 6): string {
  const words = slugWords(title);
  const telling = words.filter((word) => !pack.smallWords.has(word));
  const whole = words.length <= mostWords && telling.length * 2 >= words.length;
  return (whole || telling.length < 2 ? words : telling).slice(0, mostWords).join("-");
}

/** A slug of a keyword's words: all of them while they are few, else without the small ones. None of the others is left out. */
export function keywordSlug(keyword: string, pack: LanguagePack, mostWords = 6): string {
  const whole = slugWords(keyword).join("-");
  return makeSlug(keyword, pack, mostWords) === whole ? whole : tellingOf(keyword, pack).join("-");
}

/**
 * Is a slug the keyword's words, in their order, with or without its small words?
 *
 * @param slug as it stands; words that are parted by anything but single hyphens are none of it
 */
export function isSlugOf(slug: string, keyword: string, pack: LanguagePack): boolean {
  const words = slugWords(keyword);
  const telling = new Set(tellingOf(keyword, pack));
  const have = fold(slug).split("-");
  let at = 0;
  for (const word of words) {
    if (have[at] === word) at++;
    else if (telling.has(word)) return false;
  }
  return at > 0 && at === have.length;
}

/** The words that carry its subject; all of them where none does. */
function tellingOf(keyword: string, pack: LanguagePack): string[] {
  const words = slugWords(keyword);
  const telling = words.filter((word) => !pack.smallWords.has(word));
  return telling.length ? telling : words;
}
