/** Competing pages in Plan: collected and read, gaps closed by keys alone, outlines assembled, a brief taken, the score measured. */
import { readFileSync } from "node:fs";
import type { Locator, Page } from "@playwright/test";
import { downloaded, expect, expectAccessible, openDesk, openStage, strip, TOUR, test } from "./test";

/** Goes by Tab, as somebody without a mouse does. */
async function tabTo(page: Page, target: Locator, most = 250): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (await target.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error("Tab does not lead there");
}
const covers = (page: Page) => page.getByRole("region", { name: "What competitors cover" });
const outline = (page: Page) => page.getByRole("list", { name: "Outline" });

test.beforeEach(async ({ page }) => {
  await openDesk(page);
});

test("by keys alone: from an empty plan to an outline that has closed its gaps", async ({ page }) => {
  await page.getByRole("button", { name: "New post" }).click();
  await expect(page.getByRole("navigation", { name: "Stages" })).toBeVisible();
  await page.getByLabel("Type a keyword of your own").fill("cargo bike maintenance");
  await page.getByRole("button", { name: "Use as target" }).click();
  await expect(page.getByText("for “cargo bike maintenance”")).toBeVisible();
  await page.getByRole("link", { name: /^Plan/ }).click();
  await expect(page.getByText("Nothing read yet")).toBeVisible();
  await expectAccessible(page);

  // From here on no mouse.
  await tabTo(page, page.getByRole("button", { name: "Collect competing pages" }));
  await page.keyboard.press("Enter");
  await expectAccessible(page);
  await tabTo(page, page.getByRole("button", { name: "Collect", exact: true }));
  await page.keyboard.press("Enter");
  await expect(page.getByRole("region", { name: "Competing pages", exact: true })).toContainText(
    /\d+ pages for “cargo bike maintenance”/,
  );
  await expect(covers(page)).toContainText(/0 of \d+ topics/);
  await expectAccessible(page);
  const first = covers(page)
    .getByRole("button", { name: /^Add “.*” to the outline/ })
    .first();
  const label = /“(.*)”/.exec((await first.getAttribute("aria-label"))!)![1]!;
  await tabTo(page, first);
  await page.keyboard.press("Enter");
  await expect(outline(page).getByRole("textbox", { name: /^Heading 1/ })).toHaveValue(label);
  await expect(covers(page)).toContainText(/1 of \d+ topics/);
  await tabTo(page, page.getByRole("button", { name: "Add all" }));
  await page.keyboard.press("Enter");
  await expect(covers(page)).toContainText("Nothing is missing");
  const headings = outline(page).getByRole("textbox", { name: /^Heading/ });
  expect(await headings.count()).toBeGreaterThan(4);
  await expect(outline(page)).toContainText("Frequently asked questions, at the end");
  // A heading that goes opens its gap again, and undo closes it.
  await tabTo(page, headings.first());
  await page.keyboard.press("Alt+Backspace");
  await expect(covers(page)).not.toContainText("Nothing is missing");
  await page.keyboard.press("Control+z");
  await expect(covers(page)).toContainText("Nothing is missing");
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
});

