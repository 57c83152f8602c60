import type { Post } from "../../data/model";
import { saveWithOutbox } from "../../data/outboxChanges";
import { savePost } from "../../data/posts";
import { postEdited } from "../store/openPostSlice";
import type { AppThunk } from "../store/thunk";

/** Changes fields of a post, open here or not, and waits until that is stored. One that is only read here follows what is stored. */
export const changePost =
  (id: string, changes: Partial<Omit<Post, "id">>): AppThunk<Promise<void>> =>
  async (dispatch, getState, { saver }) => {
    const { post, readOnly } = getState().openPost;
    if (post?.id === id && !readOnly) {
      dispatch(postEdited(changes));
      await saver.flush();
    } else await savePost(id, { post: changes }, new Date().toISOString());
  };

/**
 * What somebody decides of a post and its way to the blog: a browser closed at any moment has stored both or neither, and what the screen says
 * is stored.
 *
 * @param outbox changes the outbox, and nothing else
 */
export const changePostAndOutbox =
  (id: string, changes: Partial<Omit<Post, "id">>, outbox: () => Promise<void>): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    await saveWithOutbox(id, changes, outbox, new Date().toISOString());
    const { post, readOnly } = getState().openPost;
    if (post?.id === id && !readOnly && Object.keys(changes).length) dispatch(postEdited(changes));
  };
