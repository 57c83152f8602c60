/** The map: searches against difficulty. Dragging over it chooses the keywords inside, the same as in the table. */

import type { ApexOptions } from "apexcharts";
import { useCallback, useRef } from "react";
import type { BoardQuestion } from "../../../workers/boards";
import type { MapPoint } from "../../../workers/keywordBoard";
import { useDependencies } from "../../store/DependenciesContext";
import { useAsk } from "../../store/useAsk";
import { attemptRead } from "../../ui/attemptRead";
import { Chart } from "../../ui/Chart";
import { Failed } from "../../ui/Failed";
import { count, whole } from "../../ui/figures";
import { short } from "../../ui/shortFigures";
import { placeNames } from "./mapNames";
import type { Selection } from "./useSelection";

const MOST = 400;
/** The chart sets a name this much above its point by itself. */
const BASELINE = 11;
/** Nobody searching has a place on the axis too. */
const logOf = (searches: number): number => Math.log10(Math.max(1, searches));

export default function KeywordMap({
  question,
  revision,
  selection,
  shown,
}: {
  question: BoardQuestion;
  revision: number;
  selection: Selection;
  shown: number;
}) {
  const { workers } = useDependencies();
  const add = useRef(selection.add);
  add.current = selection.add;
  const drawn = useAsk(() => workers.keywords.map(question, MOST), [question, revision]);
  const map = drawn.state === "ready" ? drawn.value : null;
  const chosen = selection.chosen;
  const options = useCallback(
    (token: (name: string) => string): ApexOptions => {
      const points = map?.points ?? [];
      const top = Math.max(1, Math.ceil(Math.max(0, ...points.map(({ searches }) => logOf(searches)))));
      const names = placeNames(points, top, logOf);
      const named = new Set(names.map(({ text }) => text));
      const point = ({ searches, difficulty, text, place }: MapPoint) => ({
        x: difficulty,
        y: logOf(searches),
        text,
        ...(named.has(text) && !chosen.has(place) && { fillColor: token("ink") }),
      });
      return {
        chart: {
          type: "scatter",
          zoom: { enabled: false },
          selection: { enabled: true, type: "xy", fill: { color: token("proof"), opacity: 0.08 } },
          toolbar: { show: false, autoSelected: "selection", tools: { selection: true } },
          events: {
            selection: (_chart, { xaxis, yaxis }: { xaxis: Span; yaxis: Span | Span[] }) => {
              const y = Array.isArray(yaxis) ? yaxis[0] : yaxis;
              if (!y || xaxis.min === undefined || y.min === undefined) return;
              attemptRead(
                workers.keywords
                  .within(question, [y.min <= 0 ? 0 : 10 ** y.min, 10 ** y.max], [xaxis.min, xaxis.max])
                  .then((places) => add.current(places)),
              );
            },
          },
        },
        series: [
          { name: "not chosen", data: points.filter(({ place }) => !chosen.has(place)).map(point) },
          { name: "chosen", data: points.filter(({ place }) => chosen.has(place)).map(point) },
        ],
        colors: [token("edge"), token("proof")],
        markers: { size: [3.5, 5], shape: ["circle", "square"], strokeWidth: 0 },
        legend: { show: false },
        // The best say what they are; of the others the pointer tells.
        dataLabels: { enabled: false },
        annotations: {
          points: names.map(({ text, searches, difficulty, side, dx, dy }) => ({
            x: difficulty,
            y: logOf(searches),
            marker: { size: 0 },
            label: {
              text,
              textAnchor: side,
              offsetX: dx,
              offsetY: dy + BASELINE,
              borderWidth: 0,
              style: { fontSize: "11px", background: "transparent", color: token("ink") },
            },
          })),
        },
        xaxis: {
          type: "numeric",
          min: 0,
          max: 100,
          tickAmount: 10,
          title: { text: "Difficulty" },
          labels: { formatter: (value) => String(Math.round(Number(value))) },
          crosshairs: { show: false },
          tooltip: { enabled: false },
        },
        yaxis: {
          min: 0,
          max: top,
          stepSize: 1,
          title: { text: "Searches a month" },
          labels: { formatter: (value) => short(10 ** value) },
        },
        tooltip: {
          custom: ({ seriesIndex, dataPointIndex, w }: TooltipAt) => {
            const at = w.config.series[seriesIndex]?.data[dataPointIndex];
            return at ? tip(at.text, Math.round(10 ** at.y), at.x) : "";
          },
        },
      };
    },
    [map, chosen, question, workers],
  );
  if (drawn.state === "failed")
    return <Failed what="The map could not be drawn" why={drawn.why} onRetry={drawn.retry} />;
  if (!map)
    return (
      <p role="status" className="p-4 text-ink-2">
        Drawing the map …
      </p>
    );
  return (
    <div className="flex min-h-0 flex-1 flex-col border border-rule bg-sheet p-2">
      <p className="px-2 text-[13px] text-ink-2">
        Up is popular, left is winnable. Drag over keywords to choose them.{" "}
        {map.plotted > map.points.length &&
          `Showing ${whole(map.points.length)} of ${whole(map.plotted)}: the best of each area. Dragging chooses every keyword in the area.`}
        {map.plotted < shown &&
          ` ${count(shown - map.plotted, "keyword")} without known numbers cannot be drawn.`}
      </p>
      <Chart
        label={`${count(map.points.length, "keyword")} by searches and difficulty. The table has the same keywords.`}
        options={options}
        height={440}
      />
    </div>
  );
}

interface Span {
  min: number;
  max: number;
}
interface TooltipAt {
  seriesIndex: number;
  dataPointIndex: number;
  w: { config: { series: { data: { x: number; y: number; text: string }[] }[] } };
}

/** The chart puts this in as HTML, so a keyword's signs must be only signs. */
function tip(text: string, searches: number, difficulty: number): string {
  const holder = document.createElement("div");
  holder.textContent = `${text}: ${whole(searches)} a month, difficulty ${Math.round(difficulty)}`;
  holder.style.padding = "4px 8px";
  return holder.outerHTML;
}
