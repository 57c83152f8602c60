/** The competing pages of the open post as Plan shows them: their analysis, the gaps, pages being read, and what lies in the drawer. */
import { createSlice, isAnyOf, type PayloadAction } from "@reduxjs/toolkit";
import type { CompetitorAnalysis, PageFigures } from "../../core/benchmark/competitors";
import type { Gaps } from "../../core/outline/gaps";
import type { Competitors, KeptOutline } from "../../data/model";
import { postClosed, postOpened } from "./openPostSlice";

export interface ReadOutcome {
  address: string;
  title: string;
  /** Why it could not be read; null where it was. */
  failed: string | null;
}

export interface CollectJob {
  postId: string;
  /** What is going on, in words. */
  doing: string;
  of: number;
  outcomes: ReadOutcome[];
}

interface CompetitorsState {
  analysis: CompetitorAnalysis | null;
  /** Of what the analysis is; see analysisKey. */
  analysed: string;
  /** Steps of an analysis that is going on. */
  analysing: { done: number; of: number } | null;
  /** Why there is none, in words. */
  failure: string;
  gaps: { outline: Gaps | null; draft: Gaps | null };
  /** The same figures of our draft as of the pages. */
  ours: PageFigures | null;
  /** Pages being read, by the post that they are read for. */
  jobs: Record<string, CollectJob>;
  drawer: KeptOutline[];
  /** Fields that were in force before, the latest first. */
  earlier: Competitors[];
}

const initialState: CompetitorsState = {
  analysis: null,
  analysed: "",
  analysing: null,
  failure: "",
  gaps: { outline: null, draft: null },
  ours: null,
  jobs: {},
  drawer: [],
  earlier: [],
};

const slice = createSlice({
  name: "competitors",
  initialState,
  reducers: {
    analysisMoved: (state, { payload }: PayloadAction<CompetitorsState["analysing"]>) => {
      state.analysing = payload;
    },
    analysisArrived: (
      state,
      { payload }: PayloadAction<{ key: string; analysis: CompetitorAnalysis | null }>,
    ) => {
      state.analysis = payload.analysis;
      state.analysed = payload.key;
      state.analysing = null;
      state.failure = "";
      if (!payload.analysis) state.gaps = initialState.gaps;
    },
    analysisFailed: (state, { payload }: PayloadAction<string>) => {
      state.failure = payload;
      state.analysing = null;
    },
    gapsArrived: (state, { payload }: PayloadAction<Pick<CompetitorsState, "gaps" | "ours">>) => {
      Object.assign(state, payload);
    },
    jobStarted: (state, { payload }: PayloadAction<Omit<CollectJob, "outcomes">>) => {
      state.jobs[payload.postId] = { ...payload, outcomes: [] };
    },
    jobMoved: (state, { payload }: PayloadAction<Partial<CollectJob> & { postId: string }>) => {
      const job = state.jobs[payload.postId];
      if (job) Object.assign(job, payload);
    },
    pageArrived: (state, { payload }: PayloadAction<{ postId: string; outcome: ReadOutcome }>) => {
      state.jobs[payload.postId]?.outcomes.push(payload.outcome);
    },
    jobEnded: (state, { payload }: PayloadAction<string>) => {
      delete state.jobs[payload];
    },
    keptRead: (state, { payload }: PayloadAction<Pick<CompetitorsState, "drawer" | "earlier">>) => {
      Object.assign(state, payload);
    },
  },
  // Reading for another post goes on; all else is of the post that is open.
  extraReducers: (builder) =>
    builder.addMatcher(isAnyOf(postOpened, postClosed), ({ jobs }) => ({ ...initialState, jobs })),
});

export const {
  analysisMoved,
  analysisArrived,
  analysisFailed,
  gapsArrived,
  jobStarted,
  jobMoved,
  pageArrived,
  jobEnded,
  keptRead,
} = slice.actions;
export const competitors = slice.reducer;
