/** Keyword lists. A list that a post uses and the post's own keywords change together, in one transaction. */
import { followPost, type KeywordList, merged } from "../core/keywords/list";
import { db } from "./db";
import { headOf, keywordsForPost, listOfPost } from "./listOfPost";
import type { ListHead, Post } from "./model";

export const listHeads = (): Promise<ListHead[]> => db.lists.toArray();

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

/** Saves a list; the post that uses it follows. @returns the list as saved */
export async function saveList(list: KeywordList, now: string): Promise<KeywordList> {
  return db.transaction("rw", db.lists, db.listBodies, db.posts, () => writeList(list, now));
}

/**
 * Changes a list as it stands in the database, so that nothing of another tab is lost.
 *
 * @throws Error where the list is gone
 */
export async function changeList(
  id: string,
  change: (list: KeywordList) => KeywordList,
  now: string,
): Promise<KeywordList> {
  return db.transaction("rw", db.lists, db.listBodies, db.posts, async () => {
    const list = await readList(id);
    if (!list) throw new Error("This list is no longer in the workspace.");
    return writeList(change(list), now);
  });
}

/** Moves keywords from one list to another, both or neither. */
export async function moveKeywords(
  fromId: string,
  toId: string,
  change: (from: KeywordList, to: KeywordList) => [KeywordList, KeywordList],
  now: string,
): Promise<void> {
  await db.transaction("rw", db.lists, db.listBodies, db.posts, async () => {
    const [from, to] = [await readList(fromId), await readList(toId)];
    if (!from || !to) throw new Error("One of the lists is no longer in the workspace.");
    const [nextFrom, nextTo] = change(from, to);
    await writeList(nextFrom, now);
    await writeList(nextTo, now);
  });
}

/**
 * Gives a list to a post, or takes it from every post. A list belongs to one post at most, and a post has one: a list
 * that the post had before stays, without a post.
 *
 * @param postId null to take it away; the post it leaves keeps no keywords
 */
export async function giveList(id: string, postId: string | null, now: string): Promise<void> {
  await db.transaction("rw", db.lists, db.listBodies, db.posts, async () => {
    const list = await readList(id);
    if (!list) throw new Error("This list is no longer in the workspace.");
    if (list.postId === postId) return;
    if (list.postId) await db.posts.update(list.postId, { keyword: "", supporting: [], updatedAt: now });
    if (postId) await db.lists.where("postId").equals(postId).modify({ postId: null });
    await writeList({ ...list, postId }, now);
  });
}

/** What deleting took away, so that it can be undone. */
export interface DeletedLists {
  lists: KeywordList[];
}

export async function deleteList(id: string, now: string): Promise<DeletedLists> {
  return db.transaction("rw", db.lists, db.listBodies, db.posts, async () => {
    const list = await readList(id);
    if (!list) return { lists: [] };
    await removeList(list, now);
    return { lists: [list] };
  });
}

/** Puts another list's keywords into this one and deletes the other. @returns both as they were */
export async function mergeLists(id: string, otherId: string, now: string): Promise<DeletedLists> {
  return db.transaction("rw", db.lists, db.listBodies, db.posts, async () => {
    const [list, other] = [await readList(id), await readList(otherId)];
    if (!list || !other) throw new Error("One of the lists is no longer in the workspace.");
    await removeList(other, now);
    await writeList(merged(list, other), now);
    return { lists: [list, other] };
  });
}

/** Puts lists back as they were. */
export async function restoreLists({ lists }: DeletedLists, now: string): Promise<void> {
  await db.transaction("rw", db.lists, db.listBodies, db.posts, async () => {
    for (const list of lists) {
      // Its post may have gone, or may have got another list since.
      const post = await db.posts.get(list.postId ?? "");
      const rival = await db.lists
        .where("postId")
        .equals(list.postId ?? "")
        .first();
      await writeList(
        {
          ...list,
          postId: post !== undefined && (rival === undefined || rival.id === list.id) ? list.postId : null,
        },
        now,
      );
    }
  });
}

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

/** Lists with their keywords, by their heads. */
export async function readLists(heads: readonly ListHead[]): Promise<KeywordList[]> {
  const bodies = await db.listBodies.bulkGet(heads.map(({ id }) => id));
  return heads.map((head, i) => whole(head, bodies[i]?.keywords ?? []));
}

/** All lists with their keywords. */
export async function allLists(): Promise<KeywordList[]> {
  return db.transaction("r", db.lists, db.listBodies, async () => readLists(await db.lists.toArray()));
}

/** Writes a list without looking at its post. To be called within a transaction. */
export async function putList(list: KeywordList): Promise<void> {
  await db.lists.put(headOf(list));
  await db.listBodies.put({ listId: list.id, keywords: list.keywords });
}

async function readList(id: string): Promise<KeywordList | undefined> {
  const [head, body] = await Promise.all([db.lists.get(id), db.listBodies.get(id)]);
  return head && whole(head, body?.keywords ?? []);
}

async function writeList(list: KeywordList, now: string): Promise<KeywordList> {
  const saved = { ...list, updatedAt: now };
  await putList(saved);
  if (list.postId) await db.posts.update(list.postId, { ...keywordsForPost(list), updatedAt: now });
  return saved;
}

async function removeList(list: KeywordList, now: string): Promise<void> {
  await db.lists.delete(list.id);
  await db.listBodies.delete(list.id);
  if (list.postId) await db.posts.update(list.postId, { keyword: "", supporting: [], updatedAt: now });
}

function whole(
  { count: _count, searches: _searches, ...head }: ListHead,
  keywords: KeywordList["keywords"],
): KeywordList {
  return { ...head, keywords };
}
