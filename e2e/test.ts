/** What every browser test starts from: the demo in a fresh profile, no error unseen, no request to anywhere else. */
import { test as base, expect, type Locator, type Page } from "@playwright/test";
import axe from "axe-core";
import type { PostScore } from "../src/data/model";

export const TOUR = "/post/electric-cargo-bike-for-families";

interface Watch {
  /** Errors that a test brings about on purpose, so that they do not fail it. */
  expected: RegExp[];
}

export const test = base.extend<{ watch: Watch }>({
  watch: [
    async ({ page, baseURL }, use) => {
      const watch: Watch = { expected: [] };
      const faults: string[] = [];
      page.on("pageerror", (error) => faults.push(`error: ${error.message}`));
      page.on("console", (message) => {
        if (message.type() === "error") faults.push(`console: ${message.text()}`);
      });
      page.on("request", (request) => {
        if (!request.url().startsWith(baseURL!) && !/^(blob|data):/.test(request.url())) {
          faults.push(`request to another origin: ${request.url()}`);
        }
      });
      await use(watch);
      expect(faults.filter((fault) => !watch.expected.some((pattern) => pattern.test(fault)))).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** The Desk of the demo, every post scored. */
export async function openDesk(page: Page): Promise<void> {
  await page.goto("/");
  await deskShown(page);
}
export const deskShown = (page: Page): Promise<void> =>
  expect(page.getByRole("status").filter({ hasText: /^[1-9]\d* posts$/ })).toBeVisible();

/** Opens a stage of a demo post; the first visit of a profile goes by the Desk, which brings the demo in. */
export async function openStage(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole("navigation", { name: "Stages" })).toBeVisible();
}

export const sheet = (page: Page): Locator => page.getByRole("textbox", { name: "Text of the post" });
/** A text field by its whole label: findings name the fields too. */
export const field = (page: Page, name: string): Locator => page.getByRole("textbox", { name, exact: true });
export const strip = (page: Page): Locator => page.getByRole("region", { name: /^Score [\d.]+ of 100/ });

/** The score that the strip shows, once typing and scoring rest. */
export async function scoreOf(page: Page): Promise<number> {
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.waitForTimeout(300);
  const label = await strip(page).getAttribute("aria-label");
  return Number(/[\d.]+/.exec(label!)![0]);
}

/** Chooses from a list that drops down. */
export async function choose(list: Locator, option: string | RegExp): Promise<void> {
  await list.click();
  await list.page().getByRole("option", { name: option, exact: true }).click();
}

/** Pastes into the text what a clipboard would hold. */
export async function paste(page: Page, data: Record<string, string>): Promise<void> {
  await sheet(page).evaluate((target, types) => {
    const transfer = new DataTransfer();
    for (const [type, value] of Object.entries(types)) transfer.setData(type, value);
    target.dispatchEvent(
      new ClipboardEvent("paste", { clipboardData: transfer, bubbles: true, cancelable: true }),
    );
  }, data);
}

/** A browser reports a selection with its next frame: sooner than a person's next key, later than a test's. */
export async function selectionReported(page: Page): Promise<void> {
  await page.evaluate(
    () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))),
  );
}

/**
 * A screen on which axe finds nothing (WCAG 2.2 A and AA, and its best practices).
 *
 * @param within a selector of the part that is looked at; the whole page without one
 */
export async function expectAccessible(
  page: Page,
  {
    within,
    without = [],
    only = [],
  }: { within?: string; without?: readonly string[]; only?: readonly string[] } = {},
): Promise<void> {
  // In the page alone: what stands in a frame of it may run nothing, axe neither.
  await page.evaluate(axe.source);
  const violations = await page.evaluate(
    async ([selector, off, alone]) => {
      const { axe: looker } = window as unknown as { axe: typeof axe };
      const rules = Object.fromEntries(off.map((rule) => [rule, { enabled: false }]));
      const result = await looker.run(selector ?? document, {
        ...(alone.length ? { runOnly: [...alone] } : { rules }),
        iframes: false,
        resultTypes: ["violations"],
      });
      return result.violations.map(({ id, nodes }) => ({
        id,
        html: nodes.map((node) => node.html.slice(0, 160)),
      }));
    },
    [within ?? null, [...without], [...only]] as const,
  );
  expect(violations.map(({ id, html }) => `${id}: ${html.join(" | ")}`)).toEqual([]);
}

/** A file of the browser's downloads, as bytes. */
export async function downloaded(
  page: Page,
  act: () => Promise<void>,
): Promise<{ name: string; path: string }> {
  const [file] = await Promise.all([page.waitForEvent("download"), act()]);
  return { name: file.suggestedFilename(), path: await file.path() };
}

/** The exact score that the application keeps of a post, once it is written. */
export async function keptScore(page: Page, postId: string): Promise<number> {
  // Kept when typing has rested for a moment.
  await page.waitForTimeout(1500);
  return (await keptScores(page)).find((kept) => kept.postId === postId)!.score;
}

/** Scores of all posts that the database has at this moment. */
export const keptScores = (page: Page): Promise<PostScore[]> =>
  page.evaluate(
    () =>
      new Promise<PostScore[]>((resolve, reject) => {
        const open = indexedDB.open("dune-sparrow");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const get = open.result.transaction("scores").objectStore("scores").getAll();
          get.onsuccess = () => {
            open.result.close();
            resolve(get.result as PostScore[]);
          };
        };
      }),
  );
