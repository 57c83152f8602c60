import { firstText } from "../../core/micropub/entry";
import { momentOf } from "../../core/site/moments";
import { getLiveCopy } from "../../data/liveCopies";
import { selectPosts } from "../store/selectors";
import type { AppThunk } from "../store/thunk";
import { changePost } from "./changePost";

/** Posts that the blog held back and shows by now: their minute has come, and so has the one that the blog was sent. */
export const goLive = (): AppThunk<Promise<void>> => async (dispatch, getState) => {
  const now = Date.now();
  const isPast = (moment: string) => (momentOf(moment)?.time ?? Number.POSITIVE_INFINITY) <= now;
  for (const { id, status, publishAt } of selectPosts(getState())) {
    if (status !== "scheduled" || !isPast(publishAt ?? "")) continue;
    const copy = await getLiveCopy(id);
    if (copy && isPast(firstText(copy.entry, "published")))
      await dispatch(changePost(id, { status: "live" }));
  }
};
