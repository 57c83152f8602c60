/** Remembering what depends on one thing alone, or on nothing. What depends on more: memo.ts. */

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
