/**
 * Remembering what was computed, with all that it depends on. A value is given again only while every dependency is the same
 * (Object.is); dependencies are named where the value is asked for, so that none can be forgotten elsewhere.
 */

/** One value. */
export class Memo<T> {
  #last: { on: readonly unknown[]; value: T } | null = null;

  /**
   * @param on everything that `compute` looks at
   * @returns the value for these dependencies, computed where they are other than last time
   */
  get(on: readonly unknown[], compute: () => T): T {
    const last = this.#last;
    if (last && same(last.on, on)) return last.value;
    const value = compute();
    this.#last = { on, value };
    return value;
  }
}

/** One value a thing, for as long as the thing lives. The things themselves must never change in place. */
export class MemoBy<Key extends object, T> {
  readonly #memos = new WeakMap<Key, Memo<T>>();

  get(key: Key, on: readonly unknown[], compute: () => T): T {
    let memo = this.#memos.get(key);
    if (!memo) {
      memo = new Memo();
      this.#memos.set(key, memo);
    }
    return memo.get(on, compute);
  }
}

/** Values by a text and what else they depend on; all are forgotten when there are too many. */
export class MemoByText<T> {
  #kinds = new Map<string, Map<string, T>>();
  #size = 0;

  /** @param most values that are held */
  constructor(private readonly most: number) {}

  /** @param on everything that `compute` looks at beside the text */
  get(text: string, on: readonly (string | number | boolean)[], compute: () => T): T {
    // Lengths before the parts, so that no two lists of them read alike.
    const kind = on.map((part) => `${typeof part} ${String(part).length} ${part}`).join("");
    let values = this.#kinds.get(kind);
    if (values?.has(text)) return values.get(text) as T;
    const value = compute();
    if (this.#size >= this.most) {
      this.#kinds = new Map();
      this.#size = 0;
    }
    values = this.#kinds.get(kind);
    if (!values) {
      values = new Map();
      this.#kinds.set(kind, values);
    }
    values.set(text, value);
    this.#size++;
    return value;
  }
}

function same(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false;
  return true;
}
