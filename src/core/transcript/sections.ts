/**
 * Sections at changes of subject: TextTiling (Hearst 1997) over sentences. Between every two sentences, the words of a block
 * before are compared with those of a block behind; where the likeness falls deepest between two peaks, a section ends.
 */
import { keyPhrases, likeness as likenessOf } from "../competitors/keyPhrases";
import { analyseText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";
import type { Spoken } from "./mend";

export interface SpokenSection {
  /** Suggested from what is said here and not elsewhere; empty where nothing stands out. */
  heading: string;
  sentences: Spoken[];
}

/** Sentences in a block, on either side of a gap. */
const BLOCK = 6;
/** No section is shorter. */
const LEAST_SENTENCES = 5;

export function spokenSections(all: readonly Spoken[], pack: LanguagePack): SpokenSection[] {
  const cuts = boundaries(all, pack);
  const sections: Spoken[][] = [];
  let from = 0;
  for (const cut of [...cuts, all.length]) {
    if (cut > from) sections.push(all.slice(from, cut));
    from = cut;
  }
  const headings = keyPhrases(
    sections.map((sentences) => sentences.map(({ text }) => text)),
    pack,
  );
  return sections.map((sentences, i) => ({ heading: headings[i]!, sentences }));
}

/** Places of the sentences that begin a new section, but for the first. */
function boundaries(all: readonly Spoken[], pack: LanguagePack): number[] {
  if (all.length < 2 * LEAST_SENTENCES) return [];
  const stems = all.map(({ text }) =>
    analyseText(text, pack)
      .tokens.filter(({ small }) => !small)
      .map(({ stem }) => stem),
  );
  const likeness: number[] = [];
  for (let gap = 1; gap < all.length; gap++)
    likeness.push(
      likenessOf(stems.slice(Math.max(0, gap - BLOCK), gap).flat(), stems.slice(gap, gap + BLOCK).flat()),
    );
  const depths = likeness.map((own, i) => {
    let [left, right] = [own, own];
    for (let j = i - 1; j >= 0 && likeness[j]! >= left; j--) left = likeness[j]!;
    for (let j = i + 1; j < likeness.length && likeness[j]! >= right; j++) right = likeness[j]!;
    return left - own + (right - own);
  });
  const mean = depths.reduce((sum, one) => sum + one, 0) / depths.length;
  const deviation = Math.sqrt(depths.reduce((sum, one) => sum + (one - mean) ** 2, 0) / depths.length);
  // Hearst's liberal cut-off is mean − deviation / 2; a post wants fewer and surer sections.
  const least = mean + deviation / 2;
  const chosen: number[] = [];
  for (const i of [...depths.keys()].sort((a, b) => depths[b]! - depths[a]! || a - b)) {
    const at = i + 1;
    if (depths[i]! <= least) break;
    if (at < LEAST_SENTENCES || all.length - at < LEAST_SENTENCES) continue;
    if (chosen.every((other) => Math.abs(other - at) >= LEAST_SENTENCES)) chosen.push(at);
  }
  return chosen.sort((a, b) => a - b);
}
