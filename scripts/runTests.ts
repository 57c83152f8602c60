/** Runs every step of the tests, one after the other, whatever the one before came to, and sums what they counted. */
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

interface Count {
  passed: number;
  /** Names of the tests that failed. */
  failed: string[];
}

interface Step {
  name: string;
  command: string[];
  /** Environment that makes it leave a report. */
  env?: Record<string, string>;
  /** Reads what it counted; a step without counts as one test. */
  count?: () => Count;
}

interface UnitReport {
  testResults: { assertionResults: { status: string; fullName: string }[] }[];
}

interface Suite {
  suites?: Suite[];
  specs: { title: string; tests: { status: "expected" | "unexpected" | "flaky" | "skipped" }[] }[];
}
interface BrowserReport {
  suites: Suite[];
}
const specsOf = ({ suites = [], specs }: Suite): Suite["specs"] => [...specs, ...suites.flatMap(specsOf)];

const folder = mkdtempSync(join(tmpdir(), "dune-sparrow-tests-"));
const unitReport = join(folder, "unit.json");
const browserReport = join(folder, "browser.json");
const read = <T>(file: string) => JSON.parse(readFileSync(file, "utf8")) as T;

const steps: Step[] = [
  { name: "Types", command: ["npm", "run", "--silent", "typecheck"] },
  { name: "Style and import rules", command: ["npm", "run", "--silent", "lint"] },
  {
    name: "Unit tests",
    command: [
      "npx",
      "--no-install",
      "vitest",
      "run",
      "--reporter=default",
      "--reporter=json",
      `--outputFile.json=${unitReport}`,
    ],
    count: () => {
      const { testResults } = read<UnitReport>(unitReport);
      const tests = testResults.flatMap(({ assertionResults }) => assertionResults);
      const failed = tests.filter(({ status }) => status === "failed").map(({ fullName }) => fullName);
      return { passed: tests.filter(({ status }) => status === "passed").length, failed };
    },
  },
  { name: "Build", command: ["npx", "--no-install", "vite", "build", "--logLevel", "error"] },
  {
    name: "Browser tests",
    command: ["npx", "--no-install", "playwright", "test"],
    env: { E2E_REPORT: browserReport },
    count: () => {
      const specs = read<BrowserReport>(browserReport).suites.flatMap(specsOf);
      // A test that passed at its second go only is a bug, of the test or of what it tests.
      const failed = specs.filter(({ tests }) => tests.some(({ status }) => /unexpected|flaky/.test(status)));
      return {
        passed: specs.filter(({ tests }) => tests.every(({ status }) => status === "expected")).length,
        failed: failed.map(({ title, tests }) => `${title} (${tests.map(({ status }) => status)})`),
      };
    },
  },
];

const sum: Count = { passed: 0, failed: [] };
for (const { name, command, env, count } of steps) {
  console.log(`\n== ${name}`);
  const { status } = spawnSync(command[0]!, command.slice(1), {
    stdio: ["ignore", "inherit", "inherit"],
    env: { ...process.env, ...env },
  });
  const ok = status === 0;
  let counted: Count = { passed: Number(ok), failed: ok ? [] : [name] };
  try {
    if (count) counted = count();
  } catch {
    // No report: the step itself failed, and counts as one.
  }
  // A step that ends badly though nothing in it is counted as failed must not pass unseen.
  if (!ok && !counted.failed.length) counted.failed.push(name);
  sum.passed += counted.passed;
  sum.failed.push(...counted.failed);
}
if (sum.failed.length) console.log(`\nFailed:\n${sum.failed.map((name) => `  ${name}`).join("\n")}`);
console.log(`\n${sum.passed} passed, ${sum.failed.length} failed`);
process.exitCode = sum.failed.length ? 1 : 0;
