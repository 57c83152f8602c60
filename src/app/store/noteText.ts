/** The text of the open post changed. No action of the store, in which nothing is other than before: it comes with the keys. */
import { debounceUntilIdle } from "./debounceUntilIdle";
import { postEdited } from "./openPostSlice";
import type { PostSession } from "./postSession";
import { stageOfWork } from "./stageOfWork";
import type { AppThunk } from "./thunk";

/** Milliseconds from a key to its being in the journal: what a browser that is killed can lose, with the time that writing takes. */
const JOURNAL_AFTER = 200;
/** Milliseconds without a key after which the text is stored whole, and after which it is though keys go on: the journal has them. */
const REST = 700;
const LATEST = 3000;

/** @returns what is told of each change of the text, and how to end it */
export const textNotes =
  (session: PostSession): AppThunk<{ note: () => void; stop: () => void }> =>
  (dispatch, getState, { saver, textKeeping }) => {
    const writable = () => {
      const { post, readOnly } = getState().openPost;
      return post && !readOnly && session.postId === post.id ? post : null;
    };
    const journal = debounceUntilIdle(
      () => JOURNAL_AFTER,
      () => JOURNAL_AFTER,
      () => {
        // What is stored by now needs no journal.
        if (session.waiting && writable())
          void textKeeping.note(session.postId, session.text(), new Date().toISOString());
      },
    );
    let lastKey = 0;
    return {
      note() {
        lastKey = performance.now();
        journal.note();
        // So with nearly every key: the change that waits already asks for the text only when it is stored.
        if (session.waiting) return;
        const post = writable();
        if (!post) return;
        const stage = stageOfWork(post);
        if (stage) dispatch(postEdited({ stage }));
        session.waiting = true;
        const latest = lastKey + LATEST;
        saver.note(post.id, {
          textRestsIn: () => Math.min(lastKey + REST, latest) - performance.now(),
          text: () => {
            session.waiting = false;
            return session.text();
          },
        });
      },
      stop: journal.stop,
    };
  };
