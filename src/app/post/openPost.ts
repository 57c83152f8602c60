/** Opening a post: holding it for writing, reading all of it, and starting what goes on while it is open. */
import type { EditorDoc } from "../../core/blocks/editorJson";
import { soundDoc } from "../../core/draft/sound/soundDoc";
import { getCompetitors } from "../../data/competitors";
import { freshId } from "../../data/freshId";
import type { Post } from "../../data/model";
import { getPlan } from "../../data/plans";
import { getDoc, getPost } from "../../data/posts";
import { getRecording } from "../../data/recordings";
import { addVersion, keepVersion, newVersion } from "../../data/versionTexts";
import { holdPost } from "../posts/holdPost";
import { recoverPost } from "../posts/recover";
import { textNotes } from "../store/noteText";
import { postClosed, postOpened, readOnlyChanged } from "../store/openPostSlice";
import { PostSession } from "../store/postSession";
import { docOf } from "../store/savePost";
import type { AppThunk } from "../store/thunk";
import { startLiveProof } from "./liveProof";
import { startVersionKeeper } from "./versions/versionKeeper";

export type Opened =
  | {
      state: "ready";
      session: PostSession;
      /** What had to be repaired of the text, in words. */
      repairs: readonly string[];
      /** To be called when what the score depends on besides the text has changed. */
      onContext: () => void;
    }
  | { state: "missing" };

export interface Opening {
  /** Rejects where the database does not give the post; null where it was closed before it was open. */
  opened: Promise<Opened | null>;
  /** Stores what is left and ends all that goes on. */
  close(): void;
}

/** @param takeOver take the post from the tab that writes it */
export const openPost =
  (id: string, { takeOver }: { takeOver: boolean }): AppThunk<Opening> =>
  (dispatch, _getState, { saver, textKeeping, opened }) => {
    let live = true;
    const endings: (() => void)[] = [];
    const readOnly = () => {
      if (live) dispatch(readOnlyChanged(true));
    };
    const lock = holdPost(id, {
      takeOver,
      handOver: async () => {
        readOnly();
        await saver.flush();
      },
      onTaken: () => {
        readOnly();
        void dispatch(keepUnsaved(id));
      },
    });
    endings.push(lock.release);

    const open = async (): Promise<Opened | null> => {
      const writing = await lock.writing;
      if (writing) await recoverPost(id);
      const [post, stored, plan, competitors, recording] = await Promise.all([
        getPost(id),
        getDoc(id),
        getPlan(id),
        getCompetitors(id),
        getRecording(id),
      ]);
      const source = post?.copiedFrom ? await sourceOf(post.copiedFrom) : null;
      if (!live) return null;
      if (!post) return { state: "missing" };
      const { doc, said } = soundDoc(stored);
      // What was stored goes into a version before anything is stored over it.
      if (doc !== stored && writing) await keepAsStored(post, stored);
      if (!live) return null;
      const session = new PostSession(id, doc);
      opened.text = session;
      dispatch(postOpened({ post, outline: plan.items, piece: plan.piece, competitors, recording, source }));
      dispatch(readOnlyChanged(!writing));
      const proof = dispatch(startLiveProof(session));
      const notes = dispatch(textNotes(session));
      const versions = dispatch(startVersionKeeper(session));
      endings.push(
        session.subscribe(notes.note),
        notes.stop,
        session.subscribe(proof.request),
        proof.stop,
        versions.stop,
        () => session.end(),
      );
      proof.request();
      textKeeping.ready();
      return { state: "ready", session, repairs: said, onContext: proof.request };
    };

    return {
      opened: open(),
      close() {
        live = false;
        void saver.flush();
        for (const end of endings) end();
        opened.text = null;
        dispatch(postClosed());
      },
    };
  };

/** What another tab took away before it was stored, as a version of the post. */
const keepUnsaved =
  (id: string): AppThunk<Promise<void>> =>
  async (_dispatch, _getState, { saver }) => {
    const text = saver.release(id)?.text?.();
    const post = await getPost(id);
    if (text && post)
      await keepVersion(
        newVersion(freshId(), post, new Date().toISOString(), "before another tab took over"),
        docOf(text),
      );
  };

/** A text that had to be repaired, as it was stored. Where that cannot be kept, the post is not opened. */
async function keepAsStored(post: Post, stored: EditorDoc): Promise<void> {
  await addVersion(
    newVersion(freshId(), post, new Date().toISOString(), "as it was stored, before it was repaired"),
    stored,
  );
}

async function sourceOf(id: string) {
  const [post, doc] = await Promise.all([getPost(id), getDoc(id)]);
  return post ? { post, doc } : null;
}
