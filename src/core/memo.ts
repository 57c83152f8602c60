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

/**
 * One value, computed from what it depends on and from nothing else: its dependencies are the arguments. For what is asked of every
 * block with every key, where a list of dependencies would cost more than it saves.
 */
export class Remembered<A, B, C, T> {
  #last: { a: A; b: B; c: C; value: T } | null = null;

  constructor(private readonly compute: (a: A, b: B, c: C) => T) {}

  get(a: A, b: B, c: C): T {
    const last = this.#last;
    if (last !== null && last.a === a && last.b === b && last.c === c) return last.value;
    const value = this.compute(a, b, c);
    this.#last = { a, b, c, value };
    return value;
  }
}

/** Answers of one kind, by the text that each is about. */
export interface TextMemo<T> {
  get(text: string, compute: () => T): T;
}

/** Values by a text and what else they depend on; all are forgotten when there are too many. */
export class MemoByText<T> {
  #kinds = new Map<string, Map<string, T>>();
  #size = 0;

  /** @param most values that are held */
  constructor(private readonly most: number) {}

  /** @param on everything that the answers look at beside the text */
  of(on: readonly (string | number | boolean)[]): TextMemo<T> {
    // Lengths before the parts, so that no two lists of them read alike.
    const kind = on.map((part) => `${typeof part} ${String(part).length} ${part}`).join("");
    return {
      get: (text, compute) => {
        const values = this.#kinds.get(kind);
        const cached = values?.get(text);
        if (cached !== undefined || values?.has(text)) return cached as T;
        return this.#keep(kind, text, compute());
      },
    };
  }

  #keep(kind: string, text: string, value: T): T {
    if (this.#size >= this.most) {
      this.#kinds = new Map();
      this.#size = 0;
    }
    let values = this.#kinds.get(kind);
    if (!values) {
      values = new Map();
      this.#kinds.set(kind, values);
    }
    values.set(text, value);
    this.#size++;
    return value;
  }
}

/** Are these the same things in the same order? */
export function same(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a === b) return true;
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false;
  return true;
}
