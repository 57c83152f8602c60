import { english } from "./packs/en";
import type { LanguagePack } from "./packs/pack";
import { unpacked } from "./packs/unpacked";

/** Languages with a pack of their own. A new language is a new file in packs/ and a line here. */
const packs: LanguagePack[] = [english];

/** The primary subtag of a language tag (BCP 47): "de" of "de-CH". English where there is none. */
export const primaryLanguage = (tag: string): string => tag.trim().toLowerCase().split(/[-_]/)[0] || "en";

/**
 * The pack for a language tag (BCP 47); its region and script are ignored.
 *
 * @returns the language's pack, or one that knows nothing of stems and small words and says so by `known: false`
 */
export function languagePack(tag: string): LanguagePack {
  const primary = primaryLanguage(tag);
  return packs.find((pack) => pack.code === primary) ?? unpacked;
}
