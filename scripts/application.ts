/** The built application on a free port of its own, and a browser on it: for pictures, looks and trials. */
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Browser, chromium, type Page } from "@playwright/test";
import { createApp } from "../src/server/app";
import { listen } from "../src/server/listen";
import { createLog } from "../src/server/log";
import { startBlog } from "../src/server/standins/blog/startBlog";
import { chromiumArguments, chromiumPath } from "./chromium";

export interface Running {
  address: string;
  browser: Browser;
  /** Where the stand-in blog is. */
  blog: string;
  /** A page in a fresh profile: its database is empty, so the application brings in the demo. */
  freshPage(width?: number, height?: number): Promise<Page>;
  stop(): Promise<void>;
}

export async function runApplication(): Promise<Running> {
  const dist = join(import.meta.dirname, "../dist");
  const data = mkdtempSync(join(tmpdir(), "dune-sparrow-"));
  const demo = join(dist, "demo/brackenford.dunesparrow.zip");
  const blog = await startBlog({ data, demo, port: 4750, host: "127.0.0.1", log: createLog() });
  const { server, port } = await listen(createApp(dist, { reach: "this-machine", blog }), 4700);
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const address = `http://127.0.0.1:${port}`;
  return {
    address,
    browser,
    blog: blog.origin,
    async freshPage(width = 1280, height = 800) {
      const context = await browser.newContext({
        viewport: { width, height },
        baseURL: address,
        locale: "en-GB",
      });
      return context.newPage();
    },
    async stop() {
      await browser.close();
      blog.server.closeAllConnections();
      blog.server.close();
      server.closeAllConnections();
      server.close();
    },
  };
}

/** Waits until every post of the Desk has its score. */
export async function deskReady(page: Page): Promise<void> {
  await page.goto("/");
  await page.getByRole("heading", { name: "The Long Haul" }).waitFor();
  await page.getByText(/^\d+ posts$/).waitFor();
  // The scores come from a worker, after the list.
  await page.waitForFunction(() => !/\nScoring \d|\n–\n/.test(document.body.innerText));
  await page.waitForTimeout(400);
}
