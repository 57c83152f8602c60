/** Clustering by average link (Sokal & Michener 1958), for likenesses that are sums over the pairs of two clusters' members. */

/** A symmetric matrix: for every two clusters, what is summed over the pairs of their members. */
export type PairSums = Float64Array[];

interface Near {
  value: number;
  with: number;
}
const NONE: Near = { value: Number.NEGATIVE_INFINITY, with: -1 };
/** Likenesses closer than this are equal: what is between them is rounding. */
const EQUAL = 1e-9;

export class Clusters {
  /** By cluster: its members; empty where it was merged into another. */
  readonly members: number[][];
  readonly #sums: readonly PairSums[];

  /**
   * @param members what each cluster begins with
   * @param sums kept up to date as clusters merge: a merge adds two rows and two columns, and compares nothing anew
   */
  constructor(members: readonly (readonly number[])[], sums: readonly PairSums[]) {
    this.members = members.map((own) => [...own]);
    this.#sums = sums;
  }

  /** Those that are left. */
  get left(): number[][] {
    return this.members.filter(({ length }) => length);
  }

  /**
   * Merges the two most alike, until none are alike enough; of equals the first. Each keeps its nearest, so that a merge looks
   * at few rows anew.
   */
  merge(like: (a: number, b: number) => number, least: number): void {
    const { members } = this;
    const nearest = members.map((): Near => NONE);
    const look = (a: number): Near => {
      let best = NONE;
      for (let b = 0; b < members.length; b++) {
        if (b === a || !members[b]!.length) continue;
        const value = like(Math.min(a, b), Math.max(a, b));
        if (value > best.value + EQUAL) best = { value, with: b };
      }
      return best;
    };
    // Likeness is mutual: each pair is looked at once.
    for (let a = 0; a < members.length; a++) {
      for (let b = a + 1; b < members.length; b++) {
        const value = like(a, b);
        if (value > nearest[a]!.value + EQUAL) nearest[a] = { value, with: b };
        if (value > nearest[b]!.value + EQUAL) nearest[b] = { value, with: a };
      }
    }
    for (;;) {
      let [a, value] = [-1, least - EQUAL];
      for (let i = 0; i < members.length; i++)
        if (members[i]!.length && nearest[i]!.value > value + EQUAL) [a, value] = [i, nearest[i]!.value];
      if (a < 0) return;
      const b = nearest[a]!.with;
      this.#join(a, b);
      nearest[b] = NONE;
      nearest[a] = look(a);
      for (let i = 0; i < members.length; i++) {
        if (i === a || !members[i]!.length) continue;
        const neighbour = nearest[i]!;
        if (neighbour.with === a || neighbour.with === b) nearest[i] = look(i);
        else {
          const now = like(Math.min(i, a), Math.max(i, a));
          if (now > neighbour.value + EQUAL || (now >= neighbour.value - EQUAL && a < neighbour.with))
            nearest[i] = { value: now, with: a };
        }
      }
    }
  }

  #join(a: number, b: number): void {
    this.members[a]!.push(...this.members[b]!);
    this.members[b] = [];
    for (const rows of this.#sums) {
      const [into, from] = [rows[a]!, rows[b]!];
      const own = into[a]! + 2 * into[b]! + from[b]!;
      for (let i = 0; i < into.length; i++) {
        into[i]! += from[i]!;
        rows[i]![a] = into[i]!;
      }
      into[a] = own;
    }
  }
}

/** A sparse vector by the names of its dimensions. */
export type Vector = ReadonlyMap<string, number>;

/** The scalar product of two. */
export function product(a: Vector, b: Vector): number {
  let sum = 0;
  for (const [name, value] of a) sum += value * (b.get(name) ?? 0);
  return sum;
}

/** The sum of vectors: its product with another sum is the sum of the products of their members. */
export function sumOf(vectors: readonly Vector[]): Vector {
  if (vectors.length === 1) return vectors[0]!;
  const sum = new Map<string, number>();
  for (const vector of vectors)
    for (const [name, value] of vector) sum.set(name, (sum.get(name) ?? 0) + value);
  return sum;
}

/** The scalar products of every two vectors; reached by what vectors share a dimension, since most share none. */
export function products(vectors: readonly Vector[]): PairSums {
  const held = new Map<string, { at: number; value: number }[]>();
  vectors.forEach((vector, at) => {
    for (const [name, value] of vector) {
      const places = held.get(name);
      if (places) places.push({ at, value });
      else held.set(name, [{ at, value }]);
    }
  });
  const rows = vectors.map(() => new Float64Array(vectors.length));
  for (const places of held.values())
    for (const { at, value } of places) {
      const row = rows[at]!;
      for (const other of places) row[other.at]! += value * other.value;
    }
  return rows;
}
