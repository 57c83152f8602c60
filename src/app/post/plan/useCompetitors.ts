import { useEffect } from "react";
import { useDebouncedCallback } from "use-debounce";
import { analysisArrived } from "../../store/competitorsSlice";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { usePostSession } from "../SessionContext";
import { findGaps, readKept } from "./competitorActions";
import { useAnalysis } from "./useAnalysis";

/** Long enough to gather what is typed into a heading. */
const PAUSE = 200;

/** Keeps the analysis and the gaps of the open post current while Plan is in sight. */
export function useCompetitors(): void {
  const dispatch = useAppDispatch();
  const session = usePostSession();
  const postId = useAppSelector((state) => state.openPost.post?.id);
  const competitors = useAppSelector((state) => state.openPost.competitors);
  const outline = useAppSelector((state) => state.openPost.outline);
  const analysis = useAnalysis();

  useEffect(() => {
    if (postId) void dispatch(readKept(postId));
  }, [postId, dispatch]);
  useEffect(() => {
    if (!competitors) dispatch(analysisArrived({ key: "", analysis: null }));
  }, [competitors, dispatch]);
  const findSoon = useDebouncedCallback(() => void dispatch(findGaps()), PAUSE);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the gaps are of the outline
  useEffect(() => {
    if (!analysis) return;
    findSoon();
    return findSoon.cancel;
  }, [analysis, outline]);
  useEffect(() => session.subscribe(() => void dispatch(findGaps())), [session, dispatch]);
}
