/**
 * Remembering what was computed, with all that it depends on. A value is given again only while every dependency is the same
 * (Object.is); dependencies are named where the value is asked for, so that none can be forgotten elsewhere.
 */

/** A value that is made when it is first asked for, and never anew: it depends on nothing. */
export function once<T>(make: () => T): () => T {
  let held: { value: T } | null = null;
  return () => {
    held ??= { value: make() };
    return held.value;
  };
}

/**
 * A function of something that never changes in place, with what it gave kept for as long as the thing lives. It may depend on
 * nothing else: what it is called for twice would be the same twice.
 */
export function perObject<Key extends object, T>(compute: (key: Key) => T): (key: Key) => T {
  const values = new WeakMap<Key, { value: T }>();
  return (key) => {
    const hit = values.get(key);
    if (hit) return hit.value;
    const value = compute(key);
    values.set(key, { value });
    return value;
  };
}

/** A function of a text, with what it gave kept; all of it is forgotten when there are too many. @param most values that are held */
export function perText<T>(compute: (text: string) => T, most: number): (text: string) => T {
  const values = new Map<string, T>();
  return (text) => {
    const hit = values.get(text);
    if (hit !== undefined) return hit;
    if (values.size >= most) values.clear();
    const value = compute(text);
    values.set(text, value);
    return value;
  };
}

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
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false;
  return true;
}
