import { newPost } from "../../data/draft";
import { addPost } from "../../data/posts";
import { store } from "../store/store";

/** A short id that sorts by nothing and repeats never. */
export const freshId = (): string => crypto.randomUUID().replaceAll("-", "").slice(0, 16);

/** Makes an empty post and returns its id. */
export async function createPost(): Promise<string> {
  const id = freshId();
  await addPost(newPost(id, store.getState().session.site, new Date().toISOString()));
  return id;
}
