/**
 * Analyses of competing pages, as their worker holds them. Every question names the pages that it is about, so that a job for one post
 * never answers for another; what is not held (any more) is made again from what was read for it.
 */
import type { CompetitorAnalysis } from "../core/benchmark/competitors";
import type { Profile } from "../core/proof/profile";

/** Competing pages as a question names them: which of them are compared, and by what. */
export interface CompetitorsOf {
  fieldId: string;
  keyword: string;
  language: string;
  /** Addresses of the pages that are kept. */
  kept: string[];
  profile: Profile;
}

/** Names an analysis by all that it rests on. */
export const competitorsKey = ({ fieldId, keyword, language, kept, profile }: CompetitorsOf): string =>
  JSON.stringify([fieldId, keyword, language, kept, profile]);

/** The competing pages of the post that is open, and those of a job in the background. */
const MOST = 2;

export class Analyses {
  readonly #held = new Map<string, Promise<CompetitorAnalysis | null>>();

  /** @param analyse makes an analysis from what was read; null where that is no longer there */
  constructor(private readonly analyse: (of: CompetitorsOf) => Promise<CompetitorAnalysis | null>) {}

  /** The analysis of competing pages; null where they are no longer in the workspace. */
  of(of: CompetitorsOf, analyse = this.analyse): Promise<CompetitorAnalysis | null> {
    const key = competitorsKey(of);
    const held = this.#held.get(key);
    // Asked for last, it goes last.
    this.#held.delete(key);
    const analysis = held ?? analyse(of);
    this.#held.set(key, analysis);
    for (const oldest of this.#held.keys()) if (this.#held.size > MOST) this.#held.delete(oldest);
    const forget = () => {
      if (this.#held.get(key) === analysis) this.#held.delete(key);
    };
    analysis.then((value) => value ?? forget(), forget);
    return analysis;
  }
}
