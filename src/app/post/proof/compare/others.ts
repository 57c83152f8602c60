/** What the open post can be compared with: pages of its field, its earlier versions, other posts. */

import { emptyDoc } from "../../../../core/draft/editorJson";
import { chosenQuestions } from "../../../../core/outline/chosenQuestions";
import type { Finding } from "../../../../core/proof/finding";
import { proofContext } from "../../../../data/draft";
import type { ListedFinding, Post, PostVersion } from "../../../../data/model";
import { getVersionDoc } from "../../../../data/versions";
import { proofWorker } from "../../../../workers/clients";
import { postsAdapter } from "../../../store/postsSlice";
import { store } from "../../../store/store";

export interface Other {
  id: string;
  kind: "page" | "version" | "post";
  name: string;
  /** A version is the past of the post: what moved the score runs from it to now. */
  earlier: boolean;
  report: () => Promise<{ score: number; findings: readonly (ListedFinding | Finding)[] }>;
}

/** Scores an earlier version with what is known today, so that only the post differs. */
export async function versionReport(
  post: Post,
  version: PostVersion,
): Promise<{ score: number; findings: Finding[] }> {
  const { posts, session, openPost } = store.getState();
  const then: Post = { ...post, ...version.fields };
  const context = proofContext(then, postsAdapter.getSelectors().selectAll(posts.posts), session.site, {
    field: openPost.field?.measure ?? null,
    questions: chosenQuestions(openPost.outline),
  });
  const doc = (await getVersionDoc(version.id)) ?? emptyDoc;
  return proofWorker().score(then, session.site, doc, context, session.profile);
}
