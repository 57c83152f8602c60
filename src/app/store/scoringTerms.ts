import { createSelector } from "@reduxjs/toolkit";
import type { ScoringTerms } from "../../data/scoreBasis";
import type { RootState } from "./reducer";
import { selectPostTitles } from "./selectors";

/** Written in by the build (scripts/scoringRules.ts). Tests do without: within one run the rules stay the same. */
declare const SCORING_RULES: string | undefined;
const rules = typeof SCORING_RULES === "undefined" ? "" : SCORING_RULES;

/** What scores are made from at this moment. */
export const selectScoringTerms = createSelector(
  (state: RootState) => state.session.site,
  (state: RootState) => state.session.profile,
  selectPostTitles,
  (site, profile, titles): ScoringTerms => ({ site, profile, titles, rules }),
);
