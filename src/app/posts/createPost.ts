import type { NavigateFunction } from "react-router";
import { newPost } from "../../data/draft";
import { freshId } from "../../data/freshId";
import type { Post } from "../../data/model";
import { addPost } from "../../data/posts";
import { store } from "../store/store";

/** Makes an empty post and goes to it, the cursor in its title. */
export async function startPost(navigate: NavigateFunction): Promise<void> {
  const id = await createPost();
  await navigate(`/post/${id}/find`, { state: { fresh: true } });
}

/** Makes a post with nothing in it but the fields given, and returns its id. */
export async function createPost(fields: Partial<Omit<Post, "id">> = {}): Promise<string> {
  const id = freshId();
  await addPost(newPost(id, store.getState().session.site, new Date().toISOString(), fields));
  return id;
}
