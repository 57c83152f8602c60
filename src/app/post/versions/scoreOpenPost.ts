import type { EditorDoc } from "../../../core/draft/editorJson";
import type { Report } from "../../../core/proof/report";
import type { Post } from "../../../data/model";
import { proofWorker } from "../../../workers/clients";
import { store } from "../../store/store";
import { openContext } from "../openContext";

/** Scores a state of the open post, with what is known of the site and its plan today. */
export function scoreOpenPost(post: Post, doc: EditorDoc): Promise<Report> {
  const state = store.getState();
  const { site, profile } = state.session;
  return proofWorker().score(post, site, doc, openContext(post, state), profile);
}
