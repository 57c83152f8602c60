/** A name for the rules that posts are scored by: another one as soon as any file that they are made of is another. */
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";

const root = join(import.meta.dirname, "..");
/** Everything is computed in core, from what the database keeps; libraries read languages. */
const FILES = ["src/core", "src/data/draft.ts", "src/data/summarise.ts", "package-lock.json"];
const LEFT_OUT = /\.test\.ts$|\btesting\b/;

export function scoringRules(): string {
  const hash = createHash("sha256");
  for (const name of FILES.flatMap(filesIn)) hash.update(`${name} `).update(readFileSync(join(root, name)));
  return hash.digest("hex").slice(0, 12);
}

/** @returns paths from the root: the file itself, or all files below the folder */
function filesIn(path: string): string[] {
  if (statSync(join(root, path)).isFile()) return [path];
  return readdirSync(join(root, path), { recursive: true, encoding: "utf8" })
    .map((name) => `${path}/${name.replaceAll("\\", "/")}`)
    .filter((name) => !LEFT_OUT.test(name) && statSync(join(root, name)).isFile())
    .sort();
}
