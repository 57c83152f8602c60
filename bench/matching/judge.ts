import { defaultProfile } from "../../src/core/proof/profile";
import { analyseText } from "../../src/core/text/analyse";
import { compileKeyword } from "../../src/core/text/keyword";
import { languagePack } from "../../src/core/text/language";
import { findKeyword } from "../../src/core/text/match";
import type { MatchingRow } from "./rows";

export interface Judgement {
  rows: number;
  /** Of what was found, the share that a reader would say matches; of what matches, the share that was found. */
  precision: number;
  recall: number;
  /** "language: keyword | sentence" of each row that was judged otherwise than a reader would. */
  wrong: string[];
}

export function judge(rows: readonly MatchingRow[]): Judgement {
  const judged = rows.map((row) => {
    const pack = languagePack(row.language);
    const keyword = compileKeyword(row.keyword, pack)!;
    const text = analyseText(row.sentence, pack);
    return { ...row, matched: findKeyword(text, keyword, defaultProfile.matching, pack).length > 0 };
  });
  const hits = judged.filter(({ matched, matches }) => matched && matches).length;
  return {
    rows: rows.length,
    precision: hits / judged.filter(({ matched }) => matched).length,
    recall: hits / judged.filter(({ matches }) => matches).length,
    wrong: judged
      .filter(({ matched, matches }) => matched !== matches)
      .map(({ language, keyword, sentence }) => `${language}: ${keyword} | ${sentence}`),
  };
}
