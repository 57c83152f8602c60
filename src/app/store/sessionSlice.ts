/** What holds for the whole session: the site, the profile, how the start went. */
import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import { defaultProfile, type Profile } from "../../core/proof/profile";
import type { BlogConnection, SearchConnection, Site, WriterConnection } from "../../data/model";
import { emptySite, standInBlog, standInSearch, standInWriter } from "../../data/settings";

interface SessionState {
  start: "starting" | "ready" | "failed";
  /** Why the start failed, in words. */
  failure: string;
  site: Site;
  profile: Profile;
  /** Where the search service is reached. */
  search: SearchConnection;
  /** Where posts are published to. */
  blog: BlogConnection;
  /** Who writes for the apprentice. */
  writer: WriterConnection;
  /** Keywords hidden for this site. */
  hidden: string[];
  /** Posts being scored in the background; null where none are. */
  scoring: { done: number; of: number } | null;
}

const initialState: SessionState = {
  start: "starting",
  failure: "",
  site: emptySite,
  profile: defaultProfile,
  search: standInSearch,
  blog: standInBlog,
  writer: standInWriter,
  hidden: [],
  scoring: null,
};

const slice = createSlice({
  name: "session",
  initialState,
  reducers: {
    started: (
      state,
      {
        payload,
      }: PayloadAction<Pick<SessionState, "site" | "profile" | "search" | "blog" | "writer" | "hidden">>,
    ) => {
      state.start = "ready";
      Object.assign(state, payload);
    },
    startFailed: (state, { payload }: PayloadAction<string>) => {
      state.start = "failed";
      state.failure = payload;
    },
    siteChanged: (state, { payload }: PayloadAction<Site>) => {
      state.site = payload;
    },
    profileChanged: (state, { payload }: PayloadAction<Profile>) => {
      state.profile = payload;
    },
    searchChanged: (state, { payload }: PayloadAction<SearchConnection>) => {
      state.search = payload;
    },
    writerChanged: (state, { payload }: PayloadAction<WriterConnection>) => {
      state.writer = payload;
    },
    blogChanged: (state, { payload }: PayloadAction<BlogConnection>) => {
      state.blog = payload;
    },
    hiddenChanged: (state, { payload }: PayloadAction<string[]>) => {
      state.hidden = payload;
    },
    scoringMoved: (state, { payload }: PayloadAction<SessionState["scoring"]>) => {
      state.scoring = payload;
    },
  },
});

export const {
  started,
  startFailed,
  siteChanged,
  profileChanged,
  searchChanged,
  blogChanged,
  writerChanged,
  hiddenChanged,
  scoringMoved,
} = slice.actions;
export const session = slice.reducer;
