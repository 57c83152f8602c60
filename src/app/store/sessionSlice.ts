/** What holds for the whole session: the site, the profile, how the start went. */
import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import { defaultProfile, type Profile } from "../../core/proof/profile";
import type { BlogConnection, SearchConnection, Site } from "../../data/model";
import { emptySite, standInBlog, standInSearch } from "../../data/settings";

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
  hidden: [],
  scoring: null,
};

const slice = createSlice({
  name: "session",
  initialState,
  reducers: {
    started: (
      state,
      { payload }: PayloadAction<Pick<SessionState, "site" | "profile" | "search" | "blog" | "hidden">>,
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
  hiddenChanged,
  scoringMoved,
} = slice.actions;
export const session = slice.reducer;
