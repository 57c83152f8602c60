/** What is read of the state in more than one place. */
import { createSelector } from "@reduxjs/toolkit";
import { listsAdapter } from "./listsSlice";
import { postsAdapter, scoresAdapter } from "./postsSlice";
import type { RootState } from "./reducer";

const posts = postsAdapter.getSelectors((state: RootState) => state.posts.posts);
const scores = scoresAdapter.getSelectors((state: RootState) => state.posts.scores);
const lists = listsAdapter.getSelectors((state: RootState) => state.lists);

/** All posts of the site. */
export const selectPosts = posts.selectAll;
export const selectPostById = posts.selectById;
export const selectPostEntities = posts.selectEntities;
/** The score of a post as it was made last. */
export const selectScoreById = scores.selectById;
export const selectScoreEntities = scores.selectEntities;
/** The heads of all keyword lists, those that were changed last first. */
export const selectLists = lists.selectAll;
export const selectListEntities = lists.selectEntities;
export const selectListTotal = lists.selectTotal;

/** What the score of one post looks at of the others. */
export const selectPostTitles = createSelector(selectPosts, (all) =>
  all.map(({ id, slug, metaTitle, title, categories }) => ({ id, slug, metaTitle, title, categories })),
);
