/** Scores the demo while the application is built, so that a newcomer sees a Desk with scores and no browser has to make them. */
import { execFileSync } from "node:child_process";
import { join } from "node:path";
import type { Plugin } from "vite";

export function demoScores(): Plugin {
  const out = { folder: "" };
  return {
    name: "demo scores",
    apply: "build",
    configResolved: ({ root, build: { outDir } }) => {
      out.folder = join(root, outDir);
    },
    closeBundle: {
      sequential: true,
      // A process of its own: the modules of the application are not those that Vite is configured with.
      handler: () => {
        execFileSync(
          process.execPath,
          ["--import", "tsx", join(import.meta.dirname, "scoreDemo.ts"), out.folder],
          {
            stdio: ["ignore", "ignore", "inherit"],
          },
        );
      },
    },
  };
}
