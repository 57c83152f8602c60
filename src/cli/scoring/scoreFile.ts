/** One file, from its name to what a format says of it: from the cache where nothing has changed. */
import type { Format } from "../formats/format";
import type { FailedFile } from "../formats/scored";
import type { ScoreCache } from "./cache";
import type { ScoreOptions } from "./options";
import { readDraft, readText, sayWhy } from "./readFile";
import type { Scorer } from "./scorer";
import { type Siblings, siblingOfText } from "./siblings";

/** What became of a file: what the format keeps of it, and its score; or why it could not be read. */
export type Outcome = { file: string; score: number; piece: unknown } | FailedFile;

export const isFailed = (outcome: Outcome): outcome is FailedFile => "message" in outcome;

export interface ScoringTerms {
  options: ScoreOptions;
  scorer: Scorer;
  siblings: Siblings;
  format: Format;
  cache: ScoreCache | null;
}

export function scoreFile(file: string, { options, scorer, siblings, format, cache }: ScoringTerms): Outcome {
  try {
    const text = readText(file);
    const slot = cache?.slot(text, siblings.titlesOf(siblingOfText(text)));
    const hit = slot?.get();
    if (hit) return { file, ...hit };
    const read = readDraft(text, options);
    let scored: ReturnType<Scorer["score"]>;
    try {
      scored = scorer.score(read);
    } catch (error) {
      return { file, message: `It could not be scored: ${sayWhy(error)}` };
    }
    const result = { score: scored.report.score, piece: format.piece(scored, options.profile) };
    slot?.put(result, read.pictures);
    return { file, ...result };
  } catch (error) {
    return { file, message: sayWhy(error) };
  }
}
