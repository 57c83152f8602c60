/** Above the list of posts: how the site scores, since when, and what costs it most. */

import { memo, useMemo } from "react";
import type { CheckId } from "../../../core/proof/profile";
import type { Post, PostScore, PostVersion } from "../../../data/model";
import { allVersions } from "../../../data/versions";
import { useAskOrTell } from "../../store/useAskOrTell";
import { shortDay } from "../../ui/dates";
import { count, points, tenths } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { BINS, distribution, meanOverTime } from "./portfolio";
import { worstChecks } from "./worstChecks";

const WORST_SHOWN = 5;

interface Props {
  posts: readonly Post[];
  scores: Readonly<Record<string, PostScore>>;
  /** The finding by which the list is sifted; empty for none. */
  finding: CheckId | "";
  onFinding: (id: CheckId | "") => void;
}

export const Portfolio = memo(function Portfolio({ posts, scores, finding, onFinding }: Props) {
  const scored = useMemo(() => posts.flatMap(({ id }) => scores[id] ?? []), [posts, scores]);
  const worst = useMemo(() => worstChecks(scored), [scored]);
  const versions = useVersions(posts.length);
  const line = useMemo(
    () =>
      meanOverTime(
        versions,
        new Map(scored.map(({ postId, score }) => [postId, score])),
        new Date().toISOString().slice(0, 10),
      ),
    [versions, scored],
  );
  if (!posts.length) return null;
  const most = worst[0]?.gain ?? 1;
  return (
    <section
      aria-label="All posts"
      className="mb-4 grid small:hidden min-h-[9.75rem] grid-cols-1 gap-x-8 gap-y-3 border border-rule bg-sheet px-4 py-3 min-[900px]:grid-cols-[13rem_13rem_minmax(0,1fr)]"
    >
      <Distribution bins={distribution(scored)} />
      <OverTime line={line} />
      <div className="min-w-0">
        <h2 className="text-[13px]">What costs most points</h2>
        <ul>
          {worst.slice(0, WORST_SHOWN).map(({ id, name, posts: n, gain }) => (
            <li key={id}>
              <Tooltip says={finding === id ? "Show all posts again" : "Show these posts"}>
                <button
                  type="button"
                  aria-pressed={finding === id}
                  onClick={() => onFinding(finding === id ? "" : id)}
                  className={`grid w-full grid-cols-[minmax(0,13rem)_minmax(2rem,1fr)_4.5rem_4rem] items-center gap-x-3 rounded px-1 text-left text-[13px] leading-[22px] hover:bg-proof-wash ${finding === id ? "bg-proof-wash font-semibold" : ""}`}
                >
                  <span className="truncate">{name}</span>
                  <span className="h-2 bg-paper">
                    <span className="fill-partly block h-2" style={{ width: `${(100 * gain) / most}%` }} />
                  </span>
                  <span className="figures text-right text-ink-2">
                    {n} of {scored.length}
                  </span>
                  <span className="figures text-right">+{tenths(gain)}</span>
                </button>
              </Tooltip>
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
});

const BARS = { width: 200, height: 74 };

/** Posts by score, a column every ten points. */
function Distribution({ bins }: { bins: readonly number[] }) {
  const most = Math.max(1, ...bins);
  const all = bins.reduce((sum, n) => sum + n, 0);
  return (
    <figure>
      <figcaption className="text-[13px] font-semibold">Posts by score</figcaption>
      <svg
        viewBox={`0 0 ${BARS.width} ${BARS.height + 16}`}
        className="figures mt-1 w-full"
        role="img"
        aria-label={`Scores of ${count(all, "post")}: ${bins
          .map((n, i) => (n ? `${n} from ${i * BINS} to ${i * BINS + BINS}` : ""))
          .filter(Boolean)
          .join(", ")}`}
      >
        {bins.map((n, i) => {
          const height = (n / most) * (BARS.height - 14);
          const x = i * 20;
          return (
            <g key={i}>
              <rect x={x + 1} y={BARS.height - height} width={18} height={height} fill="var(--color-proof)" />
              {n > 0 && (
                <text
                  x={x + 10}
                  y={BARS.height - height - 3}
                  fontSize={11}
                  textAnchor="middle"
                  fill="var(--color-ink-2)"
                >
                  {n}
                </text>
              )}
            </g>
          );
        })}
        <line x1={0} x2={200} y1={BARS.height} y2={BARS.height} stroke="var(--color-edge)" />
        {[0, 50, 100].map((at) => (
          <text
            key={at}
            x={at * 2}
            y={BARS.height + 13}
            fontSize={11}
            textAnchor={at === 0 ? "start" : at === 100 ? "end" : "middle"}
            fill="var(--color-ink-2)"
          >
            {at}
          </text>
        ))}
      </svg>
    </figure>
  );
}

/** The mean of all posts from day to day. */
function OverTime({ line }: { line: readonly { day: string; mean: number }[] }) {
  const last = line.at(-1);
  const first = line[0];
  if (!first || !last) return null;
  const from = Date.parse(first.day);
  const span = Math.max(1, Date.parse(last.day) - from);
  const x = (day: string) => (line.length > 1 ? ((Date.parse(day) - from) / span) * 178 + 20 : 198);
  const means = line.map(({ mean }) => mean);
  // Means of many posts move little: the scale is of what there is, to whole tens.
  const low = Math.floor((Math.min(...means) - 1) / 10) * 10;
  const high = Math.ceil((Math.max(...means) + 1) / 10) * 10;
  const y = (mean: number) => 12 + (1 - (mean - low) / (high - low)) * (BARS.height - 14);
  return (
    <figure>
      <figcaption className="text-[13px] font-semibold">Mean score over time</figcaption>
      <svg
        viewBox={`0 0 200 ${BARS.height + 16}`}
        className="figures mt-1 w-full"
        role="img"
        aria-label={`Mean score from ${points(first.mean)} on ${shortDay(first.day, new Date())} to ${points(last.mean)} today`}
      >
        {[low, high].map((at) => (
          <g key={at}>
            <line x1={0} x2={200} y1={y(at)} y2={y(at)} stroke="var(--color-rule)" />
            <text x={0} y={y(at) - 2} fontSize={11} fill="var(--color-ink-2)">
              {at}
            </text>
          </g>
        ))}
        <polyline
          points={line.map(({ day, mean }) => `${x(day).toFixed(1)},${y(mean).toFixed(1)}`).join(" ")}
          fill="none"
          stroke="var(--color-proof)"
          strokeWidth={1.5}
        />
        <circle cx={x(last.day)} cy={y(last.mean)} r={3} fill="var(--color-proof)" />
        <text
          x={196}
          y={y(last.mean) - 6}
          fontSize={12}
          fontWeight={600}
          textAnchor="end"
          fill="var(--color-proof)"
        >
          {points(last.mean)}
        </text>
        <text x={0} y={BARS.height + 13} fontSize={11} fill="var(--color-ink-2)">
          {line.length > 1 ? shortDay(first.day, new Date()) : "begins"}
        </text>
        <text x={200} y={BARS.height + 13} fontSize={11} textAnchor="end" fill="var(--color-ink-2)">
          today
        </text>
      </svg>
    </figure>
  );
}

const NONE: readonly PostVersion[] = [];

/** Versions of all posts, read when the Desk opens and when posts come or go. */
function useVersions(posts: number): readonly PostVersion[] {
  return useAskOrTell(allVersions, [posts], { otherwise: NONE });
}
