import { blocksFromEditor } from "../../core/draft/fromEditor";
import { type Gate, holding } from "../../core/release/gates/registry";
import type { Post } from "../../data/model";
import { getDoc, getPost } from "../../data/posts";
import { openClaimsOf } from "../posts/claimsGate";
import { isApproved } from "../posts/isApproved";
import { postGates, sameSlugAs } from "../posts/postGates";
import { selectPosts, selectScoreById } from "../store/selectors";
import type { AppThunk } from "../store/thunk";

/** Gates that a post does not pass, open here or not. */
export const notPassed =
  (post: Post): AppThunk<Promise<Gate[]>> =>
  async (_dispatch, getState, { saver }) => {
    await saver.flush();
    const state = getState();
    const doc = await getDoc(post.id);
    const sourcePost = post.copiedFrom ? await getPost(post.copiedFrom) : undefined;
    const source = sourcePost ? { post: sourcePost, doc: await getDoc(sourcePost.id) } : null;
    const blocks = blocksFromEditor(doc);
    const text = { json: () => doc, blocks: () => blocks };
    const posts = selectPosts(state);
    const about = {
      sameSlug: sameSlugAs(post, posts),
      posts,
      site: state.session.site,
      score: selectScoreById(state, post.id)?.score ?? null,
      openClaims: await openClaimsOf(post, blocks, state.session.site, ["must"]),
      approved: await isApproved(post, doc, state.session.site),
    };
    return holding(postGates(post, about, text, source));
  };
