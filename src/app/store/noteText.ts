/** The text of the open post changed. No action of the store, in which nothing is other than before: it comes with the keys. */
import type { PostSession } from "../post/session";
import { saver, stageOfWork } from "./listeners";
import { postEdited } from "./openPostSlice";
import { store } from "./store";

export function noteText(session: PostSession): void {
  // So with nearly every key: the change that waits already asks for the text only when it is stored.
  if (session.waiting) return;
  const { post, readOnly } = store.getState().openPost;
  if (!post || readOnly || session.postId !== post.id) return;
  const stage = stageOfWork(post);
  if (stage) store.dispatch(postEdited({ stage }));
  session.waiting = true;
  saver.note(post.id, {
    doc: () => {
      session.waiting = false;
      return session.json();
    },
  });
}
