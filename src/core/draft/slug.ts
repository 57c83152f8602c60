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

/** A slug for a title: folded words and single hyphens; small words go while enough others are left. */
export function makeSlug(title: string, pack: LanguagePack, mostWords = 6): string {
  const words = fold(title)
    .replace(/'/g, "")
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
  const telling = words.filter((word) => !pack.smallWords.has(word));
  return (telling.length >= 2 ? telling : words).slice(0, mostWords).join("-");
}
