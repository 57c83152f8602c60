/** Finding in a text what a person types: letter by letter, or in all forms of its words. */
import { analyseText } from "./analyse";
import { compileKeyword } from "./keyword";
import { findKeyword } from "./match";
import type { LanguagePack } from "./packs/pack";
import { words } from "./words";

export interface SearchOptions {
  matchCase: boolean;
  wholeWords: boolean;
  /** Inflections and other orders too, as the keyword is matched; then the two above say nothing. */
  forms: boolean;
}

/**
 * Every place of a query in a text, in order, none over another.
 *
 * @returns spans in UTF-16 code units
 */
export function searchText(
  text: string,
  query: string,
  { matchCase, wholeWords, forms }: SearchOptions,
  pack: LanguagePack,
): { start: number; end: number }[] {
  if (!query.trim()) return [];
  if (forms) {
    const compiled = compileKeyword(query, pack);
    const values = { exact: 1, inflected: 1, close: 1, scattered: 1, closeWindow: 3 };
    return compiled
      ? findKeyword(analyseText(text, pack), compiled, values, pack).map(({ start, end }) => ({ start, end }))
      : [];
  }
  // Blanks are one whatever they are: a line may be broken there.
  const source = query
    .trim()
    .split(/\s+/)
    .map((part) => part.replace(/[.*+?^${}()|[\]\\/]/g, "\\$&"))
    .join("\\s+");
  const matches = [...text.matchAll(new RegExp(source, matchCase ? "gu" : "giu"))].map((match) => ({
    start: match.index,
    end: match.index + match[0].length,
  }));
  if (!wholeWords || !matches.length) return matches;
  const inside = words(text);
  return matches.filter(
    ({ start, end }) =>
      !inside.some(
        (word) => (word.start < start && start < word.end) || (word.start < end && end < word.end),
      ),
  );
}
