import { german } from "./packs/de";
import { english } from "./packs/en";
import { spanish } from "./packs/es";
import { french } from "./packs/fr";
import { italian } from "./packs/it";
import type { PackedLanguage } from "./packs/make";
import { dutch } from "./packs/nl";
import type { LanguagePack } from "./packs/pack";
import { portuguese } from "./packs/pt";
import { unpacked } from "./packs/unpacked";

/** Languages with a pack of their own. A new language is a new file in packs/ and a line here. */
const languages: PackedLanguage[] = [english, german, french, spanish, dutch, italian, portuguese];

/** The primary subtag of a language tag (BCP 47): "de" of "de-CH". English where there is none. */
export const primaryLanguage = (tag: string): string => tag.trim().toLowerCase().split(/[-_]/)[0] || "en";

/**
 * The pack for a language tag (BCP 47); its region and script are ignored.
 *
 * @returns the language's pack, or one that knows nothing of stems and small words and says so by `supported: false`
 */
export function languagePack(tag: string): LanguagePack {
  const primary = primaryLanguage(tag);
  return languages.find(({ code }) => code === primary)?.pack() ?? unpacked;
}

/** The languages that have a pack, as tag and name. */
export const packedLanguages: readonly Pick<PackedLanguage, "code" | "name">[] = languages;
