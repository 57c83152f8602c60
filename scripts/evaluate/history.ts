/** The evaluation's figures over time, and the page that shows them. */
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { Figure } from "../../bench/measures/measure";

/** One run of the evaluation that was kept. */
export interface Kept {
  /** Day and minute, UTC. */
  date: string;
  /** What had changed since the one before. */
  note: string;
  measures: { title: string; says: string; data: string; figures: Figure[] }[];
}

const ROOT = join(import.meta.dirname, "../..");
export const HISTORY = join(ROOT, "docs/evaluation.json");
export const PAGE = join(ROOT, "docs/evaluation.md");
/** How many runs a table shows. */
const SHOWN = 6;

export const history = (): Kept[] =>
  existsSync(HISTORY) ? (JSON.parse(readFileSync(HISTORY, "utf8")) as Kept[]) : [];

const shown = (value: number): string =>
  value >= 10 ? value.toFixed(0) : value >= 1 ? value.toFixed(2) : value.toFixed(3);
const aimed = ({ aim, less }: Figure): string => `${shown(aim)} or ${less ? "less" : "more"}`;
const isReached = ({ value, aim, less }: Figure): boolean => (less ? value <= aim : value >= aim);

/** A table of each measure: what is measured, what it should be, and what it was, the newest run first. */
export function evaluationPage(runs: readonly Kept[]): string {
  const newest = runs.slice(-SHOWN).reverse();
  const [now] = newest;
  if (!now) return "";
  const tables = now.measures.map(({ title, says, data, figures }) => {
    const before = newest.slice(1).map((run) => run.measures.find((one) => one.title === title));
    const earlier = (what: string) =>
      before.map((one) => {
        const figure = one?.figures.find((other) => other.what === what);
        return figure ? shown(figure.value) : "";
      });
    const measured = new Set(figures.map(({ what }) => what));
    // What is measured no more stays in sight: it was an answer once.
    const past = before
      .flatMap((one) => one?.figures ?? [])
      .filter(({ what }) => !measured.has(what) && measured.add(what));
    const rows = [
      ...figures.map((figure) => [
        figure.what,
        aimed(figure),
        `${shown(figure.value)}${isReached(figure) ? "" : " \u2717"}`,
        ...earlier(figure.what),
      ]),
      ...past.map((figure) => [figure.what, aimed(figure), "", ...earlier(figure.what)]),
    ];
    const head = ["", "Aim", ...newest.map(({ date }) => date)];
    const table = [head, head.map((_, i) => (i ? "--:" : "---")), ...rows].map(
      (cells) => `| ${cells.join(" | ")} |`,
    );
    return [`## ${title}`, `${says}`, `Measured on: ${data}.`, table.join("\n")].join("\n\n");
  });
  return `${[
    "# Evaluation",
    'What the engine gets right and how fast, in one place: `npm run evaluate` measures all of it anew and prints it; `npm run evaluate -- --keep "what changed"` keeps the figures here. Aims that are not reached are marked \u2717. How each is judged: [scoring.md](scoring.md).',
    ...tables,
    "## What changed",
    newest.map(({ date, note }) => `- ${date}: ${note}`).join("\n"),
  ].join("\n\n")}\n`;
}
