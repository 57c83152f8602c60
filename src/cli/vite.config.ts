/** The command line as one program that starts at once: bundled with its packages, what is seldom called in files of its own. */
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: here("../.."),
  publicDir: false,
  ssr: { noExternal: true, target: "node" },
  build: {
    ssr: true,
    target: "node20",
    outDir: process.env.DUNE_SPARROW_CLI_OUT ?? ".build/cli",
    emptyOutDir: true,
    minify: true,
    reportCompressedSize: false,
    rollupOptions: {
      input: { entry: here("entry.ts"), scoreWorker: here("scoring/scoreWorker.ts") },
      // Side by side: the program starts its threads by their name.
      output: { chunkFileNames: "[name]-[hash].js" },
    },
  },
  logLevel: "warn",
});
