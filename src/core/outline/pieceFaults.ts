/** What the goals of a post ask for that does not go together. */
import type { Piece } from "./shapes";

/** Tones to choose from, in pairs that pull against each other. */
export const OPPOSITE_TONES: readonly (readonly [string, string])[] = [
  ["formal", "casual"],
  ["playful", "serious"],
  ["neutral", "opinionated"],
  ["warm", "matter-of-fact"],
  ["encouraging", "critical"],
  ["brief", "detailed"],
];
export const TONES: readonly string[] = OPPOSITE_TONES.flat();

export interface PieceFault {
  field: "tones" | "length";
  says: string;
}

/** A length under this share of the competing pages' median, or over this many times it, is far off. */
const SHORT = 0.6;
const LONG = 1.8;

/**
 * What does not go together: two opposite tones, a length far off the competing pages'.
 *
 * @param medianWords of the competing pages; null where there are none
 */
export function pieceFaults({ tones, length }: Piece, medianWords: number | null): PieceFault[] {
  const chosen = new Set(tones);
  const faults: PieceFault[] = OPPOSITE_TONES.filter(([a, b]) => chosen.has(a) && chosen.has(b)).map(
    ([a, b]) => ({
      field: "tones",
      says: `“${a}” and “${b}” pull against each other: a writer can follow only one.`,
    }),
  );
  if (length !== null && medianWords) {
    const times = length / medianWords;
    const median = Math.round(medianWords).toLocaleString("en");
    if (times < SHORT || times > LONG)
      faults.push({
        field: "length",
        says: `${length.toLocaleString("en")} words are ${times < SHORT ? "far fewer" : "far more"} than the competitors' median (${median}).`,
      });
  }
  return faults;
}
