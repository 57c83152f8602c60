/** Side effects of actions: what changes is saved. */
import { createListenerMiddleware, isAnyOf } from "@reduxjs/toolkit";
import type { EditorDoc } from "../../core/draft/editorJson";
import type { OutlineItem } from "../../core/outline/outline";
import type { Piece } from "../../core/outline/piece";
import { type Post, STAGES, type Stage } from "../../data/model";
import { savePost } from "../../data/posts";
import { type TextNow, textKeeping } from "./keepText";
import {
  addressSettled,
  type openPost,
  outlineActions,
  pieceChanged,
  postEdited,
  type Saving,
} from "./openPostSlice";
import { createSaver } from "./saver";

export const saving = createListenerMiddleware<{ openPost: ReturnType<typeof openPost> }>();

/** Milliseconds from a change to its being stored. Of the text, what is not is in the journal sooner. */
const DELAY_OF_TEXT = 700;
const DELAY_OF_FIELDS = 150;

/** What is pending of a post. The text is asked for at the moment of saving, so that a keystroke costs nothing here. */
export interface Pending {
  post?: Partial<Omit<Post, "id">>;
  text?: () => TextNow;
  outline?: OutlineItem[];
  piece?: Piece;
}

let told: (status: Saving) => void = () => {};
/** Who is told how saving goes. */
export const onSaving = (tell: (status: Saving) => void): void => {
  told = tell;
};

export const saver = createSaver<Pending>(
  async (id, { text, ...change }, now) => {
    const at = new Date().toISOString();
    if (text && !now) {
      if (Object.keys(change).length) await savePost(id, change, at);
      await textKeeping.keep(id, text(), at);
    } else {
      if (text) textKeeping.storedElsewhere();
      await savePost(id, { ...change, ...(text && { doc: docOf(text()) }) }, at);
    }
  },
  (status) => told(status),
  mergePending,
  ({ text }) => (text ? DELAY_OF_TEXT : DELAY_OF_FIELDS),
);

saving.startListening({
  matcher: isAnyOf(postEdited, addressSettled, pieceChanged, ...outlineActions),
  effect: (action, { getState, dispatch }) => {
    const { post, outline, piece, readOnly } = getState().openPost;
    if (!post || readOnly) return;
    const stage = stageOfWork(post);
    if (stage) dispatch(postEdited({ stage }));
    if (addressSettled.match(action)) saver.note(post.id, { post: pick(post, ["liveSlug"]) });
    else if (postEdited.match(action)) {
      const keys = Object.keys(action.payload);
      // Which address readers know goes with the slug.
      saver.note(post.id, { post: pick(post, "slug" in action.payload ? [...keys, "liveSlug"] : keys) });
    } else if (pieceChanged.match(action)) saver.note(post.id, { piece });
    else saver.note(post.id, { outline });
  },
});

/** Where a person works on a draft is the stage that it is in; looking around moves nothing. Null where it is in it already. */
export function stageOfWork(post: Post): Stage | null {
  const room = stageInSight();
  return room && room !== post.stage && post.status === "draft" ? room : null;
}

/** A text as a document. */
export const docOf = ({ nodes, write }: TextNow): EditorDoc => ({
  type: "doc",
  content: write(0, nodes.length),
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
