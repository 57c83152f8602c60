/**
 * Writes a picture of each main view from fresh demo data: `npm run screenshots` into docs/screenshots, or into the
 * folder named as argument (.looks is ignored by git). Names after the folder choose pictures.
 */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { deskReady, runApplication } from "./application";

const TOUR = "/post/electric-cargo-bike-for-families";

const views: Record<string, (page: Page) => Promise<void>> = {
  desk: async () => {},
  find: (page) => open(page, `${TOUR}/find`, page.getByRole("table", { name: "Keywords" })),
  plan: (page) => open(page, `${TOUR}/plan`, page.getByRole("list", { name: "Outline" })),
  write: (page) => open(page, `${TOUR}/write`, page.getByText("Worth most next").first()),
  "write-notes": async (page) => {
    await open(page, `${TOUR}/write`, page.getByText("Worth most next").first());
    await page.getByText("When a box bike fits").last().scrollIntoViewIfNeeded();
    await page.mouse.wheel(0, 700);
    await page.waitForTimeout(300);
    await page.getByRole("region", { name: "Margin notes" }).getByRole("button").nth(2).click();
  },
  proof: (page) => open(page, `${TOUR}/proof`, page.getByRole("region", { name: "Ledger" })),
  release: (page) => open(page, `${TOUR}/release`, page.getByRole("region", { name: "Gates" })),
  settings: (page) => open(page, "/settings", page.getByRole("region", { name: "Workspace" })),
};

async function open(page: Page, path: string, sign: ReturnType<Page["locator"]>): Promise<void> {
  await page.goto(path);
  await sign.waitFor();
  await page.waitForTimeout(500);
}

const [folder = join(import.meta.dirname, "../docs/screenshots"), ...wanted] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const running = await runApplication();
try {
  const page = await running.freshPage();
  page.on("console", (message) => message.type() === "error" && console.error(message.text()));
  page.on("pageerror", (error) => console.error(error));
  await deskReady(page);
  for (const [name, show] of Object.entries(views)) {
    if (wanted.length && !wanted.includes(name)) continue;
    if (name !== "desk") await show(page);
    await page.screenshot({ path: join(folder, `${name}.png`), animations: "disabled" });
  }
  console.log(`Pictures are in ${folder}`);
} finally {
  await running.stop();
}
