/** The profile: weights and thresholds in force. The code holds none of its own. */
import type { Static } from "@sinclair/typebox";
import json from "./profile.json";
import type { ReadingProfile } from "./reading/reading";
import type { RegisteredCheck } from "./registry";

export type { CheckId } from "./registry";

export interface Profile extends ReadingProfile {
  name: string;
  /** What each check of the registry declares, and its weight. */
  checks: { [Each in RegisteredCheck as Each["id"]]: { weight: number } & Static<Each["thresholds"]> };
}

/** The profile that the application ships with: what the checks declare, written to a file by \`npm run generate\`. */
export const defaultProfile = json as unknown as Profile;

/** From which share of common words on two meta titles are too near. */
export const nearShareOf = (profile: Profile): number => profile.checks["title-distinct"].nearShare;

/**
 * A profile that was written before there were all of today's checks, with what it lacks taken from the default profile. What
 * it says itself stays, faults included: whoever reads it checks its shape.
 */
export function completeProfile(profile: unknown): unknown {
  if (!isRecord(profile) || !isRecord(profile.checks)) return profile;
  const own = profile.checks;
  const missing = Object.entries(defaultProfile.checks).map(([id, check]) => {
    const value = own[id];
    return [id, value === undefined ? check : isRecord(value) ? { ...check, ...value } : value];
  });
  return {
    fullScoreWords: defaultProfile.fullScoreWords,
    ...profile,
    // What it was called before.
    ...(profile.name === "House profile" && { name: defaultProfile.name }),
    checks: { ...own, ...Object.fromEntries(missing) },
  };
}
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
