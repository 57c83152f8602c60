/** What is arriving from a writer, while it does: the drawer keeps it, and shows it a moment later. */
import { createSlice, type PayloadAction } from "@reduxjs/toolkit";

/** Texts by the entry of the drawer that they are for. */
const initialState: Record<string, string> = {};

const slice = createSlice({
  name: "apprentice",
  initialState,
  reducers: {
    textArrived: (state, { payload: { id, text } }: PayloadAction<{ id: string; text: string }>) => {
      state[id] = text;
    },
    arrivingEnded: (state, { payload }: PayloadAction<string>) => {
      delete state[payload];
    },
  },
});

export const { textArrived, arrivingEnded } = slice.actions;
export const apprentice = slice.reducer;
