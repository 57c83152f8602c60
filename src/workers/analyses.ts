/**
 * Analyses of fields, as the field worker holds them. Every question names the field that it is about, so that a job for one post
 * never answers for another; what is not held (any more) is made again from what was read for it.
 */
import type { CompetitorAnalysis } from "../core/benchmark/competitors";
import type { Profile } from "../core/proof/profile";

/** A field as a question names it: which pages of it are compared, and by what. */
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

/** The field of the post that is open, and the one of a job in the background. */
const MOST = 2;

export class Analyses {
  readonly #held = new Map<string, Promise<CompetitorAnalysis | null>>();

  /** @param analyse makes an analysis from what was read; null where that is no longer there */
  constructor(private readonly analyse: (of: CompetitorsOf) => Promise<CompetitorAnalysis | null>) {}

  /** The analysis of a field; null where its pages are no longer in the workspace. */
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
    analysis.then((analysis) => analysis ?? forget(), forget);
    return analysis;
  }
}
