/** Side effects of actions: what changes is saved. */
import { createListenerMiddleware, isAnyOf } from "@reduxjs/toolkit";
import type { EditorDoc } from "../../core/draft/editorJson";
import type { OutlineItem } from "../../core/outline/outline";
import type { Piece } from "../../core/outline/piece";
import { type Post, STAGES, type Stage } from "../../data/model";
import { savePost } from "../../data/posts";
import { currentSession } from "../post/currentSession";
import { keepText } from "./keepText";
import {
  docEdited,
  type openPost,
  outlineActions,
  pieceChanged,
  postEdited,
  type Saving,
  savingMoved,
} from "./openPostSlice";
import { createSaver } from "./saver";

export const saving = createListenerMiddleware<{ openPost: ReturnType<typeof openPost> }>();

/** What is pending of a post. The document is asked for at the moment of saving, so that a keystroke costs nothing here. */
interface Pending {
  post?: Partial<Omit<Post, "id">>;
  doc?: () => EditorDoc;
  outline?: OutlineItem[];
  piece?: Piece;
}

let notify: (status: Saving) => void = () => {};
export const saver = createSaver<Pending>(
  (id, { doc, ...change }, now) => {
    const at = new Date().toISOString();
    if (doc && !now && !Object.keys(change).length) return keepText(id, doc(), at);
    return savePost(id, { ...change, ...(doc && { doc: doc() }) }, at);
  },
  (status) => notify(status),
  mergePending,
);

saving.startListening({
  matcher: isAnyOf(postEdited, docEdited, pieceChanged, ...outlineActions),
  effect: (action, { getState, dispatch }) => {
    notify = (status) => {
      dispatch(savingMoved(status));
    };
    const { post, outline, piece, readOnly } = getState().openPost;
    const session = currentSession();
    if (!post || readOnly) return;
    // Where a person works on a draft is the stage that it is in; looking around moves nothing.
    const room = stageInSight();
    if (room && room !== post.stage && post.status === "draft") dispatch(postEdited({ stage: room }));
    if (postEdited.match(action)) saver.note(post.id, { post: pick(post, Object.keys(action.payload)) });
    else if (pieceChanged.match(action)) saver.note(post.id, { piece });
    else if (!docEdited.match(action)) saver.note(post.id, { outline });
    else if (session?.postId === post.id) {
      session.waiting = true;
      const doc = () => {
        session.waiting = false;
        return session.json();
      };
      saver.note(post.id, { doc });
    }
  },
});

function mergePending(older: Pending, newer: Pending): Pending {
  return {
    ...older,
    ...newer,
    ...((older.post || newer.post) && { post: { ...older.post, ...newer.post } }),
  };
}

function pick<T extends object>(from: T, keys: string[]): Partial<T> {
  return Object.fromEntries(keys.map((key) => [key, from[key as keyof T]])) as Partial<T>;
}

/** The room of a post that the address names. */
function stageInSight(): Stage | undefined {
  const [, place, , room] = window.location.pathname.split("/");
  return place === "post" ? STAGES.find((stage) => stage === room) : undefined;
}
