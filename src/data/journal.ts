/** The journal of a post's text: what was written since the text was stored whole. It stands for nothing once the text is. */
import type { EditorDoc, EditorNode } from "../core/blocks/editorJson";
import { docJson, nodeJson } from "./bodies";
import { db } from "./db";
import type { JournalEntry, StoredBody } from "./model";

/**
 * Writes it past Dexie, which would tell every page of each writing: a dozen times a second while somebody types, and nobody follows the
 * journal.
 *
 * @throws Error where the post is gone, or the journal cannot be written
 */
export async function writeJournal(entry: JournalEntry): Promise<void> {
  if (!db.isOpen()) await db.open();
  await new Promise<void>((resolve, reject) => {
    // As durable as what Dexie writes (db.ts).
    const writing = db.backendDB().transaction(["posts", "journal"], "readwrite", { durability: "strict" });
    let gone = false;
    const post = writing.objectStore("posts").getKey(entry.postId);
    post.onsuccess = () => {
      gone = post.result === undefined;
      if (!gone) writing.objectStore("journal").put(entry);
    };
    writing.oncomplete = () =>
      gone ? reject(new Error("This post is no longer in the workspace.")) : resolve();
    writing.onabort = () => reject(writing.error ?? new Error("The journal could not be written."));
  });
}

export const journaledPosts = async (): Promise<string[]> =>
  (await db.journal.toCollection().primaryKeys()) as string[];

/**
 * Brings into the text of a post what its journal holds, where the page was gone before it was stored. Only for who holds the post: the
 * journal of a post that is being written belongs to its writer.
 */
export async function replayJournal(postId: string): Promise<void> {
  await db.transaction("rw", db.posts, db.bodies, db.journal, async () => {
    const entry = await db.journal.get(postId);
    if (!entry) return;
    await db.journal.delete(postId);
    const [post, body] = await Promise.all([db.posts.get(postId), db.bodies.get(postId)]);
    const json = body && post ? replayed(body, entry) : null;
    if (!json) return;
    await db.bodies.put({ postId, json, savedAt: entry.at });
    await db.posts.put({ ...post!, updatedAt: entry.at });
  });
}

/** The text with its journal; null where the journal is of another text. */
function replayed(body: StoredBody, { base, head, tail, nodes, at }: JournalEntry): string | null {
  if ((body.savedAt ?? "") !== base || at < base) return null;
  const before = (JSON.parse(body.json) as EditorDoc).content as EditorNode[];
  if (head + tail > before.length) return null;
  return docJson([
    ...before.slice(0, head).map(nodeJson),
    ...nodes,
    ...before.slice(before.length - tail).map(nodeJson),
  ]);
}
