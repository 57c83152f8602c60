/** Keyword lists as lists of lists show them. Their keywords stay in the database and in the keywords worker. */
import { createEntityAdapter, createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { ListHead } from "../../data/model";

export const listsAdapter = createEntityAdapter<ListHead>({
  sortComparer: (a, b) => b.updatedAt.localeCompare(a.updatedAt) || a.id.localeCompare(b.id),
});

const slice = createSlice({
  name: "lists",
  initialState: listsAdapter.getInitialState(),
  reducers: {
    listsRead: (state, { payload }: PayloadAction<ListHead[]>) => listsAdapter.setAll(state, payload),
  },
});

export const { listsRead } = slice.actions;
export const lists = slice.reducer;
