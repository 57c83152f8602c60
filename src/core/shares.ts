/** Shares of a check that values earn: 0 to 1, along straight lines. */

/** [a, b] rises from 0 at a to 1 at b and stays; [a, b, c, d] falls again from 1 at c to 0 at d. */
export type Range = [number, number] | [number, number, number, number];

/**
 * Trapezoid share of a value.
 *
 * @returns 0 up to a, rising to 1 at b, 1 to c, falling to 0 at d, all linearly; with two bounds it stays at 1
 */
export const rangeShare = (x: number, range: Range): number =>
  bandShare(
    x,
    range[0],
    range[1],
    range[2] ?? Number.POSITIVE_INFINITY,
    range[3] ?? Number.POSITIVE_INFINITY,
  );

/** The same of four bounds one by one, for what is asked of many values with every key. */
export function bandShare(x: number, a: number, b: number, c: number, d: number): number {
  if (x >= b && x <= c) return 1;
  if (x < b) return x <= a ? 0 : (x - a) / (b - a);
  return x >= d ? 0 : (d - x) / (d - c);
}

/** A number of each, added up. */
export const total = <T>(things: readonly T[], of: (thing: T) => number): number =>
  things.reduce((sum, thing) => sum + of(thing), 0);

/** The few that are worth most, in that order; equal ones in the order that they came in. */
export function worthMost<T>(things: readonly T[], most: number, worth: (thing: T) => number): T[] {
  const first: { thing: T; worth: number }[] = [];
  for (const thing of things) {
    const its = worth(thing);
    let at = first.length;
    while (at && first[at - 1]!.worth < its) at--;
    if (at >= most) continue;
    first.splice(at, 0, { thing, worth: its });
    if (first.length > most) first.pop();
  }
  return first.map(({ thing }) => thing);
}

/** Share of a fault's frequency: 1 up to `full`, falling to 0 at `zero`, linearly. */
export const fallingShare = (x: number, full: number, zero: number): number =>
  x <= full ? 1 : x >= zero ? 0 : (zero - x) / (zero - full);

/** What one fault less of so many, in a text of `all` parts, adds to that share. */
export const oneLess = (faults: number, all: number, full: number, zero: number): number =>
  fallingShare((faults - 1) / all, full, zero) - fallingShare(faults / all, full, zero);
