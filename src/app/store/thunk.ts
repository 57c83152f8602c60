import type { ThunkAction, ThunkDispatch, UnknownAction } from "@reduxjs/toolkit";
import type { Dependencies } from "./dependencies";
import type { RootState } from "./reducer";

export type AppDispatch = ThunkDispatch<RootState, Dependencies, UnknownAction>;

/** Something that is done: it reads the state, dispatches, and reaches outside through its dependencies. */
export type AppThunk<Answer = void> = ThunkAction<Answer, RootState, Dependencies, UnknownAction>;
