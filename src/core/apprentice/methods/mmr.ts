/** Maximal marginal relevance (J. Carbonell, J. Goldstein, 1998): what is worth most and says least of what is chosen already. */

/** Weight of worth against novelty; the paper's lambda. */
const WORTH = 0.7;

/**
 * Chooses one after another.
 *
 * @param worth of each, 0 to 1
 * @param likeness of two, 0 to 1
 * @returns places of those chosen, best first; fewer where there are fewer
 */
export function mostDiverse(
  worth: readonly number[],
  likeness: (a: number, b: number) => number,
  many: number,
): number[] {
  const chosen: number[] = [];
  const nearest = worth.map(() => 0);
  const left = new Set(worth.keys());
  while (chosen.length < many && left.size) {
    let best = -1;
    let most = Number.NEGATIVE_INFINITY;
    for (const at of left) {
      const value = WORTH * worth[at]! - (1 - WORTH) * nearest[at]!;
      if (value > most) {
        most = value;
        best = at;
      }
    }
    left.delete(best);
    chosen.push(best);
    for (const at of left) nearest[at] = Math.max(nearest[at]!, likeness(at, best));
  }
  return chosen;
}
