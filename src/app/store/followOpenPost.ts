/**
 * The open post follows its row: what another tab stored of it, sending it to the blog or changing many posts at once, is here too. What was
 * typed here and is not stored yet stays.
 */
import { createListenerMiddleware, isAnyOf, type Middleware } from "@reduxjs/toolkit";
import type { Post } from "../../data/model";
import { getPost } from "../../data/posts";
import { type openPost, postFollowed, postOpened } from "./openPostSlice";
import { postsRead } from "./postsSlice";
import type { Pending } from "./savePost";
import type { Saver } from "./saver";

/** The middleware that looks at the open post each time that the posts were read, and once it is there: it may have been stored while it was being opened. */
export function followOpenPost(saver: Saver<Pending>): Middleware {
  const listener = createListenerMiddleware<{ openPost: ReturnType<typeof openPost> }>();
  listener.startListening({
    matcher: isAnyOf(postsRead, postOpened),
    effect: async (action, { getState, dispatch }) => {
      const open = getState().openPost.post;
      if (!open || saver.unsaved().has(open.id)) return;
      if (postsRead.match(action)) {
        const row = action.payload.find(({ id }) => id === open.id);
        if (!row || isAs(open, row)) return;
      }
      // Read once more: the list may be older than what was stored from here.
      const stored = await getPost(open.id);
      // What was typed meanwhile is stored, and then all this comes again.
      if (!stored || getState().openPost.post !== open || saver.unsaved().has(open.id)) return;
      if (!isAs(open, stored)) dispatch(postFollowed(stored));
    },
  });
  return listener.middleware;
}

const isAs = (open: Post, stored: Post): boolean => {
  const keys = new Set([...Object.keys(open), ...Object.keys(stored)]) as Set<keyof Post>;
  // When it was stored is not a matter of the open post.
  keys.delete("updatedAt");
  return [...keys].every(
    (key) => open[key] === stored[key] || JSON.stringify(open[key]) === JSON.stringify(stored[key]),
  );
};
