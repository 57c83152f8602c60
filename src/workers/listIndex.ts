/** All keyword lists by what their keywords say, kept in step with the database. */
import { identity, type KeywordList } from "../core/keywords/list";
import { type KeyedList, type Overlap, OverlapIndex } from "../core/keywords/overlap";
import { stemKey } from "../core/keywords/stemKey";
import { listName } from "../data/listOfPost";
import { listHeads } from "../data/lists";
import { readLists } from "../data/wholeLists";
import type { Use } from "./keywordBoard";

/** An overlap as the screen names it. */
export interface NamedOverlap extends Overlap {
  name: string;
  postId: string | null;
}

export interface OverlapMatrix {
  /** Lists that share anything, those with the largest overlaps first. */
  lists: { id: string; name: string; postId: string | null; count: number }[];
  /** Per list its overlaps with the others. */
  overlaps: Map<string, Overlap[]>;
  /** All lists, those that share nothing included. */
  total: number;
}

const keyed = (list: KeywordList): KeyedList => ({
  id: list.id,
  target: list.target ? stemKey(list.target, list.language) : "",
  keywords: list.keywords.map(({ text }) => ({ text, key: stemKey(text, list.language) })),
});

export class ListIndex {
  #index = new OverlapIndex();
  #lists = new Map<string, { list: KeywordList; keyed: KeyedList }>();

  /** Brings the index up to what the database holds; only lists that have changed are read. @returns whether any had */
  async refresh(): Promise<boolean> {
    const heads = await listHeads();
    const gone = new Set(this.#lists.keys());
    const changed = heads.filter(({ id, updatedAt, postId, name }) => {
      gone.delete(id);
      const list = this.#lists.get(id)?.list;
      return !list || list.updatedAt !== updatedAt || list.postId !== postId || list.name !== name;
    });
    for (const id of gone) {
      this.#lists.delete(id);
      this.#index.remove(id);
    }
    for (const list of await readLists(changed)) {
      const entry = { list, keyed: keyed(list) };
      this.#lists.set(list.id, entry);
      this.#index.put(entry.keyed);
    }
    return changed.length > 0 || gone.size > 0;
  }

  get lists(): KeywordList[] {
    return [...this.#lists.values()].map(({ list }) => list);
  }

  *uses(): Generator<{ text: string; use: Use }> {
    for (const { list } of this.#lists.values())
      for (const { text } of list.keywords)
        yield { text, use: { listId: list.id, target: identity(text) === identity(list.target) } };
  }

  /** Overlap of a list of the database with all others. */
  overlapOf(id: string): NamedOverlap[] {
    const entry = this.#lists.get(id);
    return entry ? this.#named(this.#index.with(entry.keyed)) : [];
  }

  /** Overlap of keywords that are in no list yet. */
  overlapOfTexts(texts: readonly string[], language: string, without = ""): NamedOverlap[] {
    const keywords = texts.map((text) => ({ text, key: stemKey(text, language) }));
    return this.#named(this.#index.with({ id: without, target: "", keywords }));
  }

  matrix(): OverlapMatrix {
    const rows = [...this.#lists.values()].map(({ list, keyed: own }) => ({
      list,
      overlaps: this.#index.with(own),
    }));
    const sharing = rows
      .filter(({ overlaps }) => overlaps.length)
      .sort((a, b) => b.overlaps[0]!.percent - a.overlaps[0]!.percent);
    return {
      lists: sharing.map(({ list }) => ({
        id: list.id,
        name: listName(list),
        postId: list.postId,
        count: list.keywords.length,
      })),
      overlaps: new Map(sharing.map(({ list, overlaps }) => [list.id, overlaps])),
      total: rows.length,
    };
  }

  #named(overlaps: Overlap[]): NamedOverlap[] {
    return overlaps.flatMap((overlap) => {
      const list = this.#lists.get(overlap.id)?.list;
      return list ? [{ ...overlap, name: listName(list), postId: list.postId }] : [];
    });
  }
}
