/** One post: its bar with the five stages, and the stage that is open. */
import { useEffect, useState } from "react";
import { Outlet, useParams } from "react-router";
import { getField } from "../../data/fields";
import { getDoc, getPlan, getPost } from "../../data/posts";
import { getRecording } from "../../data/recordings";
import { RouteError } from "../shell/RouteError";
import { readyToKeep } from "../store/keepText";
import { saver } from "../store/listeners";
import { noteText } from "../store/noteText";
import { postClosed, postOpened, readOnlyChanged } from "../store/openPostSlice";
import { type RootState, store, useApp } from "../store/store";
import { Button } from "../ui/Button";
import { SessionContext, setCurrentSession } from "./currentSession";
import { type LiveProof, startLiveProof } from "./liveProof";
import { PostBar, SaveFailure } from "./PostBar";
import { holdPost } from "./postLock";
import { PostSession } from "./session";
import { startVersionKeeper } from "./versions/versionKeeper";

export function PostLayout() {
  const { id } = useParams();
  // A new post is a new start of everything below.
  return <OpenPost key={id} id={id!} />;
}

function OpenPost({ id }: { id: string }) {
  const [session, setSession] = useState<PostSession | null>(null);
  const [missing, setMissing] = useState(false);
  const [turn, setTurn] = useState(0);
  const readOnly = useApp((state) => state.openPost.readOnly);
  const title = useApp((state) => state.openPost.post?.title);

  useEffect(() => {
    document.title = `${title || "Untitled post"} · Dune Sparrow`;
  }, [title]);

  useEffect(() => {
    let live = true;
    const endings: (() => void)[] = [];
    const lock = holdPost(id, turn > 0, (writing) => live && store.dispatch(readOnlyChanged(!writing)));
    endings.push(lock.release);
    void (async () => {
      const [post, doc, plan, field, recording, writing] = await Promise.all([
        getPost(id),
        getDoc(id),
        getPlan(id),
        getField(id),
        getRecording(id),
        lock.writing,
      ]);
      if (!live) return;
      const source = post?.copiedFrom ? await sourceOf(post.copiedFrom) : null;
      if (!live) return;
      if (!post) {
        setMissing(true);
        return;
      }
      const opened = new PostSession(id, doc);
      setCurrentSession(opened);
      store.dispatch(postOpened({ post, outline: plan.items, piece: plan.piece, field, recording, source }));
      store.dispatch(readOnlyChanged(!writing));
      const proof = startLiveProof(opened);
      endings.push(
        opened.subscribe(() => noteText(opened)),
        opened.subscribe(proof.request),
        watchMeta(proof),
        proof.stop,
        startVersionKeeper(opened).stop,
      );
      proof.request();
      readyToKeep();
      setSession(opened);
      endings.push(() => opened.end());
    })();
    return () => {
      live = false;
      void saver.flush();
      for (const end of endings) end();
      setCurrentSession(null);
      setSession(null);
      store.dispatch(postClosed());
    };
  }, [id, turn]);

  if (missing) return <RouteError notFound />;
  if (!session) {
    return (
      <p role="status" className="m-auto text-ink-2">
        Opening the post …
      </p>
    );
  }
  return (
    <SessionContext value={session}>
      <PostBar />
      <SaveFailure />
      {readOnly && (
        <div
          role="alert"
          className="flex items-center gap-4 border-b border-plum/30 bg-plum-wash px-4 py-1.5"
        >
          <span>This post is open in another tab. What you see here is for reading.</span>
          <Button
            onClick={() => {
              setTurn(turn + 1);
            }}
          >
            Write here instead
          </Button>
        </div>
      )}
      <Outlet />
    </SessionContext>
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
