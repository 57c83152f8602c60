import { useDispatch, useSelector, useStore } from "react-redux";
import type { AppStore } from "./createStore";
import type { RootState } from "./reducer";
import type { AppDispatch } from "./thunk";

export const useAppSelector = useSelector.withTypes<RootState>();
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
/** For what looks at the state now and then, and must not be drawn with it. */
export const useAppStore = useStore.withTypes<AppStore>();
