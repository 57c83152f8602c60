import { freshId } from "../../data/freshId";
import type { Post } from "../../data/model";
import { newPost } from "../../data/newPost";
import { addPost, getDoc } from "../../data/posts";
import type { AppThunk } from "../store/thunk";

/** Starts a post from another: all of it but its target keyword and dates, which are nobody's to share. @returns its id */
export const copyPost =
  (source: Post): AppThunk<Promise<string>> =>
  async (_dispatch, getState) => {
    const id = freshId();
    const { title, metaTitle, description, slug, language, tags, categories, author, socialPicture } = source;
    const post = newPost(id, getState().session.site, new Date().toISOString(), {
      ...{ title, metaTitle, description, slug, language, tags, categories, author },
      ...(socialPicture && { socialPicture }),
      stage: "write",
      copiedFrom: source.id,
    });
    await addPost(post, await getDoc(source.id));
    return id;
  };
