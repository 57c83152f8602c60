import { postEdited } from "../store/openPostSlice";
import type { AppThunk } from "../store/thunk";

/** Marks texts of the open post to be reviewed, beside those that are. */
export const markToReview =
  (texts: readonly string[]): AppThunk<void> =>
  (dispatch, getState) => {
    const begun = getState().openPost.post?.begun ?? [];
    dispatch(postEdited({ begun: [...new Set([...begun, ...texts.filter(Boolean)])] }));
  };
