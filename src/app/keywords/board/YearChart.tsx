/** Twelve months of searches as columns, the mean as a line. */
import type { ApexOptions } from "apexcharts";
import { useCallback } from "react";
import { Chart } from "../../ui/Chart";
import { whole } from "../../ui/figures";
import { short } from "../../ui/shortFigures";

export default function YearChart({
  text,
  season,
  months,
  names,
  ends,
}: {
  text: string;
  season: string;
  months: number[];
  names: string[];
  ends: string;
}) {
  const options = useCallback(
    (token: (name: string) => string): ApexOptions => {
      const mean = months.reduce((sum, n) => sum + n, 0) / months.length;
      const top = Math.max(...months);
      // There is room for a letter; the tooltip has the whole name.
      const narrow = /^\d/.test(names[0] ?? "") ? 2 : 1;
      return {
        chart: { type: "bar" },
        series: [{ name: "Searches", data: months }],
        colors: [({ value }: { value: number }) => (value === top ? token("proof") : token("edge"))],
        plotOptions: { bar: { columnWidth: "70%", borderRadius: 0 } },
        dataLabels: { enabled: false },
        states: { hover: { filter: { type: "none" } } },
        xaxis: {
          categories: names,
          labels: {
            style: { fontSize: "10px" },
            rotate: 0,
            formatter: (name) => String(name).slice(0, narrow),
          },
          axisTicks: { show: false },
          tooltip: { enabled: false },
        },
        yaxis: {
          min: 0,
          tickAmount: 2,
          labels: { formatter: (value) => short(value), style: { fontSize: "10px" } },
        },
        annotations: { yaxis: [{ y: mean, borderColor: token("ink-2"), strokeDashArray: 3 }] },
        tooltip: {
          x: {
            formatter: (_value, { dataPointIndex }: { dataPointIndex: number }) =>
              names[dataPointIndex] ?? "",
          },
          y: { formatter: (value) => whole(value) },
        },
        grid: { padding: { left: 0, right: 0, top: -16, bottom: -6 } },
      };
    },
    [months, names],
  );
  return (
    <>
      <Chart label={`Searches for ${text} by month: ${season}`} options={options} height={130} />
      {ends && <p className="figures text-[12px] text-ink-2">{ends}; the line is the mean</p>}
    </>
  );
}
