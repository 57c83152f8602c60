import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { defineConfig } from "@playwright/test";
import { chromiumArguments, chromiumPath } from "./scripts/chromium";

const PORT = 4790;
// Where the stand-in blog keeps its files: tests that name it by address and token read the token there.
process.env.DUNE_SPARROW_E2E_DATA ??= mkdtempSync(join(tmpdir(), "dune-sparrow-e2e-"));

export default defineConfig({
  testDir: "e2e",
  // Patient: how fast a screen is, is the bench's question. These only bound what is broken.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  workers: 2,
  // A busy machine may be late once; what fails three times is broken. What passed late is reported as flaky.
  failOnFlakyTests: true,
  retries: process.env.CI || process.env.E2E_REPORT ? 2 : 0,
  fullyParallel: true,
  reporter: process.env.E2E_REPORT ? [["line"], ["json", { outputFile: process.env.E2E_REPORT }]] : "line",
  use: {
    actionTimeout: 30_000,
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    // Nothing to wait for in motion; what moves is a matter of style sheets, and screens.spec looks at it.
    contextOptions: { reducedMotion: "reduce" },
    permissions: ["clipboard-read", "clipboard-write"],
    launchOptions: { executablePath: chromiumPath, args: chromiumArguments },
    // Each test has a fresh profile: what is kept for the time without a network is offline.spec's question.
    serviceWorkers: "block",
    video: "off",
    trace: "off",
  },
  webServer: {
    command: "node --import tsx src/server/main.ts",
    // The stand-in blog begins anew with each run.
    env: { PORT: String(PORT), DUNE_SPARROW_DATA: process.env.DUNE_SPARROW_E2E_DATA },
    url: `http://127.0.0.1:${PORT}`,
    reuseExistingServer: false,
  },
});
