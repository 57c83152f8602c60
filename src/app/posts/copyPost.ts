import { newPost } from "../../data/draft";
import { freshId } from "../../data/freshId";
import type { Post } from "../../data/model";
import { addPost, getDoc } from "../../data/posts";
import { store } from "../store/store";

/** Starts a post from another: all of it but its target keyword and dates, which are nobody's to share. @returns its id */
export async function copyPost(source: Post): Promise<string> {
  const id = freshId();
  const { title, metaTitle, description, slug, language, tags, category, author, socialPicture } = source;
  const post = newPost(id, store.getState().session.site, new Date().toISOString(), {
    ...{ title, metaTitle, description, slug, language, tags, category, author },
    ...(socialPicture && { socialPicture }),
    stage: "write",
    copiedFrom: source.id,
  });
  await addPost(post, await getDoc(source.id));
  return id;
}
