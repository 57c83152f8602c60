/** Holds the source tree to the rules of the architecture. */
import { join } from "node:path";
import { globSync } from "tinyglobby";
import {
  importsDownwards,
  namesSayWhatThingsAre,
  noCirclesOfFiles,
  noCirclesOfFolders,
  noModuleState,
  noWholeSlices,
  onlyDataOpensTheDatabase,
  type Rule,
} from "./rules";
import { readSource } from "./sources";

const RULES: readonly Rule[] = [
  importsDownwards,
  onlyDataOpensTheDatabase,
  noModuleState,
  namesSayWhatThingsAre,
  noWholeSlices,
  noCirclesOfFiles,
  noCirclesOfFolders,
];

const root = join(import.meta.dirname, "../..");
const files = globSync(["src/**/*.{ts,tsx}"], {
  cwd: root,
  // Tests may reach for anything.
  ignore: ["**/*.test.{ts,tsx}", "**/testing/**", "**/*.d.ts", "**/*.generated.ts"],
});
const sources = files.toSorted().map((file) => readSource(root, file));
const faults = RULES.flatMap((rule) => rule(sources));
for (const fault of faults) console.error(fault);
console.log(
  `Architecture: ${sources.length} files, ${faults.length || "no"} fault${faults.length === 1 ? "" : "s"}`,
);
process.exitCode = faults.length ? 1 : 0;
