import { chosenQuestions } from "../../core/outline/chosenQuestions";
import type { ProofContext } from "../../core/proof/context";
import { proofContext } from "../../data/draft";
import type { Post } from "../../data/model";
import { postsAdapter } from "../store/postsSlice";
import type { RootState } from "../store/store";

const { selectAll } = postsAdapter.getSelectors();

/** What the proof knows of the open post besides its text: the site, its other posts, and its plan. */
export const openContext = (post: Post, { posts, session, openPost }: RootState): ProofContext =>
  proofContext(post, selectAll(posts.posts), session.site, {
    field: openPost.field?.measure ?? null,
    questions: chosenQuestions(openPost.outline),
  });
