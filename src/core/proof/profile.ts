/** The profile: weights and thresholds in force. The code holds none of its own. */
import type { Range } from "../shares";
import type { MatchValues } from "../text/match";
import house from "./profile.json";

interface Weighted {
  weight: number;
}

export interface Profile {
  id: string;
  name: string;
  version: number;
  matching: MatchValues;
  /** Least words of the opening. */
  openingWords: number;
  /** Silent reading rate, for the reading time (Brysbaert 2019: 238 words a minute for English non-fiction). */
  wordsPerMinute: number;
  /** Words from which on a text can have any score; with fewer the score is at most as large a part of 100. */
  fullScoreWords: number;
  checks: {
    "keyword-in-title": Weighted & { lateFactor: number };
    "keyword-in-h1": Weighted;
    "keyword-in-opening": Weighted;
    "keyword-in-subheads": Weighted & { mostShare: number; mostCount: number; mostFactor: number };
    "keyword-use": Weighted & {
      /** Densities: uses a word. */
      low: number;
      high: number;
      fewUses: number;
      fewWords: number;
      fewShare: number;
      endFactor: number;
      endAtLeast: number;
      /** In texts of fewer words, fewer uses than these are never too many. */
      overWords: number;
      overUses: number;
      /** Pages that a field has at least, for its densities to be the measure. */
      fieldPages: number;
    };
    "keyword-in-slug": Weighted;
    "title-width": Weighted & { size: number; range: Range };
    "description-width": Weighted & { size: number; range: Range; longShare: number };
    "keyword-in-description": Weighted;
    "slug-form": Weighted & { lost: number; mostWords: number; mostCharacters: number; smallShare: number };
    "title-distinct": Weighted & { nearShare: number; nearFactor: number };
    "one-h1": Weighted & { twoShare: number };
    "heading-order": Weighted;
    "section-length": Weighted & { mostWords: number };
    "heading-quality": Weighted & { mostCharacters: number };
    /** With a field, fieldRange is in shares of its median length. */
    length: Weighted & { range: Range; fieldRange: Range };
    "field-terms": Weighted & { overShare: number; overFactor: number };
    "heading-topics": Weighted & { leastPresence: number };
    "reader-questions": Weighted & { answerWords: number };
    "has-picture": Weighted;
    "alt-text": Weighted & { leastCharacters: number; mostCharacters: number; mostUses: number };
    "keyword-in-alt": Weighted & { manyAlts: number; mostShare: number };
    "picture-names": Weighted;
    "picture-weight": Weighted & { fullKilobytes: number; zeroKilobytes: number };
    "internal-links": Weighted & { least: number; wordsPerLink: number };
    "external-links": Weighted & { insecureShare: number };
    "anchor-text": Weighted & { mostWords: number };
    "link-health": Weighted;
    /** Bands of reading ease by audience; the share falls to 0 over `fallOff` points on either side. */
    "reading-ease": Weighted & {
      audience: Audience;
      bands: Record<Audience, [number, number]>;
      fallOff: number;
      /** Pages that a field has at least, for its reading ease to widen the band. */
      fieldPages: number;
    };
    /** Shares of the text: all of the weight up to `full`, none from `zero` on. */
    "sentence-length": Weighted & { mostWords: number; full: number; zero: number };
    "paragraph-length": Weighted & { mostWords: number; full: number; zero: number };
    "passive-voice": Weighted & { full: number; zero: number };
  };
}

export const AUDIENCES = ["general", "expert", "easy"] as const;
export type Audience = (typeof AUDIENCES)[number];

export type CheckId = keyof Profile["checks"];

/** The profile that the application ships with. */
export const houseProfile = house as unknown as Profile;

/**
 * A profile that was written before there were all of today's checks, with what it lacks taken from the house profile. What
 * it says itself stays, faults included: whoever reads it checks its shape.
 */
export function completeProfile(profile: unknown): unknown {
  if (!isRecord(profile) || !isRecord(profile.checks)) return profile;
  const own = profile.checks;
  const missing = Object.entries(houseProfile.checks).map(([id, check]) => {
    const known = own[id];
    return [id, known === undefined ? check : isRecord(known) ? { ...check, ...known } : known];
  });
  return {
    fullScoreWords: houseProfile.fullScoreWords,
    ...profile,
    checks: { ...own, ...Object.fromEntries(missing) },
  };
}
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
