/** One post: its bar with the five stages, and the stage that is open. */
import { useEffect, useState } from "react";
import { Outlet, useParams } from "react-router";
import type { EditorDoc } from "../../core/draft/editorJson";
import { soundDoc } from "../../core/draft/sound/soundDoc";
import { getField } from "../../data/fields";
import { freshId } from "../../data/freshId";
import type { Post } from "../../data/model";
import { getDoc, getPlan, getPost } from "../../data/posts";
import { getRecording } from "../../data/recordings";
import { addVersion, keepVersion, newVersion } from "../../data/versionTexts";
import { holdPost } from "../posts/postLock";
import { recoverPost } from "../posts/recover";
import { textKeeping } from "../store/keepText";
import { docOf, saver } from "../store/listeners";
import { textNotes } from "../store/noteText";
import { postClosed, postOpened, readOnlyChanged } from "../store/openPostSlice";
import { PostSession } from "../store/postSession";
import { type RootState, store, useApp } from "../store/store";
import { Button } from "../ui/Button";
import { Failed } from "../ui/Failed";
import { RouteError } from "../ui/RouteError";
import { SessionContext, setCurrentSession } from "./currentSession";
import { LiveAddress } from "./LiveAddress";
import { type LiveProof, startLiveProof } from "./liveProof";
import { PostBar, SaveFailure } from "./PostBar";
import { startVersionKeeper } from "./versions/versionKeeper";

export function PostLayout() {
  const { id } = useParams();
  // A new post is a new start of everything below.
  return <OpenPost key={id} id={id!} />;
}

type Opening =
  | { state: "loading" }
  | { state: "ready"; session: PostSession; said: readonly string[] }
  | { state: "missing" }
  | { state: "failed"; why: string };

function OpenPost({ id }: { id: string }) {
  const [opening, setOpening] = useState<Opening>({ state: "loading" });
  /** Counts the tries; all but the first may take the post from another tab. */
  const [turn, setTurn] = useState<{ number: number; takeOver: boolean }>({ number: 0, takeOver: false });
  const readOnly = useApp((state) => state.openPost.readOnly);
  const title = useApp((state) => state.openPost.post?.title);

  useEffect(() => {
    document.title = `${title || "Untitled post"} · Dune Sparrow`;
  }, [title]);

  useEffect(() => {
    let live = true;
    const endings: (() => void)[] = [];
    const lock = holdPost(id, {
      takeOver: turn.takeOver,
      handOver: async () => {
        if (live) store.dispatch(readOnlyChanged(true));
        await saver.flush();
      },
      onTaken: () => {
        if (live) store.dispatch(readOnlyChanged(true));
        void keepUnsaved(id);
      },
    });
    endings.push(lock.release);
    const open = async () => {
      const writing = await lock.writing;
      if (writing) await recoverPost(id);
      const [post, stored, plan, field, recording] = await Promise.all([
        getPost(id),
        getDoc(id),
        getPlan(id),
        getField(id),
        getRecording(id),
      ]);
      const source = post?.copiedFrom ? await sourceOf(post.copiedFrom) : null;
      if (!live) return;
      if (!post) {
        setOpening({ state: "missing" });
        return;
      }
      const { doc, said } = soundDoc(stored);
      // What was stored goes into a version before anything is stored over it.
      if (doc !== stored && writing) await keepAsStored(post, stored);
      if (!live) return;
      const session = new PostSession(id, doc);
      setCurrentSession(session);
      store.dispatch(postOpened({ post, outline: plan.items, piece: plan.piece, field, recording, source }));
      store.dispatch(readOnlyChanged(!writing));
      const proof = startLiveProof(session);
      const notes = textNotes(session);
      endings.push(
        session.subscribe(notes.note),
        notes.stop,
        session.subscribe(proof.request),
        watchMeta(proof),
        proof.stop,
        startVersionKeeper(session).stop,
      );
      proof.request();
      textKeeping.ready();
      setOpening({ state: "ready", session, said });
      endings.push(() => session.end());
    };
    open().catch((error: Error) => {
      if (live) setOpening({ state: "failed", why: error.message });
    });
    return () => {
      live = false;
      void saver.flush();
      for (const end of endings) end();
      setCurrentSession(null);
      setOpening({ state: "loading" });
      store.dispatch(postClosed());
    };
  }, [id, turn]);

  if (opening.state === "missing") return <RouteError notFound />;
  if (opening.state === "failed")
    return (
      <div className="m-auto max-w-xl p-6">
        <Failed
          heading="h1"
          what="This post could not be opened"
          why={`The browser's storage did not give it: ${opening.why}`}
          safe="What was saved has not been touched."
          onRetry={() => {
            setOpening({ state: "loading" });
            setTurn({ number: turn.number + 1, takeOver: false });
          }}
        />
      </div>
    );
  if (opening.state === "loading") {
    return (
      <p role="status" className="m-auto text-ink-2">
        Opening the post …
      </p>
    );
  }
  return (
    <SessionContext value={opening.session}>
      <PostBar />
      <SaveFailure />
      <LiveAddress />
      {opening.said.length > 0 && (
        <p role="status" className="border-b border-plum/30 bg-plum-wash px-4 py-1.5">
          {opening.said.join(" ")}
        </p>
      )}
      {readOnly && (
        <div
          role="alert"
          className="flex items-center gap-4 border-b border-plum/30 bg-plum-wash px-4 py-1.5"
        >
          <span>This post is open in another tab. What you see here is for reading.</span>
          <Button onClick={() => setTurn({ number: turn.number + 1, takeOver: true })}>
            Write here instead
          </Button>
        </div>
      )}
      <Outlet />
    </SessionContext>
  );
}

/** What another tab took away before it was stored, as a version of the post. */
async function keepUnsaved(id: string): Promise<void> {
  const text = saver.release(id)?.text?.();
  const post = await getPost(id);
  if (text && post)
    await keepVersion(
      newVersion(freshId(), post, new Date().toISOString(), "before another tab took over"),
      docOf(text),
    );
}

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

/** The proof follows the fields of the post and what it knows of the others. */
function watchMeta(proof: LiveProof): () => void {
  let last = store.getState();
  return store.subscribe(() => {
    const now = store.getState();
    const moved =
      now.openPost.post !== last.openPost.post ||
      now.openPost.field !== last.openPost.field ||
      now.openPost.outline !== last.openPost.outline ||
      othersMoved(now, last) ||
      now.session.site !== last.session.site ||
      now.session.profile !== last.session.profile;
    last = now;
    if (moved) proof.request();
  });
}

/** Each save of the open post reads the list of posts anew: the others of it stay the same objects. */
function othersMoved(now: RootState, last: RootState): boolean {
  const [posts, before] = [now.posts.posts, last.posts.posts];
  if (posts === before) return false;
  return (
    posts.ids.length !== before.ids.length ||
    posts.ids.some((id) => id !== now.openPost.post?.id && posts.entities[id] !== before.entities[id])
  );
}
