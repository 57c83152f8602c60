/** A chart by ApexCharts, made when it comes on screen and taken down with it. Whoever uses it says in words what it shows. */
import ApexCharts, { type ApexOptions } from "apexcharts";
import { useEffect, useRef } from "react";
import { onThemeChange } from "./chooseTheme";

/** A colour of the theme as it is worn now: the property itself holds both, and only a colour in use is one of them. */
function token(name: string): string {
  const probe = document.createElement("span");
  probe.style.color = `var(--color-${name})`;
  document.body.append(probe);
  const { color } = getComputedStyle(probe);
  probe.remove();
  return color;
}
const calm = (): boolean => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

export function Chart({
  label,
  options,
  height,
}: {
  label: string;
  /** Made of the theme's colours. */
  options: (token: (name: string) => string) => ApexOptions;
  height: number;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const chart = useRef<ApexCharts | null>(null);
  const latest = useRef(options);
  latest.current = options;
  // biome-ignore lint/correctness/useExhaustiveDependencies: later options are given to the chart that is there
  useEffect(() => {
    const drawn = new ApexCharts(holder.current, withHouse(latest.current(token), height));
    chart.current = drawn;
    void drawn.render();
    return () => {
      chart.current = null;
      drawn.destroy();
    };
  }, []);
  const first = useRef(true);
  useEffect(() => {
    if (!first.current) void chart.current?.updateOptions(withHouse(options(token), height), false, false);
    first.current = false;
  }, [options, height]);
  useEffect(
    () => onThemeChange(() => void chart.current?.updateOptions(withHouse(latest.current(token), height))),
    [height],
  );
  return <div ref={holder} role="img" aria-label={label} style={{ minHeight: height }} />;
}

function withHouse(options: ApexOptions, height: number): ApexOptions {
  return {
    ...options,
    chart: {
      ...options.chart,
      height,
      fontFamily: '"Public Sans Variable", system-ui, sans-serif',
      foreColor: token("ink-2"),
      animations: { enabled: !calm() && (options.chart?.animations?.enabled ?? false), speed: 120 },
      toolbar: { show: false, ...options.chart?.toolbar },
    },
    grid: { borderColor: token("rule"), ...options.grid },
  };
}
