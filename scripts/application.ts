/** The built application on a free port of its own, and a browser on it: for pictures, looks and trials. */
import { join } from "node:path";
import { type Browser, chromium, type Page } from "@playwright/test";
import { createApp } from "../src/server/app";
import { listen } from "../src/server/listen";
import { chromiumArguments, chromiumPath } from "./chromium";

export interface Running {
  address: string;
  browser: Browser;
  /** A page in a fresh profile: its database is empty, so the application brings in the demo. */
  freshPage(width?: number, height?: number): Promise<Page>;
  stop(): Promise<void>;
}

export async function runApplication(): Promise<Running> {
  const { server, port } = await listen(
    createApp(join(import.meta.dirname, "../dist"), { reach: "this-machine" }),
    4700,
  );
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const address = `http://127.0.0.1:${port}`;
  return {
    address,
    browser,
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
