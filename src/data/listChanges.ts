/** What changes keyword lists. A list that a post uses and the post's own keywords change together, in one transaction. */
import type { KeywordList } from "../core/keywords/list";
import { merged } from "../core/keywords/listChanges";
import { db } from "./db";
import { keywordsForPost } from "./listOfPost";
import { putList, readList } from "./lists";

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
