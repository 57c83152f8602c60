/** Prints how well the analysis finds what competing pages were written to cover, as the table of docs/scoring.md: `npm run evaluate:competitors`. */
import { evaluateField } from "../bench/competitorsEvaluation";

const all = evaluateField();
const figures = ({ topics, terms }: (typeof all)[number]): number[] => [
  topics.precision,
  topics.recall,
  terms.precision,
  terms.recall,
];
const row = (name: string, values: readonly number[]): string =>
  `| ${name} | ${values.map((value) => value.toFixed(2)).join(" | ")} |`;
for (const one of all) console.log(row(`${one.query} (${one.pages} pages)`, figures(one)));
const sums = all.map(figures).reduce((sum, values) => sum.map((value, i) => value + values[i]!));
console.log(
  row(
    "**Mean**",
    sums.map((sum) => sum / all.length),
  ),
);
