import type { NavigateFunction } from "react-router";
import { freshId } from "../../data/freshId";
import type { Post } from "../../data/model";
import { newPost } from "../../data/newPost";
import { addPost } from "../../data/posts";
import type { AppThunk } from "../store/thunk";

/** Makes an empty post and goes to it, the cursor in its title. */
export const startPost =
  (navigate: NavigateFunction): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const id = await dispatch(createPost());
    await navigate(`/post/${id}/find`, { state: { fresh: true } });
  };

/** Makes a post with nothing in it but the fields given, and returns its id. */
export const createPost =
  (fields: Partial<Omit<Post, "id">> = {}): AppThunk<Promise<string>> =>
  async (_dispatch, getState) => {
    const id = freshId();
    await addPost(newPost(id, getState().session.site, new Date().toISOString(), fields));
    return id;
  };
