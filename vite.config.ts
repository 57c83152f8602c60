import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import express from "express";
import { defineConfig, type Plugin } from "vite";
import { compressedFiles } from "./scripts/compressedFiles.ts";
import { demoScores } from "./scripts/demoScores.ts";
import { offlineFiles } from "./scripts/offlineFiles.ts";
import { scoringRules } from "./scripts/scoringRules.ts";
import type * as Api from "./src/server/api";

/** Its browser build asks the document for help, which a worker does not have; the plain one works everywhere. */
const entities = fileURLToPath(
  new URL("./node_modules/decode-named-character-reference/index.js", import.meta.url),
);

/** While developing, the stand-ins answer beside the application as they do when it is built. */
const withApi: Plugin = {
  name: "api",
  async configureServer(server) {
    const path = (name: string) => fileURLToPath(new URL(name, import.meta.url));
    const { api } = (await server.ssrLoadModule(path("./src/server/api.ts"))) as typeof Api;
    server.middlewares.use(express().use("/api", api({ demo: path("./demo"), reach: "this-machine" })));
  },
};

export default defineConfig({
  resolve: {
    alias: {
      "decode-named-character-reference": entities,
      // The build that it ships for today's browsers is smaller than the one its entry point names.
      dexie: "dexie/dist/modern/dexie.mjs",
    },
  },
  // A score that an older version kept is made anew by the rules of this one.
  define: { SCORING_RULES: JSON.stringify(scoringRules()) },
  root: "src/app",
  publicDir: "../../public",
  plugins: [
    react(),
    tailwindcss(),
    withApi,
    demoScores(),
    offlineFiles("src/serviceWorker/serviceWorker.ts"),
    compressedFiles(),
  ],
  worker: { format: "es" },
  build: {
    outDir: "../../dist",
    emptyOutDir: true,
    target: "es2023",
    assetsInlineLimit: 0,
    reportCompressedSize: false,
    // Every browser that runs what is built knows it.
    modulePreload: { polyfill: false },
    // The editor and the workers are large by what they hold, and load only when they are needed.
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        // As short as so many files allow: the first screen carries the names of all.
        chunkFileNames: "assets/[name]-[hash:7].js",
        codeSplitting: {
          groups: [
            // What the first screen loads anyway packs better in two files than in thirty, and libraries stay the same from release to release.
            { name: "libraries", tags: ["$initial"], test: "node_modules", priority: 2 },
            { name: "first", tags: ["$initial"], priority: 1 },
            // Each chunk is a request, and a name that the first screen carries.
            { name: "icons", test: "lucide-react", minShareCount: 2 },
          ],
        },
      },
    },
  },
});
