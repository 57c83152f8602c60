import { newPost } from "../../data/draft";
import { addPost } from "../../data/posts";
import { freshId } from "../freshId";
import { store } from "../store/store";

/** Makes an empty post and returns its id. */
export async function createPost(): Promise<string> {
  const id = freshId();
  await addPost(newPost(id, store.getState().session.site, new Date().toISOString()));
  return id;
}
