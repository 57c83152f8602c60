/** What is being researched: the look-up on screen, how it is sifted and shown. It stays when the place is left. */
import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import { type Filter, noFilter, type SortKey } from "../../core/keywords/sift";
import type { LookUp } from "../../data/model";
import type { Region } from "../../data/schemas/search";

export type BoardMode = "table" | "groups" | "map";

interface ResearchState {
  lookUps: LookUp[];
  /** Null until they have been read once. */
  read: boolean;
  mode: BoardMode;
  filter: Filter;
  sort: SortKey[];
  region: string;
  regions: Region[];
}

const byOpportunity: SortKey[] = [{ column: "opportunity", down: true }];

const initialState: ResearchState = {
  lookUps: [],
  read: false,
  mode: "table",
  filter: noFilter,
  sort: byOpportunity,
  region: "",
  regions: [],
};

const slice = createSlice({
  name: "research",
  initialState,
  reducers: {
    lookUpsRead: (state, { payload }: PayloadAction<LookUp[]>) => {
      state.lookUps = payload;
      state.read = true;
    },
    modeChosen: (state, { payload }: PayloadAction<BoardMode>) => {
      state.mode = payload;
    },
    filterChanged: (state, { payload }: PayloadAction<Partial<Filter>>) => {
      Object.assign(state.filter, payload);
    },
    filterCleared: (state) => {
      state.filter = noFilter;
    },
    sortChanged: (state, { payload }: PayloadAction<SortKey[]>) => {
      state.sort = payload;
    },
    regionsRead: (state, { payload }: PayloadAction<Region[]>) => {
      state.regions = payload;
      if (!payload.some(({ code }) => code === state.region)) state.region = payload[0]?.code ?? "";
    },
    regionChosen: (state, { payload }: PayloadAction<string>) => {
      state.region = payload;
    },
  },
});

export const {
  lookUpsRead,
  modeChosen,
  filterChanged,
  filterCleared,
  sortChanged,
  regionsRead,
  regionChosen,
} = slice.actions;
export const research = slice.reducer;
