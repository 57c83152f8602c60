import { useApp } from "../store/store";
import { WeightStrip } from "../ui/WeightStrip";
import { useGo } from "./useGo";

/** The open post's weight strip. */
export function StripHead() {
  const report = useApp((state) => state.openPost.report);
  const go = useGo();
  if (!report) return <div className="h-[4.6rem]" role="status" aria-label="Scoring" />;
  return <WeightStrip findings={report.findings} score={report.score} onGo={go} />;
}
