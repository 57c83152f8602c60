/** Where a text uses words that a voice does not. */
import { analyseText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";
import type { Voice } from "./shapes";

export interface BannedUse {
  /** As the text has it. */
  word: string;
  instead: string;
  start: number;
  end: number;
}

/** In any of their forms, one after another as they stand. */
export function bannedIn(text: string, { banned }: Pick<Voice, "banned">, pack: LanguagePack): BannedUse[] {
  if (!banned.length) return [];
  const { tokens } = analyseText(text, pack);
  const uses: BannedUse[] = [];
  for (const { word, instead } of banned) {
    const stems = analyseText(word, pack).tokens.map(({ stem }) => stem);
    if (!stems.length) continue;
    for (let at = 0; at + stems.length <= tokens.length; at++) {
      if (!stems.every((stem, i) => tokens[at + i]!.stem === stem)) continue;
      const start = tokens[at]!.start;
      const end = tokens[at + stems.length - 1]!.end;
      uses.push({ word: text.slice(start, end), instead, start, end });
    }
  }
  return uses.sort((a, b) => a.start - b.start);
}
