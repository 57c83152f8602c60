import { join } from "node:path";
import type { Plugin } from "vite";

/**
 * What is done with the built files, once all are there, one such thing after the other.
 *
 * @param work is given the folder that was built
 * @param order "post" where it comes after all without
 */
export function afterBuild(
  name: string,
  work: (folder: string) => void | Promise<void>,
  order: "post" | null = null,
): Plugin {
  const out = { folder: "" };
  return {
    name,
    apply: "build",
    configResolved: ({ root, build: { outDir } }) => {
      out.folder = join(root, outDir);
    },
    closeBundle: { sequential: true, order, handler: () => work(out.folder) },
  };
}
