import { configureStore } from "@reduxjs/toolkit";
import { useDispatch, useSelector } from "react-redux";
import { field } from "./fieldSlice";
import { onSaving, saving } from "./listeners";
import { lists } from "./listsSlice";
import { openPost, savingMoved } from "./openPostSlice";
import { posts } from "./postsSlice";
import { research } from "./researchSlice";
import { session } from "./sessionSlice";

export const store = configureStore({
  reducer: { session, posts, openPost, lists, research, field },
  middleware: (defaults) =>
    defaults({ serializableCheck: false, immutableCheck: false }).prepend(saving.middleware),
});

onSaving((status) => {
  // Said with every change: whoever looks at the store is told news only.
  const known = store.getState().openPost.saving;
  if (status.state === "failed" || status.state !== known.state) store.dispatch(savingMoved(status));
});

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useApp = useSelector.withTypes<RootState>();
export const useAct = useDispatch.withTypes<AppDispatch>();
