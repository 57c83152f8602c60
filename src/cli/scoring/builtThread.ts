import { existsSync } from "node:fs";

/** The thread as the build puts it beside the program; null where nothing is built, as in tests: then one thread does it all. */
export function builtThread(): URL | null {
  const script = new URL("./scoreWorker.js", import.meta.url);
  return existsSync(script) ? script : null;
}
