/** All posts of the site as lists show them, and their last scores. Both follow the database. */
import { createEntityAdapter, createSlice, original, type PayloadAction } from "@reduxjs/toolkit";
import type { Post, PostScore } from "../../data/model";

export const postsAdapter = createEntityAdapter<Post>();
export const scoresAdapter = createEntityAdapter<PostScore, string>({ selectId: (score) => score.postId });

/** Sealed already, so that the store does not go through the thirty findings of each of a thousand posts to do it: nobody changes a score. */
const sealed = (score: PostScore): PostScore => Object.freeze(score);

function sameFields(a: Post, b: Post): boolean {
  if (a.updatedAt !== b.updatedAt) return false;
  const keys = Object.keys(b) as (keyof Post)[];
  return (
    keys.length === Object.keys(a).length &&
    keys.every((key) =>
      typeof b[key] === "object" ? JSON.stringify(a[key]) === JSON.stringify(b[key]) : a[key] === b[key],
    )
  );
}

const slice = createSlice({
  name: "posts",
  initialState: {
    posts: postsAdapter.getInitialState(),
    scores: scoresAdapter.getInitialState(),
  },
  reducers: {
    postsRead: (state, { payload }: PayloadAction<readonly Post[]>) => {
      const { entities } = original(state.posts)!;
      // Each save of one is told as all of them: who looks at the others sees the same objects.
      postsAdapter.setAll(
        state.posts,
        payload.map((post) => {
          const earlier = entities[post.id];
          return earlier && sameFields(earlier, post) ? earlier : post;
        }),
      );
    },
    scoresRead: (state, { payload }: PayloadAction<readonly PostScore[]>) => {
      scoresAdapter.setAll(state.scores, payload.map(sealed));
    },
    scoresArrived: (state, { payload }: PayloadAction<readonly PostScore[]>) => {
      scoresAdapter.setMany(state.scores, payload.map(sealed));
    },
  },
});

export const { postsRead, scoresRead, scoresArrived } = slice.actions;
export const posts = slice.reducer;
