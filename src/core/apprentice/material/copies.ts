/** Which runs of words stand on competing pages. */

import { fold } from "../../text/fold";
import { words } from "../../text/words";

/** A run of so many words that stands elsewhere is no accident. */
export const RUN = 8;

export interface Copies {
  /** The first run of eight words or more that stands on a page, and where; null where none does. */
  first(text: string): { run: string; page: string } | null;
}

export function copiesIn(pages: readonly { name: string; text: string }[]): Copies {
  const runs = new Map<string, string>();
  for (const { name, text } of pages) {
    const cut = words(text).map((word) => fold(word.text));
    for (let at = 0; at + RUN <= cut.length; at++) runs.set(cut.slice(at, at + RUN).join(" "), name);
  }
  return {
    first(text) {
      if (!runs.size) return null;
      const cut = words(text);
      const folded = cut.map((word) => fold(word.text));
      for (let at = 0; at + RUN <= folded.length; at++) {
        const page = runs.get(folded.slice(at, at + RUN).join(" "));
        if (page === undefined) continue;
        let end = at + RUN;
        while (end < folded.length && runs.has(folded.slice(end - RUN + 1, end + 1).join(" "))) end++;
        return { run: text.slice(cut[at]!.start, cut[end - 1]!.end), page };
      }
      return null;
    },
  };
}
