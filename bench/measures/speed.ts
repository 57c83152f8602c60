import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { cpus } from "node:os";
import { join } from "node:path";
import type { Figure, Measure } from "./measure";
import { ROOT } from "./measure";

const RATIOS = join(ROOT, ".bench/ratios.json");

/** What `npm run bench` measures, in a run of its own. */
export const speed: Measure = {
  title: "Speed",
  says: "Ratios within one run, as `npm run bench` prints them.",
  data: () =>
    `Node ${process.version} on ${cpus().length} processors, in one run of npm run bench; runs differ by a tenth to a fifth`,
  figures() {
    execFileSync("npm", ["run", "--silent", "bench"], { cwd: ROOT, stdio: ["ignore", "ignore", "inherit"] });
    return JSON.parse(readFileSync(RATIOS, "utf8")) as Figure[];
  },
};
