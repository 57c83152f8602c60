/** What is said of a heading while it is typed. */

import { analyseText } from "../text/analyse";
import { foldPlain } from "../text/fold";
import { compileKeyword } from "../text/keyword";
import { languagePack } from "../text/language";
import { findKeyword, type MatchValues } from "../text/match";
import type { OutlineItem } from "./outline";

export interface HeadingNote {
  kind: "long" | "repeated" | "empty" | "keyword";
  says: string;
}

export interface OutlineReading {
  /** By the id of the item. */
  notes: Map<string, HeadingNote[]>;
  /** Headings that carry the keyword, and of how many. */
  keyword: { in: number; of: number; says: string | null };
}

/** More than this share of at least this many headings with the keyword is a crowd. */
const CROWD = { share: 0.6, least: 3 };

/** @param mostCharacters length beyond which a heading is long, from the profile */
export function readHeadings(
  items: readonly OutlineItem[],
  {
    keyword,
    language,
    mostCharacters,
    values,
  }: {
    keyword: string;
    language: string;
    mostCharacters: number;
    values: MatchValues;
  },
): OutlineReading {
  const pack = languagePack(language);
  const compiled = compileKeyword(keyword, pack);
  const seen = new Map<string, number>();
  for (const { text } of items) seen.set(foldPlain(text), (seen.get(foldPlain(text)) ?? 0) + 1);
  const notes = new Map<string, HeadingNote[]>();
  let carrying = 0;
  for (const { id, text, faq } of items) {
    const own: HeadingNote[] = [];
    const { length } = text.trim();
    if (!length) own.push({ kind: "empty", says: "Empty: it will not be added to the draft." });
    if (length > mostCharacters)
      own.push({ kind: "long", says: `${length} characters: ${mostCharacters} at most read well.` });
    if (length && seen.get(foldPlain(text))! > 1)
      own.push({ kind: "repeated", says: "Another heading says the same." });
    // As the check of the subheadings finds it: a heading is one field, and its words may stand apart.
    if (compiled && findKeyword(analyseText(text, pack), compiled, values, pack, true).length) {
      if (!faq) carrying++;
      own.push({ kind: "keyword", says: "Has the target keyword." });
    }
    if (own.length) notes.set(id, own);
  }
  // Questions of the FAQ are no headings of the outline.
  const filled = items.filter(({ text, faq }) => text.trim() && !faq).length;
  const crowd = carrying >= CROWD.least && carrying > CROWD.share * filled;
  return {
    notes,
    keyword: {
      in: carrying,
      of: filled,
      says:
        !compiled || !filled
          ? null
          : crowd
            ? "Most headings have the target keyword: a few are enough."
            : carrying
              ? null
              : "No heading has the target keyword yet.",
    },
  };
}
