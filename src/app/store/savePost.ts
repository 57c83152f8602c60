/** Storing what changed of a post: at once where the page may go, else by the worker that keeps texts. */
import type { EditorDoc } from "../../core/blocks/editorJson";
import type { OutlineItem } from "../../core/outline/outline";
import type { Piece } from "../../core/outline/piece";
import type { Post } from "../../data/model";
import { savePost } from "../../data/posts";
import { createSaver, type Saver, type SaverStatus } from "./saver";
import type { TextKeeping, TextNow } from "./textKeeping";

/** What is pending of a post. The text is asked for at the moment of saving, so that a keystroke costs nothing here. */
export interface Pending {
  post?: Partial<Omit<Post, "id">>;
  text?: () => TextNow;
  /** Milliseconds until the text has come to rest, or need not rest any longer. */
  textRestsIn?: () => number;
  outline?: OutlineItem[];
  piece?: Piece;
}

/** Milliseconds from a change to its being stored. Of the text, what is not is in the journal sooner; while keys go on it waits. */
const DELAY_OF_TEXT = 700;
const DELAY_OF_FIELDS = 150;

/** The saver of posts. @param onStatus told how saving goes, with every change */
export function createPostSaver(
  textKeeping: TextKeeping,
  onStatus: (status: SaverStatus) => void,
): Saver<Pending> {
  return createSaver<Pending>(
    async (id, { text, textRestsIn: _, ...change }, now) => {
      const at = new Date().toISOString();
      if (text && !now) {
        if (Object.keys(change).length) await savePost(id, change, at);
        await textKeeping.keep(id, text(), at);
      } else {
        if (text) textKeeping.storedElsewhere();
        await savePost(id, { ...change, ...(text && { doc: docOf(text()) }) }, at);
      }
    },
    onStatus,
    mergePending,
    ({ text }) => (text ? DELAY_OF_TEXT : DELAY_OF_FIELDS),
    ({ textRestsIn }) => textRestsIn?.() ?? 0,
  );
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
