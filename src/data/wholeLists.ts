/** Keyword lists with all their keywords. */
import type { KeywordList } from "../core/keywords/list";
import { db } from "./db";
import { readList, whole } from "./lists";
import type { ListHead } from "./model";

export async function getList(id: string): Promise<KeywordList | undefined> {
  return db.transaction("r", db.lists, db.listBodies, () => readList(id));
}

/** The list of a post, or undefined where it has no keywords yet. */
export async function getListOfPost(postId: string): Promise<KeywordList | undefined> {
  return db.transaction("r", db.lists, db.listBodies, async () => {
    const head = await db.lists.where("postId").equals(postId).first();
    return head && readList(head.id);
  });
}

/** Lists with their keywords, by their heads. */
export async function readLists(heads: readonly ListHead[]): Promise<KeywordList[]> {
  const bodies = await db.listBodies.bulkGet(heads.map(({ id }) => id));
  return heads.map((head, i) => whole(head, bodies[i]?.keywords ?? []));
}

/** All lists with their keywords. */
export async function allLists(): Promise<KeywordList[]> {
  return db.transaction("r", db.lists, db.listBodies, async () => readLists(await db.lists.toArray()));
}
