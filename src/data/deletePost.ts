/** Deleting a post with all that is of it, and putting it back. */
import type { KeywordList } from "../core/keywords/list";
import { db } from "./db";
import { isOwnList } from "./listOfPost";
import { putList, syncListOfPost } from "./lists";
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
import { readLists } from "./wholeLists";

const ALL_OF_A_POST = [
  db.posts,
  db.bodies,
  db.journal,
  db.outlines,
  db.lists,
  db.listBodies,
  db.scores,
  db.fields,
  db.fieldBodies,
  db.drawer,
  db.versions,
  db.versionBodies,
  db.recordings,
];

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
