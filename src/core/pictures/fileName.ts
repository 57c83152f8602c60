import type { LanguagePack } from "../text/packs/pack";
import { makeSlug } from "../text/slug";

interface Named {
  alt: string;
  caption: string;
  fileName: string;
}

const endingOf = (fileName: string): string => /\.[a-z0-9]{2,5}$/i.exec(fileName)?.[0]?.toLowerCase() ?? "";

/**
 * A file name made of words: those of the alt text, else of the caption, else of the post's title.
 *
 * @returns the name with the ending that the file has; null where nothing says what the picture shows
 */
export function suggestedFileName(
  { alt, caption, fileName }: Named,
  title: string,
  pack: LanguagePack,
): string | null {
  const words = [alt, caption, title].map((text) => makeSlug(text, pack)).find(Boolean);
  return words ? words + endingOf(fileName) : null;
}

/**
 * A name as somebody typed it, as one that every server takes: folded words, single hyphens, the file's own ending.
 *
 * @returns null where nothing is left of it
 */
export function tidyFileName(typed: string, fileName: string): string | null {
  const ending = endingOf(fileName);
  const stem = typed.trim().toLowerCase().endsWith(ending)
    ? typed.trim().slice(0, -ending.length || undefined)
    : typed;
  const tidy = stem
    .normalize("NFC")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 80);
  return tidy ? tidy + ending : null;
}
