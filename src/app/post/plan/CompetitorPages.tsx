/** The competing pages: kept or dropped, with what is doubted of each, and each one's headings and report. */
import { RotateCw } from "lucide-react";
import { useState } from "react";
import type { AnalysedPage } from "../../../core/benchmark/competitors";
import type { CompetitorSource, Competitors } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { tenths, whole } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { retryFailed } from "./collecting";
import { setKept } from "./competitorActions";
import { PageDetail } from "./PageDetail";
import { useCompetitorParts } from "./useCompetitorParts";

const DOUBTS = {
  "other-language": "is written in another language",
  "off-subject": "looks off the subject: it shares little with the other pages",
  thin: "thin: far shorter than the others",
} as const;

export function CompetitorPages({ competitors }: { competitors: Competitors }) {
  const dispatch = useAppDispatch();
  const { analysis, jobs } = useCompetitorParts("analysis", "jobs");
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const [shown, setShown] = useState<string | null>(null);
  const byAddress = new Map(analysis?.pages.map((page) => [page.address, page]));
  const read = competitors.pages.filter(({ state }) => state !== "failed");
  const failed = competitors.pages.filter(({ state }) => state === "failed");
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <ol aria-label="Competing pages" className="max-h-[46vh] overflow-y-auto">
        {read.map((source) => (
          <PageRow
            key={source.address}
            competitors={competitors}
            source={source}
            page={byAddress.get(source.address)}
            readOnly={readOnly}
            shown={shown === source.address}
            onShow={() => setShown(shown === source.address ? null : source.address)}
          />
        ))}
      </ol>
      {failed.length > 0 && (
        <section aria-label="Pages that could not be read" className="mt-2 border-t border-rule pt-2">
          <div className="flex items-center gap-3">
            <h3 className="text-[13px] text-plum">Not read</h3>
            <Button
              kind="quiet"
              disabled={readOnly || competitors.postId in jobs}
              onClick={() => void dispatch(retryFailed(competitors))}
            >
              <RotateCw size={14} aria-hidden="true" /> Read again
            </Button>
          </div>
          <ul>
            {failed.map(({ address, title, why }) => (
              <li key={address} className="text-[13px]">
                {title || address} <span className="text-ink-2">{why}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function PageRow({
  competitors,
  source,
  page,
  readOnly,
  shown,
  onShow,
}: {
  competitors: Competitors;
  source: CompetitorSource;
  page: AnalysedPage | undefined;
  readOnly: boolean;
  shown: boolean;
  onShow: () => void;
}) {
  const dispatch = useAppDispatch();
  const { address, title, site, rank, state, why } = source;
  const name = title || address;
  const doubt = page?.doubt ? DOUBTS[page.doubt] : null;
  return (
    <li className="border-b border-rule py-1.5 last:border-b-0">
      <div className="flex items-center gap-3">
        <span className="figures w-5 text-right text-[13px] text-ink-2">{rank + 1}</span>
        <label className="flex items-center gap-1.5 text-[13px]">
          <Checkbox
            checked={state === "kept"}
            disabled={readOnly}
            label={`Keep “${name}”`}
            onChange={(checked) =>
              void dispatch(setKept(competitors, address, checked, doubt ?? "dropped by hand"))
            }
          />
          keep
        </label>
        <div className="min-w-0 flex-1">
          <Tooltip says={name} whenCut>
            <p className={`truncate ${state === "dropped" ? "text-ink-2 line-through" : ""}`}>{name}</p>
          </Tooltip>
          <p className="truncate text-[12px] text-ink-2">
            {site}
            {doubt && <span className="text-plum"> · {doubt}</span>}
          </p>
        </div>
        {state === "dropped" && (
          <input
            aria-label={`Why “${name}” is dropped`}
            placeholder="why"
            maxLength={300}
            readOnly={readOnly}
            defaultValue={why}
            onBlur={(event) => {
              const reason = event.target.value.trim();
              if (reason !== why) void dispatch(setKept(competitors, address, false, reason));
            }}
            className="line-field max-w-80 text-[13px] text-ink-2"
          />
        )}
        {page && (
          <>
            <span className="figures w-20 text-right text-[13px]">{whole(page.figures.words)} words</span>
            <span className="flex w-32 items-center gap-2">
              <span className="relative h-1.5 flex-1 border border-edge" aria-hidden="true">
                <span
                  className="fill-earned absolute inset-y-0 left-0"
                  style={{ width: `${page.report.score}%` }}
                />
              </span>
              <span className="figures w-9 text-right text-[13px]">{tenths(page.report.score)}</span>
            </span>
            <Button kind="quiet" aria-expanded={shown} aria-label={`Read “${name}”`} onClick={onShow}>
              {shown ? "Close" : "Read"}
            </Button>
          </>
        )}
      </div>
      {shown && page && <PageDetail page={page} source={source} />}
    </li>
  );
}
