/** The competing pages as a strip of scores: each page a mark, their average and best named, ours among them. */
import { points } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";

const WIDTH = 440;
const HEIGHT = 74;
const LINE = 40;

export interface Mark {
  id: string;
  name: string;
  score: number;
}

const APART = 11;
const LANES = 4;

/** Marks that would lie on each other stand above each other. */
function laid(pages: readonly Mark[], x: (at: number) => number): (Mark & { lane: number })[] {
  const ends: number[] = [];
  return [...pages]
    .sort((a, b) => a.score - b.score)
    .map((mark) => {
      const free = ends.findIndex((end) => x(mark.score) - end >= APART);
      const lane = free >= 0 ? free : Math.min(ends.length, LANES - 1);
      ends[lane] = x(mark.score);
      return { ...mark, lane };
    });
}

interface Props {
  pages: readonly Mark[];
  benchmark: { average: number; best: number } | null;
  score: number;
  onCompare: () => void;
}

export function CompetitorsStrip({ pages, benchmark, score, onCompare }: Props) {
  const x = (at: number) => 10 + (at / 100) * (WIDTH - 20);
  return (
    <figure>
      <div className="relative" style={{ height: HEIGHT }}>
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          className="absolute inset-0 h-full w-full"
          preserveAspectRatio="none"
          aria-hidden="true"
        >
          <line x1={x(0)} x2={x(100)} y1={LINE} y2={LINE} stroke="var(--color-edge)" />
          {Array.from({ length: 11 }, (_, i) => (
            <line
              key={i}
              x1={x(i * 10)}
              x2={x(i * 10)}
              y1={LINE}
              y2={LINE + (i % 5 ? 4 : 8)}
              stroke="var(--color-edge)"
            />
          ))}
          {benchmark &&
            [benchmark.average, benchmark.best].map((at) => (
              <line
                key={at}
                x1={x(at)}
                x2={x(at)}
                y1={16}
                y2={LINE + 8}
                stroke="var(--color-ink)"
                strokeDasharray="3 2"
              />
            ))}
          <line
            x1={x(score)}
            x2={x(score)}
            y1={10}
            y2={LINE + 10}
            stroke="var(--color-proof)"
            strokeWidth={3}
          />
        </svg>
        {laid(pages, x).map(({ id, name, score: at, lane }) => (
          <Tooltip key={id} says={`${name}: ${points(at)}`}>
            <span
              className="absolute h-2.5 w-2.5 -translate-x-1/2 -translate-y-1/2 rounded-full border border-ink-2 bg-sheet"
              style={{ left: `${(x(at) / WIDTH) * 100}%`, top: LINE - 7 - lane * 10 }}
            />
          </Tooltip>
        ))}
        {[0, 50, 100].map((at) => (
          <span
            key={at}
            aria-hidden="true"
            className="figures absolute -translate-x-1/2 text-[11px] text-ink-2"
            style={{ left: `${(x(at) / WIDTH) * 100}%`, top: LINE + 12 }}
          >
            {at}
          </span>
        ))}
      </div>
      <figcaption className="figures text-[12px] text-ink-2">
        Ours {points(score)}
        {benchmark &&
          `; of the first ten competitors, average ${points(benchmark.average)}; best ${points(benchmark.best)}`}
      </figcaption>
      <button
        type="button"
        className="quiet-link mt-1 text-[13px]"
        disabled={!pages.length}
        onClick={onCompare}
      >
        Compare with competitors, page by page
      </button>
    </figure>
  );
}
