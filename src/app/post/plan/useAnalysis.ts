import { useEffect } from "react";
import type { CompetitorAnalysis } from "../../../core/benchmark/competitors";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { useOpenPost } from "../useOpenPost";
import { analyse, analysisKey } from "./competitorActions";
import { useCompetitorParts } from "./useCompetitorParts";

/** The analysis of the competing pages of the open post, asked for where there is none; null until it is there, and where there are no pages. */
export function useAnalysis(): CompetitorAnalysis | null {
  const dispatch = useAppDispatch();
  const { competitors } = useOpenPost("competitors");
  const profile = useAppSelector((state) => state.session.profile);
  const { analysis, analysed, failure } = useCompetitorParts("analysis", "analysed", "failure");
  const isGoingOn = useAppSelector((state) => state.competitors.analysing !== null);
  const key = competitors ? analysisKey(competitors, profile) : "";
  useEffect(() => {
    if (competitors && key !== analysed && !isGoingOn && !failure) void dispatch(analyse(competitors));
  }, [competitors, key, analysed, isGoingOn, failure, dispatch]);
  return key && key === analysed ? analysis : null;
}
