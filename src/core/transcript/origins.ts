/** Where a sentence of the text was said: by the words that it still has of what was said, so that editing it loses nothing. */
import { fold } from "../text/fold";
import { words } from "../text/words";

/** As in ownWords: so many words in a row are somebody's own. */
const RUN = 3;

/** Sentences of a recording, made ready to be looked for. */
export interface Origins {
  /** By run of words: the places of the sentences that say it, ascending. */
  byRun: ReadonlyMap<string, readonly number[]>;
}

function runsOf(text: string): string[] {
  const all = words(text).map((word) => fold(word.text));
  return Array.from({ length: Math.max(0, all.length - RUN + 1) }, (_, i) => all.slice(i, i + RUN).join(" "));
}

/** @param texts of the recording's sentences, in the order in which they were said */
export function originsOf(texts: readonly string[]): Origins {
  const byRun = new Map<string, number[]>();
  for (const [place, text] of texts.entries())
    for (const run of new Set(runsOf(text))) byRun.set(run, [...(byRun.get(run) ?? []), place]);
  return { byRun };
}

/**
 * @param sentence as it stands in the text now
 * @returns the place of the sentence that most of its runs were said in, the earlier of two; null where none was
 */
export function originOf(sentence: string, { byRun }: Origins): number | null {
  const shared = new Map<number, number>();
  for (const run of new Set(runsOf(sentence)))
    for (const place of byRun.get(run) ?? []) shared.set(place, (shared.get(place) ?? 0) + 1);
  let best: number | null = null;
  for (const [place, runs] of shared) {
    const most = best === null ? 0 : shared.get(best)!;
    if (runs > most || (runs === most && place < best!)) best = place;
  }
  return best;
}
