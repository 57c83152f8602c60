/** The benchmarks as the application is: bundled, so that what is measured is what a person runs. */
import { defineConfig } from "vite";

export default defineConfig({
  publicDir: false,
  build: {
    ssr: true,
    target: "es2023",
    outDir: ".bench",
    emptyOutDir: true,
    rollupOptions: { input: ["bench/run.ts", "bench/keywords.worker.ts"] },
  },
  logLevel: "warn",
});
