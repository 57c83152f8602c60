import { combineReducers } from "@reduxjs/toolkit";
import { apprentice } from "./apprenticeSlice";
import { competitors } from "./competitorsSlice";
import { lists } from "./listsSlice";
import { openPost } from "./openPostSlice";
import { posts } from "./postsSlice";
import { research } from "./researchSlice";
import { session } from "./sessionSlice";

/** All that the store holds. */
export const reducer = combineReducers({
  session,
  posts,
  openPost,
  lists,
  research,
  competitors,
  apprentice,
});

export type RootState = ReturnType<typeof reducer>;
