import type { EditorDoc } from "../../../core/blocks/editorJson";
import type { Report } from "../../../core/proof/report";
import type { Post } from "../../../data/model";
import { openContext } from "../../posts/openContext";
import type { AppThunk } from "../../store/thunk";

/** Scores a state of the open post, with what is known of the site and its plan today. */
export const scoreOpenPost =
  (post: Post, doc: EditorDoc): AppThunk<Promise<Report>> =>
  (_dispatch, getState, { workers }) => {
    const state = getState();
    const { site, profile } = state.session;
    return workers.proof.score(post, site, doc, openContext(post, state), profile);
  };
