/** The start: open the database, bring in the demo where it is empty, follow what changes. */

import { messageOf } from "../../core/messageOf";
import { follow } from "../../data/follow";
import { listHeads } from "../../data/lists";
import { openDatabase } from "../../data/openDatabase";
import { listPosts } from "../../data/posts";
import { getBlog, getHidden, getProfile, getSearchConnection, getSite, getWriter } from "../../data/settings";
import { recoverPosts } from "../posts/recover";
import { watchLeaving } from "../store/leaving";
import { listsRead } from "../store/listsSlice";
import { postsRead } from "../store/postsSlice";
import { readScores } from "../store/scoreActions";
import { started, startFailed } from "../store/sessionSlice";
import type { AppThunk } from "../store/thunk";
import { toast } from "../ui/toast";

export const start =
  (): AppThunk<Promise<void>> =>
  async (dispatch, _getState, { saver }) => {
    try {
      await openDatabase();
      if (!(await getSite())) await dispatch(bringInDemo());
      await recoverPosts();
      // Before the session: the screens that come with it would say that there are none.
      dispatch(postsRead(await listPosts()));
      await dispatch(readSession());
      const stale = (why: string) =>
        toast.error(`The posts shown may be older than what is saved (${why}). Reading them again.`, {
          id: "stale",
        });
      follow(listPosts, saver.calm, (posts) => dispatch(postsRead(posts)), stale);
      follow(listHeads, saver.calm, (lists) => dispatch(listsRead(lists)), stale);
      dispatch(watchLeaving());
      // Not needed for the first sight.
      void import("../publishing/startPublishing").then(({ startPublishing }) => dispatch(startPublishing()));
      void sweep();
      // Asked once a visit; what the browser answers is shown in Settings.
      void navigator.storage?.persist?.().catch(() => false);
    } catch (error) {
      dispatch(startFailed(messageOf(error)));
    }
  };

/** Held by each tab, so that one which wants to be alone knows whether it is. */
const OPEN_TABS = "dune-sparrow open tabs";

/** Deletes what an earlier page had taken in and could not place, where this is the only tab. */
async function sweep(): Promise<void> {
  if (!navigator.locks) return;
  await navigator.locks.request(OPEN_TABS, { ifAvailable: true }, async (lock) => {
    if (lock)
      await import("../../data/assets")
        .then(({ sweepFreshAssets }) => sweepFreshAssets())
        .catch((error: unknown) => console.warn("Unused pictures were not cleaned up", error));
  });
  void navigator.locks.request(OPEN_TABS, { mode: "shared" }, () => new Promise(() => {}));
}

/** In a browser that has no workspace yet. */
const bringInDemo = (): AppThunk<Promise<void>> => async (dispatch) => {
  const { fetchDemo, replaceWorkspace } = await import("./workspace");
  const outcome = await dispatch(replaceWorkspace(await fetchDemo(), { why: "" }));
  if (outcome.kind !== "replaced") throw new Error("The demo could not be read.");
};

/** Reads what holds for the whole session again, after the workspace was replaced. */
export const readSession = (): AppThunk<Promise<void>> => async (dispatch) => {
  const site = await getSite();
  if (!site) throw new Error("The workspace has no site.");
  await dispatch(readScores());
  dispatch(
    started({
      site,
      profile: await getProfile(),
      search: await getSearchConnection(),
      blog: await getBlog(),
      writer: await getWriter(),
      hidden: await getHidden(),
    }),
  );
};
