/** Questions that readers ask: headings and sentences of the competing pages, and what a search service knows. */

import { analyseText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";
import { isClosed, isProse } from "../text/proseSentence";
import { compare } from "./topics";

export type PlaceKind = "search" | "forum" | "q-and-a" | "page";

export interface QuestionPlace {
  kind: PlaceKind;
  /** Title of the page, or the name of the service. */
  title: string;
  address: string;
}

export interface ReaderQuestion {
  text: string;
  /** Stems of its content words: questions with the same are one. */
  stems: string[];
  asked: QuestionPlace[];
}

const LONGEST = 14;
const SHORTEST = 3;

/** Is it a question of a length that people ask? */
export const asks = (sentence: string): boolean => {
  const words = sentence.trim().split(/\s+/).length;
  return (
    /\?["'\u2019\u201D)]*$/.test(sentence.trim()) &&
    words >= SHORTEST &&
    words <= LONGEST &&
    isProse(sentence) &&
    isClosed(sentence)
  );
};

/** From structured data: what kind of place a page is. */
export function placeKind(types: readonly string[]): PlaceKind {
  if (types.includes("QAPage")) return "q-and-a";
  return types.includes("DiscussionForumPosting") ? "forum" : "page";
}

/**
 * Joins questions whose content stems agree; `asSearched` marks words as a search writes them. The form asked most often is shown, the shortest of equals.
 *
 * @returns those asked in most places first
 */
export function mergeQuestions(
  questions: readonly { text: string; at: QuestionPlace; asSearched?: boolean }[],
  pack: LanguagePack,
): ReaderQuestion[] {
  const byWords = new Map<
    string,
    { forms: Map<string, number>; stems: string[]; asked: Map<string, QuestionPlace> }
  >();
  for (const { text, at, asSearched = false } of questions) {
    const shown = text.trim().replace(/\s+/g, " ");
    const stems = contentStems(shown, pack);
    if (!stems.length) continue;
    const key = [...stems].sort().join(" ");
    const entry = byWords.get(key) ?? { forms: new Map(), stems, asked: new Map() };
    // A search writes questions without capitals: how a page writes it is preferred.
    entry.forms.set(shown, (entry.forms.get(shown) ?? 0) + (asSearched ? 0 : 1));
    entry.asked.set(`${at.kind} ${at.address || at.title}`, at);
    byWords.set(key, entry);
  }
  return [...byWords.values()]
    .map(({ forms, stems, asked: places }) => ({
      text: [...forms].sort(([a, n], [b, m]) => m - n || a.length - b.length || compare(a, b))[0]![0],
      stems: [...stems].sort(),
      asked: [...places.values()].sort(
        (a, b) => compare(a.kind, b.kind) || compare(a.address, b.address) || compare(a.title, b.title),
      ),
    }))
    .sort((a, b) => b.asked.length - a.asked.length || compare(a.text, b.text));
}

/** Stems of the content words, each once. */
export function contentStems(text: string, pack: LanguagePack): string[] {
  return [
    ...new Set(
      analyseText(text, pack)
        .tokens.filter(({ small }) => !small)
        .map(({ stem }) => stem),
    ),
  ];
}
