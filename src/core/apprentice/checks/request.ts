/** What does not go together in a request, said before anything is asked. */
import { OPPOSITE_TONES } from "../../outline/pieceFaults";

/** @returns a sentence for each pair of tones that pull against each other */
export function opposedTones(tones: readonly string[]): string[] {
  const chosen = new Set(tones.map((tone) => tone.trim().toLowerCase()));
  return OPPOSITE_TONES.filter(([a, b]) => chosen.has(a) && chosen.has(b)).map(
    ([a, b]) => `“${a}” and “${b}” pull against each other: a writer can follow only one.`,
  );
}
