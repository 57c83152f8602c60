/** The publishing that goes on by itself while the application is open: the outbox, and posts whose minute has come. */
import { momentOf } from "../../core/site/moments";
import { getLiveCopy } from "../../data/liveCopies";
import { selectPosts } from "../store/selectors";
import type { AppThunk } from "../store/thunk";
import { changePost } from "./changePost";
import { workOutbox } from "./workOutbox";

/** Milliseconds between two looks at the clock. */
const LOOK = 15_000;

export const startPublishing = (): AppThunk<void> => (dispatch) => {
  const look = () => {
    void dispatch(workOutbox());
    void dispatch(goLive());
  };
  window.addEventListener("online", look);
  setInterval(look, LOOK);
  look();
};

/** Posts that the blog held back and shows by now. */
const goLive = (): AppThunk<Promise<void>> => async (dispatch, getState) => {
  const now = Date.now();
  for (const { id, status, publishAt } of selectPosts(getState())) {
    const moment = momentOf(publishAt ?? "");
    if (status === "scheduled" && moment && moment.time <= now && (await getLiveCopy(id)) !== null)
      await dispatch(changePost(id, { status: "live" }));
  }
};
