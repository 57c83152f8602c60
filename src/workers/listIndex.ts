/** All keyword lists by what their keywords say, kept in step with the database. */
import { identity, type KeywordList } from "../core/keywords/list";
import { type KeyedList, type Overlap, OverlapIndex } from "../core/keywords/overlap";
import { stemKey } from "../core/keywords/stemKey";
import { db } from "../data/db";
import { listName } from "../data/listOfPost";
import { allLists } from "../data/lists";
import type { ListHead } from "../data/model";
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
  #stamp = "";

  /** Brings the index up to what the database holds. */
  async refresh(): Promise<void> {
    const heads = await db.lists.toArray();
    const stamp = stampOf(heads);
    if (stamp === this.#stamp) return;
    const lists = await allLists();
    const gone = new Set(this.#lists.keys());
    for (const list of lists) {
      gone.delete(list.id);
      const known = this.#lists.get(list.id);
      if (known && known.list.updatedAt === list.updatedAt && known.list.postId === list.postId) continue;
      const entry = { list, keyed: keyed(list) };
      this.#lists.set(list.id, entry);
      this.#index.put(entry.keyed);
    }
    for (const id of gone) {
      this.#lists.delete(id);
      this.#index.remove(id);
    }
    this.#stamp = stampOf(lists);
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

  /** Lists whose target says the same as a text. */
  rivals(text: string, language: string): string[] {
    const target = stemKey(text, language);
    if (!target) return [];
    return this.#index
      .with({ id: "", target, keywords: [] })
      .filter(({ sameTarget }) => sameTarget)
      .map(({ id }) => id);
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

function stampOf(lists: readonly Pick<ListHead, "id" | "updatedAt" | "postId">[]): string {
  return lists
    .map(({ id, updatedAt, postId }) => `${id} ${updatedAt} ${postId}`)
    .sort()
    .join("\n");
}
