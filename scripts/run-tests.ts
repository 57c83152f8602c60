/** Runs every step of the tests, one after the other, whatever the one before came to, and sums what they counted. */
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

interface Count {
  passed: number;
  failed: number;
}

interface Step {
  name: string;
  command: string[];
  /** Environment that makes it leave a report. */
  env?: Record<string, string>;
  /** Reads what it counted; a step without counts as one test. */
  count?: () => Count;
}

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
      const report = read<{ numPassedTests: number; numFailedTests: number }>(unitReport);
      return { passed: report.numPassedTests, failed: report.numFailedTests };
    },
  },
  { name: "Build", command: ["npx", "--no-install", "vite", "build", "--logLevel", "error"] },
  {
    name: "Browser tests",
    command: ["npx", "--no-install", "playwright", "test"],
    env: { E2E_REPORT: browserReport },
    count: () => {
      const { stats } = read<{ stats: { expected: number; unexpected: number; flaky: number } }>(
        browserReport,
      );
      // A test that passed at its second go only is a bug, of the test or of what it tests.
      return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
    },
  },
];

const sum: Count = { passed: 0, failed: 0 };
for (const { name, command, env, count } of steps) {
  console.log(`\n== ${name}`);
  const { status } = spawnSync(command[0]!, command.slice(1), {
    stdio: ["ignore", "inherit", "inherit"],
    env: { ...process.env, ...env },
  });
  const ok = status === 0;
  let counted: Count = { passed: Number(ok), failed: Number(!ok) };
  try {
    if (count) counted = count();
  } catch {
    // No report: the step itself failed, and counts as one.
  }
  // A step that ends badly though nothing in it is counted as failed must not pass unseen.
  if (!ok && counted.failed === 0) counted.failed = 1;
  sum.passed += counted.passed;
  sum.failed += counted.failed;
}
console.log(`\n${sum.passed} passed, ${sum.failed} failed`);
process.exitCode = sum.failed ? 1 : 0;
