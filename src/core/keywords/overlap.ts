/**
 * How much two keyword lists share. A few per cent are usual; lists that share most of their keywords make their posts
 * compete with each other.
 */

/** A list as far as overlap needs it. Keys are stem keys: equal ones say the same. */
export interface KeyedList {
  id: string;
  keywords: { text: string; key: string }[];
  /** Stem key of the target keyword, or empty. */
  target: string;
}

export interface Overlap {
  /** The other list. */
  id: string;
  /** Share of this list's keywords that the other has too, 0 to 100. */
  percent: number;
  /** The shared keywords as this list and the other write them. */
  pairs: { here: string; there: string }[];
  /** Both lists have the same target. */
  sameTarget: boolean;
}

/** All lists by the keys of their keywords, so that one list is compared with a thousand at the cost of its own keywords. */
export class OverlapIndex {
  readonly #lists = new Map<string, KeyedList>();
  readonly #byKey = new Map<string, Map<string, string>>();
  readonly #byTarget = new Map<string, Set<string>>();

  constructor(lists: Iterable<KeyedList> = []) {
    for (const list of lists) this.put(list);
  }

  /** Adds a list, or replaces the one with its id. */
  put(list: KeyedList): void {
    this.remove(list.id);
    this.#lists.set(list.id, list);
    for (const { text, key } of list.keywords) {
      if (!key) continue;
      const lists = this.#byKey.get(key);
      if (!lists) this.#byKey.set(key, new Map([[list.id, text]]));
      else if (!lists.has(list.id)) lists.set(list.id, text);
    }
    if (list.target) {
      const lists = this.#byTarget.get(list.target);
      if (lists) lists.add(list.id);
      else this.#byTarget.set(list.target, new Set([list.id]));
    }
  }

  remove(id: string): void {
    const list = this.#lists.get(id);
    if (!list) return;
    this.#lists.delete(id);
    for (const { key } of list.keywords) this.#byKey.get(key)?.delete(id);
    this.#byTarget.get(list.target)?.delete(id);
  }

  /**
   * The overlap of one list with every other that shares anything with it, the largest first.
   *
   * Keywords of the list that say the same count once. The list need not be in the index; where it is, it is not
   * compared with itself.
   */
  with(list: KeyedList): Overlap[] {
    const own = new Map<string, string>();
    for (const { text, key } of list.keywords) if (key && !own.has(key)) own.set(key, text);
    const shared = new Map<string, Overlap["pairs"]>();
    for (const [key, here] of own) {
      for (const [id, there] of this.#byKey.get(key) ?? []) {
        if (id === list.id) continue;
        const pairs = shared.get(id);
        if (pairs) pairs.push({ here, there });
        else shared.set(id, [{ here, there }]);
      }
    }
    const rivals = list.target ? this.#byTarget.get(list.target) : undefined;
    for (const id of rivals ?? []) if (id !== list.id && !shared.has(id)) shared.set(id, []);
    return [...shared]
      .map(([id, pairs]) => ({
        id,
        percent: own.size ? (100 * pairs.length) / own.size : 0,
        pairs,
        sameTarget: rivals?.has(id) ?? false,
      }))
      .sort((a, b) => b.percent - a.percent || (a.id < b.id ? -1 : 1));
  }
}
