/** The time below which a share of the times lies. */
export const at = (times: number[], share: number): number =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))]!;
export const ms = (n: number): string => `${n < 10 ? n.toFixed(3) : n.toFixed(0)} ms`;
