/** Posts with their bodies and outlines. Each write that spans tables is one transaction. */
import { type EditorDoc, emptyDoc } from "../core/blocks/editorJson";
import type { KeywordList } from "../core/keywords/list";
import type { OutlineItem } from "../core/outline/outline";
import { noPiece, type Piece } from "../core/outline/piece";
import { bodyOf, storedBody } from "./bodies";
import { db } from "./db";
import { isOwnList } from "./listOfPost";
import { putList, readLists, syncListOfPost } from "./lists";
import type {
  CompetitorBody,
  Competitors,
  DrawerEntry,
  Outline,
  Post,
  PostScore,
  PostVersion,
  Recording,
  StoredBody,
  VersionBody,
} from "./model";

const TEXT = [db.posts, db.bodies, db.journal];
const TABLES = [...TEXT, db.outlines, db.lists, db.listBodies];
const ALL_OF_A_POST = [
  ...TABLES,
  db.scores,
  db.fields,
  db.fieldBodies,
  db.drawer,
  db.versions,
  db.versionBodies,
  db.recordings,
];

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
/** Documents of several posts as JSON, in the order asked for; of an empty document where there is none. */
export const getDocsAsJson = async (ids: readonly string[]): Promise<string[]> =>
  (await db.bodies.bulkGet([...ids])).map((body) => body?.json ?? JSON.stringify(emptyDoc));
/** The outline of a post with the terms of its piece. */
export async function getPlan(id: string): Promise<{ items: OutlineItem[]; piece: Piece }> {
  const outline = await db.outlines.get(id);
  return { items: outline?.items ?? [], piece: { ...noPiece, ...outline?.piece } };
}

export interface PostChange {
  post?: Partial<Omit<Post, "id">>;
  doc?: EditorDoc;
  outline?: OutlineItem[];
  piece?: Piece;
}

const GONE = "This post is no longer in the workspace.";

/** Saves the text alone, as JSON, and stamps the post. */
export async function saveTextJson(id: string, json: string, now: string): Promise<void> {
  await db.transaction("rw", TEXT, async () => {
    const post = await db.posts.get(id);
    if (!post) throw new Error(GONE);
    await db.posts.put({ ...post, updatedAt: now });
    await db.bodies.put({ postId: id, json, savedAt: now });
    await db.journal.delete(id);
  });
}

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

/** All of a post, so that deleting it can be undone. */
export interface DeletedPost {
  post: Post;
  body: StoredBody | undefined;
  outline: Outline | undefined;
  score: PostScore | undefined;
  fields: Competitors[];
  fieldBodies: CompetitorBody[];
  drawer: DrawerEntry[];
  versions: PostVersion[];
  versionBodies: VersionBody[];
  recording: Recording | undefined;
  /** Its keyword list, where that stays when the post goes. */
  listId: string | undefined;
  /** The list that was made of its own keywords and has no name: it goes with the post. */
  ownList: KeywordList | undefined;
}

export function deletePost(id: string): Promise<DeletedPost | null> {
  return db.transaction("rw", ALL_OF_A_POST, async () => {
    const post = await db.posts.get(id);
    if (!post) return null;
    const sets = await db.fields.where("postId").equals(id).toArray();
    const fieldIds = sets.map((competitors) => competitors.id);
    const versions = await db.versions.where("postId").equals(id).toArray();
    const versionIds = versions.map((version) => version.id);
    const [list] = await db.lists.where("postId").equals(id).toArray();
    const goes = list && isOwnList(list, id) ? list.id : null;
    const kept = {
      versions,
      versionBodies: (await db.versionBodies.bulkGet(versionIds)).filter((body) => body !== undefined),
      fields: sets,
      fieldBodies: (await db.fieldBodies.bulkGet(fieldIds)).filter((body) => body !== undefined),
      drawer: await db.drawer.where("postId").equals(id).toArray(),
      post,
      recording: await db.recordings.get(id),
      body: await db.bodies.get(id),
      outline: await db.outlines.get(id),
      score: await db.scores.get(id),
      listId: goes ? undefined : list?.id,
      ownList: goes ? (await readLists([list!]))[0] : undefined,
    };
    if (goes) await Promise.all([db.lists.delete(goes), db.listBodies.delete(goes)]);
    await Promise.all([
      db.lists.where("postId").equals(id).modify({ postId: null }),
      db.posts.delete(id),
      db.bodies.delete(id),
      db.journal.delete(id),
      db.outlines.delete(id),
      db.scores.delete(id),
      db.fields.bulkDelete(fieldIds),
      db.fieldBodies.bulkDelete(fieldIds),
      db.drawer.where("postId").equals(id).delete(),
      db.recordings.delete(id),
      db.versions.bulkDelete(versionIds),
      db.versionBodies.bulkDelete(versionIds),
    ]);
    return kept;
  });
}

export async function restorePost(deleted: DeletedPost): Promise<void> {
  const {
    post,
    body,
    outline,
    score,
    listId,
    ownList,
    fields: sets,
    fieldBodies,
    drawer,
    versions,
    versionBodies,
    recording,
  } = deleted;
  await db.transaction("rw", ALL_OF_A_POST, async () => {
    await db.posts.put(post);
    if (ownList) await putList(ownList);
    const list = await db.lists.get(listId ?? "");
    if (list?.postId === null) await db.lists.update(list.id, { postId: post.id });
    await syncListOfPost(post);
    if (body) await db.bodies.put(body);
    if (outline) await db.outlines.put(outline);
    if (score) await db.scores.put(score);
    await db.fields.bulkPut(sets);
    await db.fieldBodies.bulkPut(fieldBodies);
    await db.drawer.bulkPut(drawer);
    if (recording) await db.recordings.put(recording);
    await db.versions.bulkPut(versions);
    await db.versionBodies.bulkPut(versionBodies);
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
