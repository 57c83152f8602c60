import type { PostVersion } from "../../../data/model";

const WIDTH = 300;
const HEIGHT = 44;

/** The score over the versions, the earliest on the left, now on the right; on the scale of 0 to 100. */
export function ScoreLine({ versions, now }: { versions: readonly PostVersion[]; now: number | null }) {
  const scores = [...versions.map(({ score }) => score).reverse(), now].filter((score) => score !== null);
  if (scores.length < 2) return null;
  const x = (i: number) => 2 + (i * (WIDTH - 4)) / (scores.length - 1);
  const y = (score: number) => HEIGHT - 2 - (score / 100) * (HEIGHT - 4);
  const [first, last] = [scores[0]!, scores.at(-1)!];
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`Score over ${scores.length} states, from ${first.toFixed(1)} to ${last.toFixed(1)}`}
      >
        {[0, 50, 100].map((line) => (
          <line key={line} x1={0} x2={WIDTH} y1={y(line)} y2={y(line)} stroke="var(--color-rule)" />
        ))}
        <polyline
          points={scores.map((score, i) => `${x(i).toFixed(1)},${y(score).toFixed(1)}`).join(" ")}
          fill="none"
          stroke="var(--color-proof)"
          strokeWidth="1.5"
        />
        <circle cx={x(scores.length - 1)} cy={y(last)} r="2.5" fill="var(--color-proof)" />
      </svg>
      <figcaption className="figures text-[12px] text-ink-2">
        Score, {first.toFixed(1)} at first, {last.toFixed(1)} now
      </figcaption>
    </figure>
  );
}
