/** What another profile would do to all posts, before it is taken. */

import type { Profile } from "../../../core/proof/profile";
import { planContext } from "../../../data/competitors";
import { proofContext } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { getDoc } from "../../../data/posts";
import { selectPosts } from "../../store/selectors";
import type { AppThunk } from "../../store/thunk";

export interface Moved {
  post: Post;
  before: number;
  after: number;
}

/**
 * Scores every post with both profiles.
 *
 * @param onProgress called before each post; what it answers says whether to go on
 * @returns posts, the most moved first; null where it was stopped
 */
export const tryProfile =
  (profile: Profile, onProgress: (done: number, of: number) => boolean): AppThunk<Promise<Moved[] | null>> =>
  async (_dispatch, getState, { workers }) => {
    const state = getState();
    const { site, profile: inForce } = state.session;
    const posts = selectPosts(state);
    const moved: Moved[] = [];
    for (const [done, post] of posts.entries()) {
      if (!onProgress(done, posts.length)) return null;
      const [doc, plan] = await Promise.all([getDoc(post.id), planContext(post.id)]);
      const context = proofContext(post, posts, site, plan);
      const [before, after] = await Promise.all(
        [inForce, profile].map((one) => workers.proof.score(post, site, doc, context, one)),
      );
      moved.push({ post, before: before!.score, after: after!.score });
    }
    return moved.sort((a, b) => Math.abs(b.after - b.before) - Math.abs(a.after - a.before));
  };
