import { EQUAL, hasGain } from "./finding";

/**
 * Gains as they are shown, in tenths of a point, so that they add up to what is missing from the shown score: each rounded down,
 * what that leaves given to those that lost most by it (Hamilton's method of largest remainders, 1792).
 *
 * @returns points by id, of every finding that has a gain to show; at least a tenth each
 */
export function shownGains(findings: readonly { id: string; gain: number }[]): ReadonlyMap<string, number> {
  const all = findings.reduce((sum, { gain }) => sum + gain, 0);
  const parts = findings
    .filter(hasGain)
    .map(({ id, gain }) => ({ id, exact: gain * 10, tenths: Math.max(1, Math.floor(gain * 10 + EQUAL)) }));
  let rest = Math.round(all * 10) - parts.reduce((sum, { tenths }) => sum + tenths, 0);
  const byRemainder = [...parts].sort((a, b) => b.exact - b.tenths - (a.exact - a.tenths));
  for (const part of byRemainder) {
    if (rest <= 0) break;
    part.tenths++;
    rest--;
  }
  for (const part of byRemainder.reverse()) {
    if (rest >= 0) break;
    if (part.tenths > 1) {
      part.tenths--;
      rest++;
    }
  }
  return new Map(parts.map(({ id, tenths }) => [id, tenths / 10]));
}
