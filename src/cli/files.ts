/** Names and patterns as files. */
import { existsSync, realpathSync } from "node:fs";
import { relative, resolve } from "node:path";
import { globSync, isDynamicPattern } from "tinyglobby";

/**
 * Files in the order named, each once; those of a pattern in the order of their names. A name that is a file stays what it is,
 * whatever signs are in it; a pattern that nothing matches stays too, so that it is missed.
 *
 * @param ignore patterns of files that patterns do not find
 * @param folder that patterns are relative to
 */
export function expandFiles(
  patterns: readonly string[],
  ignore: readonly string[],
  folder: string,
): string[] {
  const files = patterns.flatMap((pattern) => {
    if (pattern === "-") return [pattern];
    const path = resolve(folder, pattern);
    if (existsSync(path) || !isDynamicPattern(pattern)) return [shown(path, pattern)];
    const paths = globSync(pattern, {
      cwd: folder,
      ignore: ["**/node_modules/**", ...ignore],
      absolute: true,
      expandDirectories: false,
    }).sort(new Intl.Collator("en", { numeric: true }).compare);
    return paths.length ? paths.map((one) => shown(one)) : [pattern];
  });
  // One file by two names, as by a link to it, is one file.
  const seen = new Set<string>();
  return files.filter((file) => {
    const real = file === "-" ? file : realPath(file);
    return !seen.has(real) && seen.add(real);
  });
}

function realPath(file: string): string {
  try {
    return realpathSync(file);
  } catch {
    // It is missed where it is read.
    return resolve(file);
  }
}

/** As somebody would name it who stands where the command was called. */
const shown = (path: string, named?: string): string => {
  if (named !== undefined && resolve(named) === path) return named;
  const near = relative(process.cwd(), path);
  return near.startsWith("..") ? path : near;
};
