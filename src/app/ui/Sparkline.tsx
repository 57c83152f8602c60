/** Twelve months as a small line, from zero to the year's highest. */
export function Sparkline({
  values,
  width,
  height,
}: {
  values: readonly number[];
  width: number;
  height: number;
}) {
  if (values.length < 2)
    return (
      <span style={{ width }} className="inline-block text-center text-ink-2">
        –
      </span>
    );
  const top = Math.max(...values, 1);
  const x = (i: number) => 1 + (i * (width - 2)) / (values.length - 1);
  const y = (v: number) => height - 1 - (v / top) * (height - 3);
  const line = values.map((v, i) => `${i ? "L" : "M"}${x(i).toFixed(1)} ${y(v).toFixed(1)}`).join("");
  const peak = values.indexOf(top);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      className="max-w-full"
      role="img"
      aria-label={`Twelve months, from ${Math.min(...values)} to ${top} searches`}
    >
      <path
        d={`${line}L${x(values.length - 1)} ${height}L${x(0)} ${height}Z`}
        fill="var(--color-proof-wash)"
      />
      <path d={line} fill="none" stroke="var(--color-proof)" strokeWidth="1.2" />
      {peak >= 0 && <circle cx={x(peak)} cy={y(top)} r="1.8" fill="var(--color-proof)" />}
    </svg>
  );
}
