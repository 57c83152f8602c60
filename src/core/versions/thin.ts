/** Which versions are kept: those with a name for ever, the others the sparser the older they are. */

interface Dated {
  id: string;
  /** ISO date and time. */
  savedAt: string;
  name: string;
}

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
/** Up to what age, and how far apart at least. */
const STEPS: readonly { age: number; apart: number }[] = [
  { age: 2 * HOUR, apart: 0 },
  { age: DAY, apart: HOUR },
  { age: 30 * DAY, apart: DAY },
  { age: Number.POSITIVE_INFINITY, apart: 7 * DAY },
];

/**
 * Versions that may go.
 *
 * @param versions of one post, in any order
 * @param now ISO date and time
 * @returns their ids; never a named one, never the latest or the earliest
 */
export function surplusVersions(versions: readonly Dated[], now: string): string[] {
  const sorted = [...versions].sort((a, b) => (a.savedAt < b.savedAt ? 1 : a.savedAt > b.savedAt ? -1 : 0));
  const surplus: string[] = [];
  let last = Number.POSITIVE_INFINITY;
  for (const [i, { id, savedAt, name }] of sorted.entries()) {
    const at = Date.parse(savedAt);
    const step = STEPS.find(({ age }) => Date.parse(now) - at <= age)!;
    if (i === 0 || i === sorted.length - 1 || name || last - at >= step.apart) last = at;
    else surplus.push(id);
  }
  return surplus;
}
