import { fold } from "../../text/fold";
import type { Intent } from "../keyword";

/** The words of one language that give an intent away. All folded; a phrase is words with single blanks. */
export interface IntentRules {
  /** Primary language subtag of BCP 47. */
  code: string;
  /** In order of precedence: the first intent with a word in the keyword decides. */
  signals: { intent: Intent; words: ReadonlySet<string>; phrases: readonly string[] }[];
  /** Words that open a question. */
  questions: ReadonlySet<string>;
}

/** A set of words from a text, folded as keywords' words are. */
export const folded = (words: string): ReadonlySet<string> =>
  new Set(fold(words).split(/\s+/).filter(Boolean));
