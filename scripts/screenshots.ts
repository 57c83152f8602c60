/**
 * Writes a picture of each main view from fresh demo data: `npm run screenshots` into docs/screenshots, or into the
 * folder named as argument (.looks is ignored by git). Names after the folder choose pictures.
 */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import { deskReady, type Running, runApplication } from "./application";

const TOUR = "/post/electric-cargo-bike-for-families";

const views: Record<string, (page: Page, running: Running) => Promise<void>> = {
  desk: async () => {},
  keywords: async (page) => {
    await openLookUp(page);
    const rows = page.getByRole("grid", { name: /^Keywords of the look-up/ });
    await rows.focus();
    for (const key of [" ", "ArrowDown", "ArrowDown", " ", "ArrowDown", " "]) await page.keyboard.press(key);
    await page.waitForTimeout(500);
  },
  "keywords-detail": async (page) => {
    await openLookUp(page);
    await page.getByRole("grid", { name: /^Keywords of the look-up/ }).focus();
    await page.getByLabel("Contains", { exact: true }).fill("cargo bike for families");
    await page.waitForTimeout(500);
    await page.getByRole("grid", { name: /^Keywords of the look-up/ }).focus();
    await page.keyboard.press("Enter");
    await page.getByRole("complementary", { name: "Keyword" }).getByRole("listitem").last().waitFor();
    await page.waitForTimeout(1200);
  },
  "keywords-map": async (page) => {
    await openLookUp(page);
    await page.getByText("Map", { exact: true }).click();
    await page.waitForTimeout(2500);
  },
  articles: async (page) => {
    await openLookUp(page);
    await page.getByText(/^Articles on the subject/).click();
    await page.waitForTimeout(400);
  },
  lists: (page) =>
    open(page, "/keywords/lists/list-winter-cycling-with-children", page.getByRole("row").nth(3)),
  overlap: async (page) => {
    await open(page, "/keywords/overlap", page.getByRole("region", { name: "Matrix" }));
    await page
      .getByRole("button", { name: /same target/ })
      .first()
      .click();
    await page.waitForTimeout(300);
  },
  suggestions: async (page) => {
    await open(page, `${TOUR}/plan`, page.getByText("Questions that readers ask"));
    await page.getByRole("button", { name: "Suggest", exact: true }).click();
    await page.getByRole("button", { name: "Ask", exact: true }).click();
    const slip = page.getByRole("article", { name: "Suggestion" }).first();
    await slip.getByRole("checkbox").nth(2).focus();
    await page.waitForTimeout(400);
  },
  drawer: async (page) => {
    await open(page, "/drawer", page.getByRole("heading", { name: "Drawer" }));
    await page
      .getByRole("listitem")
      .filter({ hasText: "Cut into a thread" })
      .getByRole("button", { expanded: false })
      .click();
    await page.waitForTimeout(400);
  },
  find: (page) => open(page, `${TOUR}/find`, page.getByRole("grid", { name: /^Keywords/ })),
  plan: (page) => open(page, `${TOUR}/plan`, page.getByText("Questions that readers ask")),
  write: async (page) => {
    await open(page, `${TOUR}/write`, page.getByText("Best next step").first());
    await page.getByRole("button", { name: /of \d+ terms$/ }).click();
    await page.getByText("Box bike or longtail").last().scrollIntoViewIfNeeded();
    await page.waitForTimeout(300);
  },
  versions: async (page) => {
    await open(page, `${TOUR}/write`, page.getByText("Best next step").first());
    const sheet = page.getByRole("textbox", { name: "Text of the post" });
    const keep = async (name: string) => {
      await page.getByRole("button", { name: "Versions" }).click();
      await page.getByLabel("Keep the current text under a name").fill(name);
      await page.getByRole("button", { name: "Keep", exact: true }).click();
      await page.getByRole("button", { name: new RegExp(`^${name}`) }).waitFor();
      await page.keyboard.press("Escape");
    };
    await keep("First draft");
    await sheet.getByText("Think of your week").click();
    await page.keyboard.press("Home");
    await page.keyboard.insertText("Before anything else: ");
    await page.waitForTimeout(1200);
    await keep("Sent to Ines");
    await sheet.getByText("Measure your gate").click();
    await page.keyboard.press("End");
    await page.keyboard.insertText(" 90 cm wide, and a longtail is not.");
    await page.waitForTimeout(1200);
    await page.getByRole("button", { name: "Versions" }).click();
    await page.getByRole("button", { name: /^First draft/ }).click();
    await page.getByRole("list", { name: "Changes" }).waitFor();
    await page.waitForTimeout(300);
  },
  proof: (page) => open(page, `${TOUR}/proof`, page.getByRole("region", { name: "Ledger" })),
  release: async (page) => {
    await open(page, "/post/delivery-by-cargo-bike/release", page.getByRole("region", { name: "Gates" }));
    await page.frameLocator("iframe").getByRole("heading", { level: 1 }).waitFor();
    await page.waitForTimeout(500);
  },
  "release-compared": async (page) => {
    await open(page, "/post/delivery-by-cargo-bike/release", page.getByRole("region", { name: "Gates" }));
    await page.getByRole("button", { name: "Compare with what is live" }).click();
    await page.waitForTimeout(300);
  },
  calendar: async (page) => {
    await open(page, "/calendar", page.getByRole("table", { name: "Month" }));
    // The month with the scheduled fortnight.
    await page.getByRole("button", { name: "Month after" }).click();
  },
  "blog-page": async (page, { blog }) => {
    await page.goto(`${blog}/journal/winter-cycling-with-children`);
    await page.waitForTimeout(500);
  },
  settings: (page) => open(page, "/settings", page.getByRole("region", { name: "Workspace", exact: true })),
};

async function openLookUp(page: Page): Promise<void> {
  await open(
    page,
    "/keywords/look-ups/look-up-electric-cargo-bike",
    page.getByRole("region", { name: "Filters" }),
  );
  await page.getByText("Table", { exact: true }).click();
  await page.getByRole("row").nth(4).waitFor();
}

async function open(page: Page, path: string, sign: ReturnType<Page["locator"]>): Promise<void> {
  await page.goto(path);
  await sign.waitFor();
  await page.waitForTimeout(500);
}

const [folder = join(import.meta.dirname, "../docs/screenshots"), ...names] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const running = await runApplication();
try {
  const page = await running.freshPage();
  page.on("console", (message) => message.type() === "error" && console.error(message.text()));
  page.on("pageerror", (error) => console.error(error));
  await deskReady(page);
  for (const [name, show] of Object.entries(views)) {
    if (names.length && !names.includes(name)) continue;
    if (name !== "desk") await show(page, running);
    await page.screenshot({ path: join(folder, `${name}.png`), animations: "disabled" });
  }
  console.log(`Pictures are in ${folder}`);
} finally {
  await running.stop();
}
