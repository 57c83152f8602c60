/** The way to the score that is aimed at: the fewest and easiest findings, as links to their rows. */
import { useMemo } from "react";
import { pathTo } from "../../../core/proof/path";
import { shownGains } from "../../../core/proof/shownGains";
import type { Aim } from "../../../data/model";
import { useAppDispatch } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { count, points } from "../../ui/figures";
import { LabelledSelect } from "../../ui/Select";
import { useOpenPost } from "../useOpenPost";
import { aimOf } from "./aim";

const SHOWN = 5;
const AIMS = [50, 60, 70, 80, 90];

export function PathLine({ onGo }: { onGo: (id: string) => void }) {
  const { post, report, competitors, readOnly } = useOpenPost("post", "report", "competitors", "readOnly");
  const dispatch = useAppDispatch();
  const benchmark = competitors?.benchmark ?? null;
  const aim = report && aimOf(post?.aim, benchmark, report.score);
  const path = useMemo(
    () => (report && aim ? pathTo(report.findings, report.uncapped, aim.target) : null),
    [report, aim],
  );
  if (!post || !report || !path || !aim) return null;
  const gains = shownGains(report.findings);
  // What is gained counts once the text is long enough; the note beside the score says so.
  const capped = report.score < report.uncapped;
  return (
    <section
      aria-label="Way to the score"
      className="mb-3 flex flex-wrap items-baseline gap-x-3 gap-y-1 border-y border-rule py-2"
    >
      <LabelledSelect
        label="Aim"
        className="!h-7 !min-h-7 !w-auto !py-0 text-[13px]"
        disabled={readOnly}
        value={String(post.aim ?? "next")}
        options={[
          { value: "next", label: "Next in reach" },
          ...(benchmark
            ? [
                { value: "average", label: `Competitors' average, ${points(benchmark.average)}` },
                { value: "best", label: `Best competitor, ${points(benchmark.best)}` },
              ]
            : []),
          ...AIMS.map((score) => ({ value: String(score), label: String(score) })),
        ]}
        onChange={(value) => dispatch(postEdited({ aim: readAim(value) }))}
      />
      {capped ? (
        <p>Write the text first: gains count once it is long enough for a full score.</p>
      ) : !path.steps.length ? (
        <p>
          {path.enough && report.score >= aim.target
            ? "You are there. A perfect score is not the aim: stop when it reads well."
            : "Nothing is left to gain."}
        </p>
      ) : (
        <>
          <p>
            {path.enough
              ? `${aim.says[0]!.toUpperCase()}${aim.says.slice(1)}, ${path.steps.length === 1 ? "this one" : `these ${path.steps.length}`}:`
              : `Not even all ${path.steps.length} are enough ${aim.says}:`}
          </p>
          <ol className="flex flex-wrap gap-x-3 gap-y-1">
            {path.steps.slice(0, SHOWN).map((step) => (
              <li key={step.id} className="whitespace-nowrap">
                <button type="button" className="quiet-link" onClick={() => onGo(step.id)}>
                  {step.name}
                </button>{" "}
                <span className="figures text-[13px] text-ink-2">
                  +{points(gains.get(step.id) ?? step.gain)}
                </span>
              </li>
            ))}
            {path.steps.length > SHOWN && (
              <li className="text-[13px] text-ink-2">
                and {count(path.steps.length - SHOWN, "more", "more")}
              </li>
            )}
          </ol>
          <p className="figures ml-auto text-[13px] text-ink-2">reaches {points(path.reaches)}</p>
        </>
      )}
    </section>
  );
}

const readAim = (value: string): Aim =>
  value === "next" || value === "average" || value === "best" ? value : Number(value);
