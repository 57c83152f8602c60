import { memo } from "react";
import { useAppSelector } from "../store/hooks";
import { WeightStrip } from "../ui/WeightStrip";
import { useGo } from "./useGo";

const Strip = memo(WeightStrip);

/** The open post's weight strip, which stays in sight below the bars. */
export function StripHead() {
  const report = useAppSelector((state) => state.openPost.report);
  const benchmark = useAppSelector((state) => state.openPost.competitors?.benchmark ?? null);
  const go = useGo();
  return (
    <div
      data-around
      className="sticky top-[calc(var(--shell-bar)+var(--post-bar))] z-20 h-[84px] border-b border-rule bg-paper px-6 pt-2.5 small:static small:px-3 short:static short:h-[76px] short:pt-1"
    >
      {report ? (
        <Strip findings={report.findings} score={report.score} benchmark={benchmark} onGo={go} />
      ) : (
        <p role="status" className="text-ink-2">
          Scoring …
        </p>
      )}
    </div>
  );
}
