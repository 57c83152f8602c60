/**
 * Measures what the engine gets right, and how fast, and prints one page of tables: `npm run evaluate`.
 * With `--keep "what changed"` the figures are added to docs/evaluation.json and the page is written anew; `--quality` leaves speed out.
 */
import { writeFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { measures } from "../../bench/measures/registry";
import { speed } from "../../bench/measures/speed";
import { evaluationPage, HISTORY, history, type Kept, PAGE } from "./history";

const { values } = parseArgs({ options: { keep: { type: "string" }, quality: { type: "boolean" } } });
const runs = history();
const chosen = measures.filter((one) => !values.quality || one !== speed);
const missing = chosen.flatMap((one) => {
  const why = one.missing?.();
  return why ? [`${one.title}: not measured, ${why}.`] : [];
});
if (missing.length && values.keep) {
  console.error(`Nothing was kept. ${missing.join("\n")}`);
  process.exit(1);
}
const now: Kept = {
  date: new Date().toISOString().slice(0, 16).replace("T", " "),
  note: values.keep ?? "this run, not kept",
  measures: chosen
    .filter((one) => !one.missing?.())
    .map((one) => ({
      title: one.title,
      says: one.says,
      data: one.data(),
      figures: one.figures(),
    })),
};
const page = evaluationPage([...runs, now]);
console.log([page, ...missing].join("\n"));
if (values.keep) {
  writeFileSync(HISTORY, `${JSON.stringify([...runs, now], null, 2)}\n`);
  writeFileSync(PAGE, page);
}
