/**
 * Compresses what was built, once: the server only reads files. What each visit begins with is gzipped by Zopfli, which looks for the
 * smallest file that any gzip can unpack and takes seconds for it (Alakuijala and Vandevenne 2013).
 */
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";
import zopfli from "@gfx/zopfli";
import { afterBuild } from "./afterBuild.ts";

const TEXT = /\.(?:js|css|html|svg|json|webmanifest|map)$/;
/** Smaller files go out in one packet anyway. */
const WORTH = 1024;
/** Rounds of Zopfli; more of them gain next to nothing. */
const ROUNDS = 15;

export const compressedFiles = () =>
  afterBuild(
    "compressed files",
    async (folder) => {
      const begins = readFileSync(join(folder, "index.html"), "utf8");
      for (const name of readdirSync(folder, { recursive: true, encoding: "utf8" })) {
        const path = join(folder, name);
        if (!TEXT.test(name) || statSync(path).size < WORTH) continue;
        const bytes = readFileSync(path);
        const smallest = begins.includes(`/${name}`);
        writeFileSync(
          `${path}.gz`,
          smallest ? await zopfli.gzipAsync(bytes, { numiterations: ROUNDS }) : gzipSync(bytes, { level: 9 }),
        );
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
    "post",
  );
