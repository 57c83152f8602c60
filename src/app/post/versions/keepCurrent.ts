import type { EditorDoc } from "../../../core/blocks/editorJson";
import { freshId } from "../../../data/freshId";
import type { Post } from "../../../data/model";
import { keepVersion } from "../../../data/versionTexts";
import type { AppThunk } from "../../store/thunk";
import { scoreOpenPost } from "./scoreOpenPost";

/** Why a version is kept without anybody asking. */
export type Occasion =
  | "start of a session"
  | "while writing"
  | "end of a session"
  | "before going back"
  | "before discarding changes"
  | "before taking changes of the blog"
  | "before cleaning"
  | "before changing the source"
  | "before fixing"
  | "before replacing";

interface What {
  name?: string;
  why: Occasion | "by hand";
}

/** Keeps the open post as it is now. @returns whether it differs from the latest version that was kept */
export const keepCurrent =
  ({ name = "", why }: What): AppThunk<Promise<boolean>> =>
  async (dispatch, getState, { opened }) => {
    const { post, report } = getState().openPost;
    const session = opened.text;
    if (!post || session?.postId !== post.id) return false;
    const doc = session.json();
    // The report in sight may be that of a moment before.
    const exact = await dispatch(scoreOpenPost(post, doc)).catch(() => report);
    return keep(post, doc, { name, why }, exact);
  };

export function keep(
  post: Post,
  doc: EditorDoc,
  { name = "", why }: What,
  report: { words: number; score: number } | null,
): Promise<boolean> {
  const { title, metaTitle, description } = post;
  return keepVersion(
    {
      id: freshId(),
      postId: post.id,
      savedAt: new Date().toISOString(),
      name,
      why,
      words: report?.words ?? 0,
      score: report?.score ?? null,
      fields: { title, metaTitle, description },
    },
    doc,
  );
}
