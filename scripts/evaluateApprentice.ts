/**
 * Asks the writer that ships with the application for everything, on five subjects and three seeds, and judges the answers by rules: what
 * they look like, what they were made from, and whether they read as English. `npm run evaluate:apprentice`; with --write the figures go
 * into docs/apprentice.md.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { Ajv } from "ajv";
import { type Fault, headingFaults, sentenceFaults } from "../bench/apprentice/grammar";
import { readSubjects, requestsFor } from "../bench/apprentice/requests";
import { unsourcedFigures } from "../src/core/apprentice/checks/claims";
import { TASKS, taskById } from "../src/core/apprentice/registry";
import { materialOf, suggest } from "../src/core/apprentice/suggest";
import { defaultProfile } from "../src/core/proof/profile";

const SEEDS = [1, 2, 3];
const PROSE = new Set(["paragraph", "sentence", "description", "preview"]);
const MARK = /<!-- figures -->[\s\S]*<!-- \/figures -->/;

interface Row {
  task: string;
  requests: number;
  answers: number;
  parts: number;
  /** Requests that no answer could be made to, and that were told what is missing. */
  told: number;
  faults: Fault[];
  /** Milliseconds. */
  times: number[];
}

const ajv = new Ajv({ strict: false });
const rows = new Map<string, Row>(
  TASKS.map(({ id }) => [
    id,
    { task: id, requests: 0, answers: 0, parts: 0, told: 0, faults: [], times: [] },
  ]),
);
for (const subject of readSubjects())
  for (const { task: id, input } of requestsFor(subject)) {
    const row = rows.get(id)!;
    const task = taskById(id)!;
    const fault = (rule: string, text: string) => row.faults.push({ rule, text: `${subject.name}: ${text}` });
    const asked = ajv.compile(task.input);
    if (!asked(input)) fault("the request fits its schema", JSON.stringify(asked.errors));
    for (const seed of SEEDS) {
      row.requests++;
      const start = performance.now();
      const { answers, missing } = suggest(task, input, { profile: defaultProfile, seed });
      row.times.push(performance.now() - start);
      if (!answers.length) {
        if (missing.length) row.told++;
        else fault("there is an answer, or what is missing", id);
      }
      const again = suggest(task, input, { profile: defaultProfile, seed });
      if (JSON.stringify(again.answers) !== JSON.stringify(answers)) fault("same seed, same answer", id);
      const material = materialOf(input, defaultProfile);
      const fits = ajv.compile(task.form.schema);
      for (const { text, parts } of answers) {
        row.answers++;
        row.parts += parts.length;
        if (!fits(task.form.value(parts))) fault("the answer fits its schema", text);
        const copy = material.copies.first(text);
        if (copy) fault("nothing is copied", copy.run);
        for (const figure of unsourcedFigures(parts.map((part) => part.text).join("\n"), material))
          fault("every figure has its source", figure);
        const seen = new Set<string>();
        for (const part of parts) {
          if (seen.has(part.text) && part.field !== "note") fault("nothing is said twice", part.text);
          seen.add(part.text);
          if (!part.from.length) fault("every part says where it is from", part.text);
          for (const { quote } of part.from)
            if (quote && !material.whole.includes(quote)) fault("quotes stand in the material", quote);
          const own = (sentence: string) => !material.whole.includes(sentence.replace(/[.?]$/, ""));
          const isProse =
            id !== "alt-text" && (PROSE.has(part.field) || part.field === "post" || part.field === "item");
          const judged = isProse
            ? sentencesIn(part.text).flatMap((sentence) => sentenceFaults(sentence, own(sentence)))
            : headingFaults(part.text, own(part.text));
          row.faults.push(...judged.map((one) => ({ ...one, text: `${subject.name}: ${one.text}` })));
        }
      }
    }
  }

function sentencesIn(text: string): string[] {
  return text.split(/(?<=[.!?][”"’']?)\s+(?=[\p{Lu}“"])/u).filter(Boolean);
}

const middle = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
const all = [...rows.values()];
const table = [
  "| Task | Requests | Told what is missing | Answers | Parts | Faults | Median ms | Longest ms |",
  "|---|---:|---:|---:|---:|---:|---:|---:|",
  ...all.map(
    ({ task, requests, told, answers, parts, faults, times }) =>
      `| ${task} | ${requests} | ${told} | ${answers} | ${parts} | ${faults.length} | ${middle(times).toFixed(0)} | ${Math.max(...times).toFixed(0)} |`,
  ),
  `| **all** | ${sum("requests")} | ${sum("told")} | ${sum("answers")} | ${sum("parts")} | ${all.reduce((n, { faults }) => n + faults.length, 0)} | | |`,
].join("\n");
console.log(table);
const faults = all.flatMap(({ task, faults: its }) => its.map((fault) => ({ task, ...fault })));
if (process.argv.includes("--faults"))
  for (const { task, rule, text } of faults) console.log(`${task} · ${rule} · ${text}`);
if (process.argv.includes("--write")) {
  const path = new URL("../docs/apprentice.md", import.meta.url);
  writeFileSync(
    path,
    readFileSync(path, "utf8").replace(MARK, `<!-- figures -->\n\n${table}\n\n<!-- /figures -->`),
  );
}
process.exitCode = faults.length > all.reduce((n, { parts }) => n + parts, 0) / 100 ? 1 : 0;

function sum(key: "requests" | "told" | "answers" | "parts"): number {
  return all.reduce((total, row) => total + row[key], 0);
}
