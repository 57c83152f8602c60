/** Keeps versions by itself: how a post was found, every ten minutes of writing, and how it was left. */

import type { PostSession } from "../../store/postSession";
import type { AppThunk } from "../../store/thunk";
import { keep, type Occasion } from "./keepCurrent";

const EVERY = 10 * 60_000;

export interface VersionKeeper {
  stop(): void;
}

/** A version less is a pity and no loss: the text itself is saved apart from this. */
const unkept = (error: unknown): void => console.warn("A version could not be kept", error);

export const startVersionKeeper =
  (session: PostSession): AppThunk<VersionKeeper> =>
  (_dispatch, getState) => {
    // How it was found is kept only once it is changed: looking at a post makes no version of it.
    const { post: foundPost } = getState().openPost;
    const before = foundPost && { post: foundPost, doc: session.json() };
    let changed = false;
    let last = Date.now();

    const now = (why: Occasion) => {
      const { post, report: latest } = getState().openPost;
      if (post?.id === session.postId) keep(post, session.json(), { why }, latest).catch(unkept);
      last = Date.now();
    };
    const unsubscribe = session.subscribe(() => {
      if (!changed) {
        changed = true;
        // The report is still that of the text as it was found.
        const { report } = getState().openPost;
        if (before) keep(before.post, before.doc, { why: "start of a session" }, report).catch(unkept);
      } else if (Date.now() - last > EVERY) now("while writing");
    });
    const onHide = () => {
      if (changed && document.visibilityState === "hidden") now("end of a session");
    };
    document.addEventListener("visibilitychange", onHide);

    return {
      stop() {
        unsubscribe();
        document.removeEventListener("visibilitychange", onHide);
        if (changed) now("end of a session");
      },
    };
  };
