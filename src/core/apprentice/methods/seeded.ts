/** Chance with a seed: the same seed gives the same choices, on every machine. */

export interface Chance {
  /** A number from 0 up to 1. */
  next(): number;
  pick<T>(from: readonly T[]): T | undefined;
  /** All of them, in another order. */
  shuffled<T>(all: readonly T[]): T[];
}

/** Mulberry32, a small generator with a seed of 32 bits (T. Ettinger, 2017). */
export function seeded(seed: number): Chance {
  let state = Math.imul(seed | 0, 0x9e3779b1) ^ 0x51ed270b;
  const next = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return {
    next,
    pick: (from) => from[Math.floor(next() * from.length)],
    shuffled(all) {
      // R. Durstenfeld, Algorithm 235, 1964.
      const order = [...all];
      for (let i = order.length - 1; i > 0; i--) {
        const other = Math.floor(next() * (i + 1));
        [order[i], order[other]] = [order[other]!, order[i]!];
      }
      return order;
    },
  };
}
