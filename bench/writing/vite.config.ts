/** The page with the bare editor, built as the application is. */
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import application from "../../vite.config.ts";

export default defineConfig({
  ...application,
  root: "bench/writing",
  publicDir: false,
  plugins: [react(), tailwindcss()],
  build: { ...application.build, outDir: "../../.bench/writing", emptyOutDir: true },
  logLevel: "warn",
});
