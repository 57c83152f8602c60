import { useEffect, useState } from "react";
import { messageOf } from "../../core/messageOf";
import { useAppDispatch, useAppStore } from "../store/hooks";
import type { RootState } from "../store/reducer";
import { type Opened, openPost } from "./openPost";

export type PostOpening = (Opened | { state: "loading" } | { state: "failed"; why: string }) & {
  /** Opens it again, from the start. */
  retry: () => void;
  /** The same, taking the post from the tab that writes it. */
  takeOver: () => void;
};

/** Opens a post while it is in sight, and closes it after. */
export function usePostOpening(id: string): PostOpening {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const [opening, setOpening] = useState<Opened | { state: "loading" } | { state: "failed"; why: string }>({
    state: "loading",
  });
  /** All tries but the first may take the post from another tab. */
  const [turn, setTurn] = useState({ number: 0, takeOver: false });

  useEffect(() => {
    let live = true;
    setOpening({ state: "loading" });
    const { opened, close } = dispatch(openPost(id, turn));
    opened.then(
      (result) => live && result && setOpening(result),
      (error: unknown) => live && setOpening({ state: "failed", why: messageOf(error) }),
    );
    return () => {
      live = false;
      close();
    };
  }, [id, turn, dispatch]);

  const onContext = opening.state === "ready" ? opening.onContext : null;
  useEffect(() => {
    if (!onContext) return;
    let last = store.getState();
    return store.subscribe(() => {
      const now = store.getState();
      const moved = contextMoved(now, last);
      last = now;
      if (moved) onContext();
    });
  }, [store, onContext]);

  const next = (takeOver: boolean) => () => setTurn(({ number }) => ({ number: number + 1, takeOver }));
  return { ...opening, retry: next(false), takeOver: next(true) };
}

/** Whether the fields of the post, or what its proof knows of the others, are other than before. */
export function contextMoved(now: RootState, last: RootState): boolean {
  return (
    now.openPost.post !== last.openPost.post ||
    now.openPost.competitors !== last.openPost.competitors ||
    now.openPost.outline !== last.openPost.outline ||
    othersMoved(now, last) ||
    now.session.site !== last.session.site ||
    now.session.profile !== last.session.profile
  );
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
