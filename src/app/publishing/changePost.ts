import type { Post } from "../../data/model";
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
