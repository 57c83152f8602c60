/** Builds the service worker with the list of all files that were built, each with the hash of its bytes. */
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join, resolve } from "node:path";
import { build } from "vite";
import { afterBuild } from "./afterBuild.ts";

/** The service worker itself, and what only the server reads. */
const LEFT_OUT = /^service-worker\.js$|\.(?:br|gz|map)$/;
/** Names in assets/ hold the hash of their bytes. */
const HASHED = /^assets\//;

export const offlineFiles = (entry: string) =>
  afterBuild("offline files", async (folder) => {
    const files = readdirSync(folder, { recursive: true, encoding: "utf8" })
      .map((name) => name.replaceAll("\\", "/"))
      .filter((name) => !LEFT_OUT.test(name) && statSync(join(folder, name)).isFile())
      .sort()
      .map((name) => ({
        url: `/${name}`,
        revision: HASHED.test(name)
          ? null
          : createHash("sha256")
              .update(readFileSync(join(folder, name)))
              .digest("hex")
              .slice(0, 16),
      }));
    await build({
      configFile: false,
      logLevel: "warn",
      publicDir: false,
      define: { BUILT_FILES: JSON.stringify(files), "process.env.NODE_ENV": '"production"' },
      build: {
        outDir: folder,
        emptyOutDir: false,
        target: "es2023",
        lib: {
          entry: resolve(entry),
          formats: ["iife"],
          name: "serviceWorker",
          fileName: () => "service-worker.js",
        },
      },
    });
  });
