/** What another profile would do to all posts, before it is taken. */
import type { Profile } from "../../../core/proof/profile";
import { proofContext } from "../../../data/draft";
import { planContext } from "../../../data/fields";
import type { Post } from "../../../data/model";
import { getDoc } from "../../../data/posts";
import { proofWorker } from "../../../workers/clients";
import { postsAdapter } from "../../store/postsSlice";
import { store } from "../../store/store";

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
export async function tryProfile(
  profile: Profile,
  onProgress: (done: number, of: number) => boolean,
): Promise<Moved[] | null> {
  const state = store.getState();
  const { site, profile: inForce } = state.session;
  const posts = postsAdapter.getSelectors().selectAll(state.posts.posts);
  const moved: Moved[] = [];
  for (const [done, post] of posts.entries()) {
    if (!onProgress(done, posts.length)) return null;
    const [doc, plan] = await Promise.all([getDoc(post.id), planContext(post.id)]);
    const context = proofContext(post, posts, site, plan);
    const [before, after] = await Promise.all(
      [inForce, profile].map((one) => proofWorker().score(post, site, doc, context, one)),
    );
    moved.push({ post, before: before!.score, after: after!.score });
  }
  return moved.sort((a, b) => Math.abs(b.after - b.before) - Math.abs(a.after - a.before));
}
