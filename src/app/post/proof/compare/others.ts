/** What the open post can be compared with: its competing pages, its earlier versions, other posts. */

import { emptyDoc } from "../../../../core/blocks/editorJson";
import type { Finding } from "../../../../core/proof/finding";
import { planContext } from "../../../../data/competitors";
import { proofContext } from "../../../../data/draft";
import type { ListedFinding, Post, PostVersion } from "../../../../data/model";
import { getDoc } from "../../../../data/posts";
import { getVersionDoc } from "../../../../data/versionTexts";
import { selectPosts } from "../../../store/selectors";
import type { AppThunk } from "../../../store/thunk";
import { scoreOpenPost } from "../../versions/scoreOpenPost";

export interface Other {
  id: string;
  kind: "page" | "version" | "post";
  name: string;
  /** A version is the past of the post: what moved the score runs from it to now. */
  earlier: boolean;
  report: () => Promise<{ score: number; findings: readonly (ListedFinding | Finding)[] }>;
}

/** Scores an earlier version with what is known today, so that only the post differs. */
export const versionReport =
  (post: Post, version: PostVersion): AppThunk<Promise<{ score: number; findings: Finding[] }>> =>
  async (dispatch) => {
    return dispatch(
      scoreOpenPost({ ...post, ...version.fields }, (await getVersionDoc(version.id)) ?? emptyDoc),
    );
  };

/** Scores another post, where the Desk has not done so yet. */
export const postReport =
  (post: Post): AppThunk<Promise<{ score: number; findings: Finding[] }>> =>
  async (_dispatch, getState, { workers }) => {
    const state = getState();
    const { session } = state;
    const all = selectPosts(state);
    const [doc, plan] = await Promise.all([getDoc(post.id), planContext(post.id)]);
    const context = proofContext(post, all, session.site, plan);
    return workers.proof.score(post, session.site, doc, context, session.profile);
  };
