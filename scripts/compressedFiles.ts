/** Compresses what was built, once: the server only reads files. */
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";
import type { Plugin } from "vite";

const TEXT = /\.(?:js|css|html|svg|json|webmanifest|map)$/;
/** Smaller files go out in one packet anyway. */
const WORTH = 1024;

export function compressedFiles(): Plugin {
  const out = { folder: "" };
  return {
    name: "compressed files",
    apply: "build",
    configResolved: ({ root, build }) => {
      out.folder = join(root, build.outDir);
    },
    closeBundle: {
      order: "post",
      sequential: true,
      handler() {
        for (const name of readdirSync(out.folder, { recursive: true, encoding: "utf8" })) {
          const path = join(out.folder, name);
          if (!TEXT.test(name) || statSync(path).size < WORTH) continue;
          const bytes = readFileSync(path);
          writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }));
          writeFileSync(
            `${path}.br`,
            brotliCompressSync(bytes, {
              params: {
                [constants.BROTLI_PARAM_QUALITY]: 10,
                [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
              },
            }),
          );
        }
      },
    },
  };
}
