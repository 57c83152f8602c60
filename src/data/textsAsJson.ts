/** Texts as the JSON that the database keeps, for who passes them on without reading them. */
import { emptyDoc } from "../core/blocks/editorJson";
import { db } from "./db";
import { GONE, TEXT } from "./posts";

/** Documents of several posts as JSON, in the order asked for; of an empty document where there is none. */
export const getDocsAsJson = async (ids: readonly string[]): Promise<string[]> =>
  (await db.bodies.bulkGet([...ids])).map((body) => body?.json ?? JSON.stringify(emptyDoc));

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
