import type { EditorDoc } from "../../../core/draft/editorJson";
import { chosenQuestions } from "../../../core/outline/chosenQuestions";
import type { Report } from "../../../core/proof/report";
import { proofContext } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { proofWorker } from "../../../workers/clients";
import { postsAdapter } from "../../store/postsSlice";
import { store } from "../../store/store";

/** Scores a state of the open post, with what is known of the site and its plan today. */
export function scoreOpenPost(post: Post, doc: EditorDoc): Promise<Report> {
  const { posts, session, openPost } = store.getState();
  const context = proofContext(post, postsAdapter.getSelectors().selectAll(posts.posts), session.site, {
    field: openPost.field?.measure ?? null,
    questions: chosenQuestions(openPost.outline),
  });
  return proofWorker().score(post, session.site, doc, context, session.profile);
}
