import { configureStore } from "@reduxjs/toolkit";
import { useDispatch, useSelector } from "react-redux";
import { field } from "./fieldSlice";
import { saving } from "./listeners";
import { lists } from "./listsSlice";
import { openPost } from "./openPostSlice";
import { posts } from "./postsSlice";
import { research } from "./researchSlice";
import { session } from "./sessionSlice";

export const store = configureStore({
  reducer: { session, posts, openPost, lists, research, field },
  middleware: (defaults) =>
    defaults({ serializableCheck: false, immutableCheck: false }).prepend(saving.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useApp = useSelector.withTypes<RootState>();
export const useAct = useDispatch.withTypes<AppDispatch>();
