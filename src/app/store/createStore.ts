/** The store of the application, with what its thunks depend on. One a page; tests make their own. */
import { configureStore, type Store, type UnknownAction } from "@reduxjs/toolkit";
import type { Dependencies } from "./dependencies";
import { followOpenPost } from "./followOpenPost";
import { savingMoved } from "./openPostSlice";
import { scoresArrived } from "./postsSlice";
import { type RootState, reducer } from "./reducer";
import { Rerun } from "./rerun";
import { saveChanges } from "./saveChanges";
import { createPostSaver, type Pending } from "./savePost";
import type { Saver } from "./saver";
import type { TextKeeping } from "./textKeeping";
import type { AppDispatch } from "./thunk";

export type AppStore = Store<RootState, UnknownAction> & { dispatch: AppDispatch };

/** What the application is given from outside. */
export type Outside = Pick<
  Dependencies,
  "workers" | "search" | "photos" | "pages" | "blog" | "writer" | "scores"
> & {
  textKeeping: TextKeeping;
};

/** @param state to begin with; the application begins empty */
export function createStore(
  outside: Outside,
  state?: Partial<RootState>,
): { store: AppStore; dependencies: Dependencies } {
  const saver: Saver<Pending> = createPostSaver(outside.textKeeping, (status): void => {
    // Said with every change: whoever looks at the store is told news only.
    const last = store.getState().openPost.saving;
    if (status.state === "failed" || status.state !== last.state) store.dispatch(savingMoved(status));
  });
  const dependencies: Dependencies = {
    ...outside,
    saver,
    scoring: new Rerun(),
    opened: { text: null },
    collecting: new Map(),
    asking: new Map(),
    publishing: { timer: undefined, working: Promise.resolve() },
  };
  const store: AppStore = configureStore({
    reducer,
    ...(state && { preloadedState: state }),
    middleware: (defaults) =>
      defaults({
        thunk: { extraArgument: dependencies },
        // Off in the built application by themselves. While developing they would go through a thousand posts and the whole analysis of
        // twenty pages with every key, and what they look for is held otherwise: reports and scores are frozen, and drafts are not here.
        serializableCheck: false,
        immutableCheck: false,
      }).prepend(saveChanges(saver), followOpenPost(saver)),
  });
  outside.scores.listen((scores) => store.dispatch(scoresArrived(scores)));
  return { store, dependencies };
}
