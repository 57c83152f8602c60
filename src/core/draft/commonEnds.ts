/**
 * How many members two lists have in common at their beginning and at their end, told by identity. The two never overlap in either
 * list, so that what differs is `slice(head, length - tail)` of each.
 */
export function commonEnds<T>(before: readonly T[], after: readonly T[]): { head: number; tail: number } {
  const most = Math.min(before.length, after.length);
  let head = 0;
  while (head < most && before[head] === after[head]) head++;
  let tail = 0;
  const [a, b] = [before.length - 1, after.length - 1];
  while (tail < most - head && before[a - tail] === after[b - tail]) tail++;
  return { head, tail };
}
