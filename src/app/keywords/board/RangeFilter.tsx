/** A range by the bins of a small histogram: two handles, and the bars that they take in. */
import { Slider } from "radix-ui";
import { useState } from "react";
import { useDebouncedCallback } from "use-debounce";
import { BINS, type Range } from "../../../core/keywords/sift";
import { short } from "../../ui/shortFigures";

interface Props {
  range: Range;
  name: string;
  counts: readonly number[];
  chosen: [number, number] | undefined;
  onChange: (chosen: [number, number] | undefined) => void;
}

/** Milliseconds that a handle rests before the table follows. */
const REST = 120;
const WIDTH = 180;
const HEIGHT = 30;

export function RangeFilter({ range, name, counts, chosen, onChange }: Props) {
  const edges = BINS[range];
  const last = edges.length - 1;
  const [moving, setMoving] = useState<[number, number] | null>(null);
  const [from, to] = moving ?? chosen ?? [0, last];
  const top = Math.max(1, ...counts);
  const bar = WIDTH / edges.length;
  // While a handle is dragged the table waits for it to rest.
  const settle = useDebouncedCallback(([low, high]: [number, number]) => {
    onChange(low === 0 && high === last ? undefined : [low, high]);
    setMoving(null);
  }, REST);
  const move = (next: [number, number]) => {
    setMoving(next);
    settle(next);
  };
  const says = (bin: number, end: boolean): string => {
    if (!end) return short(edges[bin]!);
    return bin === last ? "any" : short(edges[bin + 1]! - 1);
  };
  return (
    <fieldset className="mb-4">
      <legend className="flex w-full justify-between text-[13px]">
        <span>{name}</span>
        <span className="figures text-ink-2">
          {from === 0 && to === last
            ? "all"
            : to === last
              ? `from ${says(from, false)}`
              : `${says(from, false)} to ${says(to, true)}`}
        </span>
      </legend>
      <svg width={WIDTH} height={HEIGHT} aria-hidden="true" className="mt-1 block">
        {counts.map((n, bin) => {
          const height = n ? Math.max(2, (n / top) * (HEIGHT - 2)) : 0;
          return (
            <rect
              key={edges[bin]}
              x={bin * bar + 0.5}
              y={HEIGHT - height}
              width={bar - 1}
              height={height}
              fill={bin >= from && bin <= to ? "var(--color-proof)" : "var(--color-rule)"}
            />
          );
        })}
        <line x1="0" x2={WIDTH} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} stroke="var(--color-edge)" />
      </svg>
      <Slider.Root
        min={0}
        max={edges.length}
        step={1}
        minStepsBetweenThumbs={1}
        value={[from, to + 1]}
        onValueChange={([low, high]) => move([low!, high! - 1])}
        className="relative flex h-4 touch-none items-center"
        style={{ width: WIDTH }}
      >
        <Slider.Track className="relative h-px grow bg-transparent" />
        {(["from", "up to"] as const).map((end, i) => (
          <Slider.Thumb
            key={end}
            aria-label={`${name} ${end}`}
            aria-valuetext={i === 0 ? says(from, false) : says(to, true)}
            className="block h-3.5 w-2 rounded-[2px] border border-proof bg-sheet"
          />
        ))}
      </Slider.Root>
    </fieldset>
  );
}
