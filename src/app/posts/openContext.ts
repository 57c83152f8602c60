import { chosenQuestions } from "../../core/outline/chosenQuestions";
import type { ProofContext } from "../../core/proof/context";
import { proofContext } from "../../data/draft";
import type { Post } from "../../data/model";
import type { RootState } from "../store/reducer";
import { selectPosts } from "../store/selectors";

/** What the proof knows of the open post besides its text: the site, its other posts, and its plan. */
export const openContext = (post: Post, state: RootState): ProofContext =>
  proofContext(post, selectPosts(state), state.session.site, {
    competitors: state.openPost.competitors?.measure ?? null,
    questions: chosenQuestions(state.openPost.outline),
  });
