import { fold } from "../text/fold";
import type { LanguagePack } from "../text/packs/pack";

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

/**
 * A slug for a title or keyword: folded words and single hyphens. Small words stay while the whole is short and they are
 * no more than half of it; else they go, and what is left is cut to so many words.
 */
export function makeSlug(title: string, pack: LanguagePack, mostWords = 6): string {
  const words = fold(title)
    .replace(/'/g, "")
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
  const telling = words.filter((word) => !pack.smallWords.has(word));
  const whole = words.length <= mostWords && telling.length * 2 >= words.length;
  return (whole || telling.length < 2 ? words : telling).slice(0, mostWords).join("-");
}
