/** Side effects of actions: what changes of the open post is saved. */
import { createListenerMiddleware, isAnyOf, type Middleware } from "@reduxjs/toolkit";
import type { Post } from "../../data/model";
import { addressSettled, type openPost, outlineActions, pieceChanged, postEdited } from "./openPostSlice";
import type { Pending } from "./savePost";
import type { Saver } from "./saver";
import { stageOfWork } from "./stageOfWork";

/** The middleware that hands changes of the open post to the saver. */
export function saveChanges(saver: Saver<Pending>): Middleware {
  const listener = createListenerMiddleware<{ openPost: ReturnType<typeof openPost> }>();
  listener.startListening({
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
  return listener.middleware;
}

function pick(post: Post, keys: readonly string[]): Partial<Post> {
  return Object.fromEntries(keys.map((key) => [key, post[key as keyof Post]]));
}
