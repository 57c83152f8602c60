/** What holds for the whole session: the site, the profile, how the start went. */
import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import { houseProfile, type Profile } from "../../core/proof/profile";
import type { Site } from "../../data/model";
import { emptySite } from "../../data/settings";

interface SessionState {
  start: "starting" | "ready" | "failed";
  /** Why the start failed, in words. */
  failure: string;
  site: Site;
  profile: Profile;
  /** Posts being scored in the background; null where none are. */
  scoring: { done: number; of: number } | null;
}

const initialState: SessionState = {
  start: "starting",
  failure: "",
  site: emptySite,
  profile: houseProfile,
  scoring: null,
};

const slice = createSlice({
  name: "session",
  initialState,
  reducers: {
    started: (state, { payload }: PayloadAction<{ site: Site; profile: Profile }>) => {
      state.start = "ready";
      state.site = payload.site;
      state.profile = payload.profile;
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
    scoringMoved: (state, { payload }: PayloadAction<SessionState["scoring"]>) => {
      state.scoring = payload;
    },
  },
});

export const { started, startFailed, siteChanged, profileChanged, scoringMoved } = slice.actions;
export const session = slice.reducer;