test("pages are read, dropped and kept, and the score follows; what changed since is said", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/plan`);
  const competitors = page.getByRole("region", { name: "Competing pages", exact: true });
  await expect(competitors).toContainText(/\d+ pages for “electric cargo bike for families”/);
  await expect(competitors.getByText("stand-in", { exact: true })).toBeVisible();
  await competitors.getByRole("button", { name: /^Pages/ }).click();
  const pages = page.getByRole("list", { name: "Competing pages" });
  await expect(pages.getByText("looks off the subject").first()).toBeVisible();
  await pages
    .getByRole("button", { name: /^Read “/ })
    .first()
    .click();
  await expect(page.getByRole("region", { name: "Headings of the page" })).toContainText("H2");
  await expect(page.getByText(/^Its report: [\d.]+ of 100/)).toBeVisible();
  await expectAccessible(page);
  const before = await competitors.getByText(/average, best/).innerText();
  const kept = pages.getByRole("checkbox", { checked: true });
  const n = await kept.count();
  await kept.first().click();
  await expect(kept).toHaveCount(n - 1);
  await expect(competitors.getByText(/average, best/)).not.toHaveText(before);
  await pages
    .getByRole("textbox", { name: /^Why “/ })
    .first()
    .fill("a page of deals");
  await page.keyboard.press("Tab");
  await expect(competitors.getByRole("button", { name: /^Pages/ })).toContainText("3 dropped");
  // The stage that scores shows the same two figures on its ruler.
  await page.getByRole("link", { name: /^Proof/ }).click();
  await expect(strip(page)).toHaveAttribute(
    "aria-label",
    /competitors' average [\d.]+, best competitor [\d.]+/,
  );
  await page.getByRole("link", { name: /^Plan/ }).click();

  await page.getByRole("button", { name: "Collect again or add" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel(/^Up to 20 pages/).check();
  await dialog.getByLabel("Keep the pages that are there").uncheck();
  await dialog.getByRole("button", { name: "Collect", exact: true }).click();
  await expect(competitors.getByText(/^Since the pages of/)).toBeVisible();
});

test("pages come by address, from files and as source; what cannot be read says why", async ({ page }) => {
  await openStage(page, "/post/winter-cycling-with-children/plan");
  await page.getByRole("button", { name: "Collect competing pages" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel(/^Up to 20 pages/).uncheck();
  await dialog
    .getByLabel("Addresses")
    .fill(
      "https://oakandsleet.example/winter-cycling-with-children\nhttp://127.0.0.1:9/secret\nhttps://oakandsleet.example/none",
    );
  await dialog.getByLabel("Saved pages: files").setInputFiles({
    name: "saved.html",
    mimeType: "text/html",
    buffer: Buffer.from(
      `<title>Saved page</title><main><h1>Winter</h1><h2>Gloves</h2><p>${"Warm gloves. ".repeat(40)}</p></main>`,
    ),
  });
  await dialog.getByText("Paste a page's source").click();
  await dialog
    .getByLabel("Source")
    .fill(`<title>Pasted page</title><main><h1>Ice</h1><p>${"Studded tyres. ".repeat(40)}</p></main>`);
  await dialog.getByRole("button", { name: "Collect", exact: true }).click();
  const competitors = page.getByRole("region", { name: "Competing pages", exact: true });
  await competitors.getByRole("button", { name: /^Pages 3 kept, 2 not read/ }).click();
  const failed = page.getByRole("region", { name: "Pages that could not be read" });
  await expect(failed).toContainText("is refused: it is loopback");
  await expect(failed).toContainText("There is no such page at oakandsleet.example");
  for (const title of ["Saved page", "Pasted page"]) await expect(competitors.getByText(title)).toBeVisible();
  await failed.getByRole("button", { name: "Read again" }).click();
  await expect(failed).toContainText("is refused: it is loopback");
});

test("terms of the piece, assembled outlines, and the brief", async ({ page }) => {
  await openStage(page, `${TOUR}/plan`);
  await expect(covers(page)).toContainText(/of \d+ topics/);
  await page.getByRole("button", { name: "Set", exact: true }).click();
  const piece = page.getByRole("dialog", { name: "Goals of the post" });
  await piece.getByLabel("formal", { exact: true }).check();
  await piece.getByLabel("casual", { exact: true }).check();
  await expect(piece.getByRole("alert")).toHaveText(/“formal” and “casual” pull against each other/);
  await piece.getByLabel("casual", { exact: true }).uncheck();
  await piece.getByLabel("Length").fill("9000");
  await expect(piece.getByRole("alert")).toContainText("far more than the competitors' median");
  await piece.getByLabel("Length").fill("700");
  await piece.getByLabel("Main points").fill("What our hire families found out");
  await expectAccessible(page);
  await piece.getByRole("button", { name: "Done" }).click();

  const before = await outline(page)
    .getByRole("textbox", { name: /^Heading/ })
    .count();
  await page.getByRole("button", { name: "Assemble from competitors" }).click();
  const drawer = page.getByRole("dialog", { name: "Outlines from competing pages" });
  const n = await drawer.getByRole("list", { name: "Drawer" }).getByRole("heading").count();
  await drawer.getByRole("button", { name: "Assemble" }).click();
  await expect
    .poll(() => drawer.getByRole("list", { name: "Drawer" }).getByRole("heading").count())
    .toBeGreaterThan(n);
  await expect(drawer.getByText("What our hire families found out").first()).toBeVisible();
  await expectAccessible(page);
  await drawer.getByRole("button", { name: "Add to outline" }).first().click();
  await expect(page.getByText(/headings? added; existing headings are unchanged/)).toBeVisible();
  expect(
    await outline(page)
      .getByRole("textbox", { name: /^Heading/ })
      .count(),
  ).toBeGreaterThan(before);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(outline(page).getByRole("textbox", { name: /^Heading/ })).toHaveCount(before);

  await page.getByRole("button", { name: "Brief", exact: true }).click();
  const brief = page.getByRole("dialog", { name: "Brief" });
  await expect(brief.getByLabel("Preview of the brief")).toHaveValue(/## Outline/);
  await brief.getByLabel("Outline", { exact: true }).uncheck();
  await expect(brief.getByLabel("Preview of the brief")).not.toHaveValue(/## Outline/);
  await brief.getByLabel("For a writing assistant").check();
  await expect(brief.getByLabel("Preview of the brief")).toHaveValue(/^Write a blog post titled/);
  await expectAccessible(page);
  const docx = await downloaded(page, () => brief.getByRole("button", { name: "DOCX" }).click());
  expect([...readFileSync(docx.path).subarray(0, 2)]).toEqual([0x50, 0x4b]);
});

test("things are dragged from what competitors cover into the outline, and a list is pasted", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/plan`);
  await expect(covers(page)).toContainText(/of \d+ topics/);
  await page.getByRole("tab", { name: "Topics" }).click();
  const row = covers(page)
    .getByRole("listitem")
    .filter({ has: page.getByRole("button", { name: /^Add “/ }) })
    .first();
  const label = /“(.*)”/.exec(
    (await row.getByRole("button", { name: /^Add “/ }).getAttribute("aria-label"))!,
  )![1]!;
  const from = (await row.boundingBox())!;
  const to = (await outline(page).getByRole("textbox", { name: "Heading 3, level 2" }).boundingBox())!;
  await page.mouse.move(from.x + 9, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x - 60, from.y + 20, { steps: 4 });
  await page.mouse.move(to.x + 40, to.y + 8, { steps: 14 });
  await page.mouse.up();
  await expect(outline(page).getByRole("textbox", { name: "Heading 3, level 2" })).toHaveValue(label);

  await page.getByRole("button", { name: "Paste", exact: true }).click();
  const dialog = page.getByRole("dialog", { name: "Paste an outline" });
  await dialog.getByRole("textbox").fill("- Insurance\n  - Theft\n- Winter");
  await dialog.getByRole("button", { name: "Add 3 headings" }).click();
  await expect(
    outline(page)
      .getByRole("textbox", { name: /^Heading/ })
      .last(),
  ).toHaveValue("Winter");
});
