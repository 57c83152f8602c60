/** What the open post can be compared with: pages of its field, its earlier versions, other posts. */
import { emptyDoc } from "../../../../core/draft/editorJson";
import type { Finding } from "../../../../core/proof/finding";
import { proofContext } from "../../../../data/draft";
import { planContext } from "../../../../data/fields";
import type { ListedFinding, Post, PostVersion } from "../../../../data/model";
import { getDoc } from "../../../../data/posts";
import { getVersionDoc } from "../../../../data/versionTexts";
import { proofWorker } from "../../../../workers/clients";
import { postsAdapter } from "../../../store/postsSlice";
import { store } from "../../../store/store";
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
export async function versionReport(
  post: Post,
  version: PostVersion,
): Promise<{ score: number; findings: Finding[] }> {
  return scoreOpenPost({ ...post, ...version.fields }, (await getVersionDoc(version.id)) ?? emptyDoc);
}

/** Scores another post, where the Desk has not done so yet. */
export async function postReport(post: Post): Promise<{ score: number; findings: Finding[] }> {
  const { posts, session } = store.getState();
  const all = postsAdapter.getSelectors().selectAll(posts.posts);
  const [doc, plan] = await Promise.all([getDoc(post.id), planContext(post.id)]);
  const context = proofContext(post, all, session.site, plan);
  return proofWorker().score(post, session.site, doc, context, session.profile);
}
