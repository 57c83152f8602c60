import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { once } from "../../core/once";

/** Tells one version of this program from the next, by the files that it is made of: scores that another one made are made anew. */
export const program = once(() => {
  const folder = new URL(".", import.meta.url);
  const hash = createHash("sha256");
  for (const name of readdirSync(folder).sort())
    if (/\.[jt]s$/.test(name)) hash.update(`${name} `).update(readFileSync(new URL(name, folder)));
  return hash.digest("hex");
});
