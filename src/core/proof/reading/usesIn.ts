import type { AnalysedText, Token } from "../../text/analyse";
import type { CompiledKeyword } from "../../text/keyword";
import { findKeyword, type MatchValues, type Occurrence } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
import type { ReadSoFar } from "./reading";

/**
 * The uses of a keyword in a text. What was found before the sentence that has changed is found there still.
 *
 * @param before what was read of the text before its last change; it only ever saves work
 */
export function usesIn(
  text: AnalysedText,
  keyword: CompiledKeyword,
  values: MatchValues,
  pack: LanguagePack,
  before?: ReadSoFar,
): readonly Occurrence[] {
  const earlier =
    before?.keyword === keyword && before.values === values && before.pack === pack && before.uses;
  const from = earlier ? firstToRead(text.tokens, before.analysed.tokens) : 0;
  if (!earlier || !from) return findKeyword(text, keyword, values, pack);
  const { end } = text.tokens[from - 1]!;
  return [
    ...earlier.filter((use) => use.end <= end),
    ...findKeyword(text, keyword, values, pack, false, from),
  ];
}

/** Words behind the end of a sentence that may tell how its last ones are meant. */
const LOOKED_AHEAD = 2;

/** The first token of the sentence that has changed; of the one before where the change is at its very beginning. */
function firstToRead(tokens: readonly Token[], before: readonly Token[]): number {
  let same = 0;
  while (same < tokens.length && tokens[same] === before[same]) same++;
  let from = same - LOOKED_AHEAD;
  if (from <= 0) return 0;
  const { sentence } = tokens[from]!;
  while (from && tokens[from - 1]!.sentence === sentence) from--;
  return from;
}
