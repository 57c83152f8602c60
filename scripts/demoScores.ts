/** Scores the demo while the application is built, so that a newcomer sees a Desk with scores and no browser has to make them. */
import { execFileSync } from "node:child_process";
import { join } from "node:path";
import { afterBuild } from "./afterBuild.ts";

// A process of its own: the modules of the application are not those that Vite is configured with.
export const demoScores = () =>
  afterBuild("demo scores", (folder) => {
    const script = join(import.meta.dirname, "scoreDemo.ts");
    execFileSync(process.execPath, ["--import", "tsx", script, folder], {
      stdio: ["ignore", "ignore", "inherit"],
    });
  });
