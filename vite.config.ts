import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

/** Its browser build asks the document for help, which a worker does not have; the plain one works everywhere. */
const entities = fileURLToPath(
  new URL("./node_modules/decode-named-character-reference/index.js", import.meta.url),
);

export default defineConfig({
  resolve: { alias: { "decode-named-character-reference": entities } },
  root: "src/app",
  publicDir: "../../public",
  plugins: [react(), tailwindcss()],
  worker: { format: "es" },
  build: {
    outDir: "../../dist",
    emptyOutDir: true,
    target: "es2023",
    assetsInlineLimit: 0,
    reportCompressedSize: false,
    // The editor and the workers are large by what they hold, and load only when they are needed.
    chunkSizeWarningLimit: 700,
  },
});
