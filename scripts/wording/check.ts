/** Reads every text of the interface for its spelling and its words. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { globSync } from "tinyglobby";
import { faultsOf } from "./faults";
import { interfaceTexts } from "./interfaceTexts";

const root = join(import.meta.dirname, "../..");
const files = globSync(
  [
    "src/app/**/*.{ts,tsx}",
    "src/cli/**/*.ts",
    "src/core/{proof,release,outline}/**/*.ts",
    "src/{data,services,workers,server}/**/*.ts",
  ],
  {
    cwd: root,
    ignore: ["**/*.test.ts", "**/testing/**", "**/*.generated.ts", "**/*.d.ts", "src/data/migrations/**"],
  },
);
let texts = 0;
let faults = 0;
for (const file of files.toSorted())
  for (const { text, line } of interfaceTexts(file, readFileSync(join(root, file), "utf8"))) {
    texts++;
    for (const fault of await faultsOf(text)) {
      faults++;
      console.error(`${file}:${line}: ${fault} in “${text.trim().slice(0, 100)}”`);
    }
  }
console.log(`Wording: ${texts} texts, ${faults || "no"} fault${faults === 1 ? "" : "s"}`);
process.exitCode = faults ? 1 : 0;
