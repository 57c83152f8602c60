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
const now: Kept = {
  date: new Date().toISOString().slice(0, 16).replace("T", " "),
  note: values.keep ?? "this run, not kept",
  measures: chosen.map((one) => ({
    title: one.title,
    says: one.says,
    data: one.data(),
    figures: one.figures(),
  })),
};
const page = evaluationPage([...runs, now]);
console.log(page);
if (values.keep) {
  writeFileSync(HISTORY, `${JSON.stringify([...runs, now], null, 2)}\n`);
  writeFileSync(PAGE, page);
}
