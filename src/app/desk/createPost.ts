import { newPost } from "../../data/draft";
import type { Post } from "../../data/model";
import { addPost } from "../../data/posts";
import { freshId } from "../freshId";
import { store } from "../store/store";

/** Makes a post with nothing in it but the fields given, and returns its id. */
export async function createPost(fields: Partial<Omit<Post, "id">> = {}): Promise<string> {
  const id = freshId();
  await addPost(newPost(id, store.getState().session.site, new Date().toISOString(), fields));
  return id;
}
