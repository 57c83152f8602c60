/** Keyword lists as they are stored, and a list that follows its post. */
import { followPost, type KeywordList } from "../core/keywords/list";
import { db } from "./db";
import { headOf, listOfPost } from "./listOfPost";
import type { ListHead, Post } from "./model";

export const listHeads = (): Promise<ListHead[]> => db.lists.toArray();

/** Makes the list of a post say what the post says. To be called within the transaction that changes the post. */
export async function syncListOfPost(post: Post): Promise<void> {
  const head = await db.lists.where("postId").equals(post.id).first();
  if (!head) {
    if (post.keyword || post.supporting.length) await putList(listOfPost(post));
    return;
  }
  const list = await readList(head.id);
  if (list) await putList({ ...followPost(list, post.keyword, post.supporting), updatedAt: post.updatedAt });
}

/** Writes a list without looking at its post. To be called within a transaction. */
export async function putList(list: KeywordList): Promise<void> {
  await db.lists.put(headOf(list));
  await db.listBodies.put({ listId: list.id, keywords: list.keywords });
}

/** A list with its keywords. To be called within a transaction. */
export async function readList(id: string): Promise<KeywordList | undefined> {
  const [head, body] = await Promise.all([db.lists.get(id), db.listBodies.get(id)]);
  return head && whole(head, body?.keywords ?? []);
}

/** A list of its two halves. */
export function whole(
  { count: _count, searches: _searches, ...head }: ListHead,
  keywords: KeywordList["keywords"],
): KeywordList {
  return { ...head, keywords };
}
