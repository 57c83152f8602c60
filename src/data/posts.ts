/** Posts with their bodies and outlines. Each write that spans tables is one transaction. */
import { type EditorDoc, emptyDoc } from "../core/blocks/editorJson";
import type { OutlineItem } from "../core/outline/outline";
import type { Piece } from "../core/outline/piece";
import { bodyOf, storedBody } from "./bodies";
import { db } from "./db";
import { syncListOfPost } from "./lists";
import type { Post, PostScore } from "./model";

/** Tables that a change of the text alone touches. */
export const TEXT = [db.posts, db.bodies, db.journal];
const TABLES = [...TEXT, db.outlines, db.lists, db.listBodies];

export const listPosts = (): Promise<Post[]> => db.posts.toArray();
export const listScores = (): Promise<PostScore[]> => db.scores.toArray();
export const getPost = (id: string): Promise<Post | undefined> => db.posts.get(id);
export const getDoc = async (id: string): Promise<EditorDoc> => {
  const body = await db.bodies.get(id);
  return body ? bodyOf(body).doc : emptyDoc;
};
/** The document of a post as the database keeps it; null where there is none. */
export const getStoredJson = async (id: string): Promise<string | null> =>
  (await db.bodies.get(id))?.json ?? null;
export interface PostChange {
  post?: Partial<Omit<Post, "id">>;
  doc?: EditorDoc;
  outline?: OutlineItem[];
  piece?: Piece;
}

export const GONE = "This post is no longer in the workspace.";

/** Saves what changed of a post, all or nothing, and stamps it. */
export async function savePost(id: string, change: PostChange, now: string): Promise<void> {
  // While somebody writes, the text alone changes, again and again.
  const tables = change.post || change.outline || change.piece ? TABLES : TEXT;
  await db.transaction("rw", tables, async () => {
    const post = await db.posts.get(id);
    if (!post) throw new Error(GONE);
    const changed = { ...post, ...change.post, updatedAt: now };
    await db.posts.put(changed);
    if (change.post && ("keyword" in change.post || "supporting" in change.post))
      await syncListOfPost(changed);
    if (change.doc) {
      await db.bodies.put({ ...storedBody({ postId: id, doc: change.doc }), savedAt: now });
      await db.journal.delete(id);
    }
    if (change.outline || change.piece) {
      const outline = await db.outlines.get(id);
      const piece = change.piece ?? outline?.piece;
      await db.outlines.put({
        postId: id,
        items: change.outline ?? outline?.items ?? [],
        ...(piece && { piece }),
      });
    }
  });
}

export async function addPost(
  post: Post,
  doc: EditorDoc = emptyDoc,
  outline: OutlineItem[] = [],
): Promise<void> {
  await db.transaction("rw", TABLES, async () => {
    await db.posts.add(post);
    await syncListOfPost(post);
    await db.bodies.add(storedBody({ postId: post.id, doc }));
    await db.outlines.add({ postId: post.id, items: outline });
  });
}

/** Keeps scores of posts that are still there. */
export async function saveScores(scores: readonly PostScore[]): Promise<void> {
  if (!scores.length) return;
  await db.transaction("rw", db.posts, db.scores, async () => {
    const posts = await db.posts.bulkGet(scores.map(({ postId }) => postId));
    await db.scores.bulkPut(scores.filter((_, i) => posts[i]));
  });
}
