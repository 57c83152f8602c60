/** Headings inside a sentence: "What it costs", "Is it safe?", "Choose a seat", "Range in winter". */
import { asObject, readFragment } from "../english/fragment";
import { indirectQuestion } from "../english/indirect";
import { inside } from "../english/sentence";

/**
 * As what a sentence is about, behind "look at" or "about".
 *
 * @returns null where it is a sentence of its own, which nothing can be said about
 */
export function headingInside(text: string, name: (word: string) => boolean): string | null {
  const bare = text.replace(/^\d+[.):]\s*/, "").replace(/\s*[:–—(].*$/u, "");
  const fragment = readFragment(bare);
  // "Box bike or longtail" is a question without its words.
  if (fragment.kind === "thing" && / (?:or|vs\.?|versus) /i.test(bare)) return null;
  switch (fragment.kind) {
    case "question":
      return indirectQuestion(fragment.text);
    case "clause":
      return inside(fragment.text, name);
    case "order":
      return `how to ${inside(fragment.text, name)}`;
    case "thing":
    case "doing":
      return asObject(fragment, name);
    default:
      return null;
  }
}
