import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";

/** One figure of the evaluation. */
export interface Figure {
  /** What is measured, short: a row of the table. The same from run to run, so that its history can be read. */
  what: string;
  value: number;
  /** What it should be. */
  aim: number;
  /** Less is better: a ratio of times, a size. */
  less?: boolean;
}

/** Figures that are measured together, on the same data. */
export interface Measure {
  title: string;
  /** What the figures mean, in a sentence or two. */
  says: string;
  /** What it was measured on, by name and version. */
  data(): string;
  /** Why it cannot be measured here; null where it can. */
  missing?(): string | null;
  figures(): Figure[];
}

export const ROOT = join(import.meta.dirname, "../..");

/** The first letters of the SHA-256 of files, folders with all that is in them: another version is another text. */
export function versionOf(...paths: readonly string[]): string {
  const hash = createHash("sha256");
  const add = (path: string): void => {
    if (statSync(path).isDirectory())
      for (const name of readdirSync(path).sort()) {
        if (!name.startsWith("__") && !name.endsWith(".test.ts")) add(join(path, name));
      }
    else hash.update(readFileSync(path));
  };
  for (const path of paths) add(join(ROOT, path));
  return hash.digest("hex").slice(0, 8);
}

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;
