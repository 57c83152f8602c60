/** The competing pages in a line: what they have and what we have, with the pages behind a disclosure. */
import { ChevronDown, ChevronRight, RefreshCw } from "lucide-react";
import { useState } from "react";
import type { PageFigures, Spread } from "../../../core/benchmark/competitors";
import { changesBetween } from "../../../core/competitors/changes";
import { foldPlain } from "../../../core/text/fold";
import type { Competitors } from "../../../data/model";
import { useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { count, points, whole } from "../../ui/figures";
import { Term } from "../../ui/Term";
import { CompetitorPages } from "./CompetitorPages";
import { useCompetitorParts } from "./useCompetitorParts";

export function CompetitorsHead({
  competitors,
  onCollect,
}: {
  competitors: Competitors;
  onCollect: () => void;
}) {
  const [open, setOpen] = useState(false);
  const {
    analysis,
    failure,
    ours: draft,
    earlier,
  } = useCompetitorParts("analysis", "failure", "ours", "earlier");
  // An empty draft has nothing to compare yet.
  const ours = draft?.words ? draft : null;
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const keyword = useAppSelector((state) => state.openPost.post?.keyword ?? "");
  const busy = useAppSelector((state) => (state.openPost.post?.id ?? "") in state.competitors.jobs);
  const kept = competitors.pages.filter(({ state }) => state === "kept").length;
  const dropped = competitors.pages.filter(({ state }) => state === "dropped").length;
  const failed = competitors.pages.filter(({ state }) => state === "failed").length;
  return (
    <section aria-label="Competing pages" className="border border-rule bg-sheet px-4 py-2.5">
      <h2 className="sr-only">Competing pages</h2>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <p className="mr-auto min-w-0">
          <strong className="font-semibold">{count(kept, "page")}</strong> for “{competitors.keyword}”{" "}
          <span className="text-[13px] text-ink-2">
            {competitors.standIn && (
              <span className="border border-edge px-1 text-[11px]">
                <Term id="standIn">stand-in</Term>
              </span>
            )}{" "}
            {[competitors.source, competitors.regionName, `read on ${day(competitors.collectedAt)}`]
              .filter(Boolean)
              .join(" · ")}
          </span>
        </p>
        <Button kind="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? (
            <ChevronDown size={15} aria-hidden="true" />
          ) : (
            <ChevronRight size={15} aria-hidden="true" />
          )}
          Pages
          <span className="figures text-[12px] text-ink-2">
            {[`${kept} kept`, dropped && `${dropped} dropped`, failed && `${failed} not read`]
              .filter(Boolean)
              .join(", ")}
          </span>
        </Button>
        <Button disabled={readOnly || busy} onClick={onCollect}>
          <RefreshCw size={14} aria-hidden="true" /> Collect again or add
        </Button>
      </div>
      {keyword && foldPlain(keyword) !== foldPlain(competitors.keyword) && (
        <p className="mt-1 border-l-2 border-plum bg-plum-wash px-2 text-[13px] text-plum">
          The target keyword is now “{keyword}”: collect again, or the post is measured by pages for another.
        </p>
      )}
      {!analysis && !failure && kept > 0 && <OnItsWay />}
      {analysis && (
        <dl className={FIGURES}>
          <Compared name="Words" spread={analysis.spread.words} ours={ours?.words} />
          <Compared name="Headings" spread={analysis.spread.headings} ours={ours?.headings} />
          <Compared name="Pictures" spread={analysis.spread.pictures} ours={ours?.pictures} />
          <Compared name="Links" spread={analysis.spread.links} ours={linksOf(ours)} />
          <Compared name="Reading ease" spread={analysis.spread.ease} ours={ours?.ease ?? undefined} />
          {analysis.benchmark && (
            <div>
              <dt className="text-[12px] text-ink-2">Score</dt>
              <dd className="figures">
                <span className="text-[15px] font-semibold">{points(analysis.benchmark.average)}</span>{" "}
                <span className="text-[12px] text-ink-2">
                  average, best {points(analysis.benchmark.best)}
                </span>
              </dd>
            </div>
          )}
        </dl>
      )}
      {earlier[0] && <Changes before={earlier[0]} now={competitors} />}
      {open && <CompetitorPages competitors={competitors} />}
    </section>
  );
}

const FIGURES = "mt-2 grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] gap-x-6 gap-y-2";

/** Keeps the room of the figures, so that the outline below stays where it is when they come. */
const OnItsWay = () => (
  <div className={FIGURES} aria-hidden="true">
    {["Words", "Headings", "Pictures", "Links", "Reading ease", "Score"].map((name) => (
      <div key={name} className="h-[51px] text-[12px] text-ink-2">
        {name}
      </div>
    ))}
  </div>
);

const linksOf = (ours: PageFigures | null): number | undefined =>
  ours ? ours.linksIn + ours.linksOut : undefined;

/** A figure of the competing pages, their range as a line with the median on it, and ours as a tick. */
function Compared({ name, spread, ours }: { name: string; spread: Spread | null; ours: number | undefined }) {
  if (!spread) return null;
  const { median, low, high } = spread;
  const least = Math.min(low, ours ?? low);
  const most = Math.max(high, ours ?? high, least + 1);
  const at = (n: number) => `${(100 * (n - least)) / (most - least)}%`;
  return (
    <div>
      <dt className="text-[12px] text-ink-2">{name}</dt>
      <dd className="figures">
        <span className="text-[15px] font-semibold">{whole(median)}</span>{" "}
        <span className="text-[12px] text-ink-2">
          {whole(low)}–{whole(high)}
        </span>
        {ours !== undefined && <span className="float-right text-[12px] text-proof">ours {whole(ours)}</span>}
        <span className="relative mt-1 block h-2" aria-hidden="true">
          <span
            className="absolute top-[3px] h-px bg-edge"
            style={{ left: at(low), right: `calc(100% - ${at(high)})` }}
          />
          <span className="absolute top-0 h-[7px] w-px bg-ink" style={{ left: at(median) }} />
          {ours !== undefined && (
            <span
              className="absolute -top-0.5 h-3 w-0.5 -translate-x-1/2 bg-proof"
              style={{ left: at(ours) }}
            />
          )}
        </span>
      </dd>
    </div>
  );
}

/** What changed since the competing pages that were in force before. */
function Changes({ before, now }: { before: Competitors; now: Competitors }) {
  const { added, gone, moved, medianWords } = changesBetween(before, now);
  const named = (pages: { title: string; address: string }[]) =>
    pages.map(({ title, address }) => `“${title || address}”`).join(", ");
  const lines = [
    added.length && `${count(added.length, "page")} new: ${named(added)}`,
    gone.length && `${count(gone.length, "page")} gone: ${named(gone)}`,
    moved.length &&
      `${count(moved.length, "page")} moved, the furthest ${named([moved[0]!.page])} by ${Math.abs(moved[0]!.up)} ${moved[0]!.up > 0 ? "up" : "down"}`,
    medianWords &&
      Math.round(medianWords[0]) !== Math.round(medianWords[1]) &&
      `median words from ${whole(medianWords[0])} to ${whole(medianWords[1])}`,
  ].filter(Boolean);
  return (
    <details className="mt-2 text-[13px] text-ink-2">
      <summary>
        Since the pages of {day(before.collectedAt)}:{" "}
        {lines.length ? `${lines.length} changes` : "nothing changed"}
      </summary>
      <ul className="list-disc pl-5">
        {lines.map((line) => (
          <li key={String(line)}>{line}</li>
        ))}
      </ul>
    </details>
  );
}
