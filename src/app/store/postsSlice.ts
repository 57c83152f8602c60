/** All posts of the site as lists show them, and their last scores. Both follow the database. */
import { createEntityAdapter, createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { Post, PostScore } from "../../data/model";

export const postsAdapter = createEntityAdapter<Post>();
export const scoresAdapter = createEntityAdapter<PostScore, string>({ selectId: (score) => score.postId });

/** Sealed already, so that the store does not go through the thirty findings of each of a thousand posts to do it: nobody changes a score. */
const sealed = (score: PostScore): PostScore => Object.freeze(score);

const slice = createSlice({
  name: "posts",
  initialState: {
    loaded: false,
    posts: postsAdapter.getInitialState(),
    scores: scoresAdapter.getInitialState(),
  },
  reducers: {
    postsRead: (state, { payload }: PayloadAction<Post[]>) => {
      state.loaded = true;
      postsAdapter.setAll(state.posts, payload);
    },
    scoresRead: (state, { payload }: PayloadAction<readonly PostScore[]>) => {
      scoresAdapter.setAll(state.scores, payload.map(sealed));
    },
    scoresMade: (state, { payload }: PayloadAction<readonly PostScore[]>) => {
      scoresAdapter.setMany(state.scores, payload.map(sealed));
    },
  },
});

export const { postsRead, scoresRead, scoresMade } = slice.actions;
export const posts = slice.reducer;
