/** What was said in the recording that a post began with. */
import { db } from "./db";
import type { Recording } from "./model";

export const getRecording = async (postId: string): Promise<Recording | null> =>
  (await db.recordings.get(postId)) ?? null;

export async function saveRecording(recording: Recording): Promise<void> {
  await db.transaction("rw", db.posts, db.recordings, async () => {
    if (!(await db.posts.get(recording.postId))) throw new Error("This post is no longer in the workspace.");
    await db.recordings.put(recording);
  });
}
