import { useEffect } from "react";
import { analysisArrived } from "../../store/fieldSlice";
import { useAct, useApp } from "../../store/store";
import { usePostSession } from "../currentSession";
import { analyse, analysisKey, findGaps, readKept } from "./fieldJobs";

/** Long enough to gather what is typed into a heading. */
const PAUSE = 200;

/** Keeps the analysis and the gaps of the open post current while Plan is in sight. */
export function useField(): void {
  const act = useAct();
  const session = usePostSession();
  const postId = useApp((state) => state.openPost.post?.id);
  const field = useApp((state) => state.openPost.field);
  const outline = useApp((state) => state.openPost.outline);
  const profile = useApp((state) => state.session.profile);
  const { analysis, analysed, analysing, failure } = useApp((state) => state.field);
  const wanted = field ? analysisKey(field, profile) : "";

  useEffect(() => {
    if (postId) void readKept(postId);
  }, [postId]);
  useEffect(() => {
    if (!field) act(analysisArrived({ key: "", analysis: null }));
    else if (wanted !== analysed && !analysing && !failure) void analyse(field);
  }, [field, wanted, analysed, analysing, failure, act]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the gaps are of the outline
  useEffect(() => {
    if (!analysis) return;
    const timer = setTimeout(() => void findGaps(), PAUSE);
    return () => clearTimeout(timer);
  }, [analysis, outline]);
  useEffect(() => session.subscribe(() => void findGaps()), [session]);
}
