/** Blocks of the text: put in from the sheet's top edge, worked on above the sheet, moved by keys, and out again. */
import type { Page } from "@playwright/test";
import { expect, expectAccessible, openStage, selectionReported, test } from "./test";

const POST = "/post/winter-cycling-with-children";
const text = (page: Page) => page.getByRole("textbox", { name: "Text of the post" });
const tools = (page: Page, name: string) => page.getByRole("region", { name: `${name} tools` });

async function more(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name }).click();
  // The cursor goes back to the text when the menu has closed.
  await expect(text(page)).toBeFocused();
}

test("boxes, buttons, questions, files and cards are written in place", async ({ page, watch }) => {
  // A page that is not there.
  watch.expected.push(/502/);
  await openStage(page, `${POST}/write`);
  await text(page).press("Control+End");
  await more(page, "Pull quote");
  await page.keyboard.insertText("Cold is no reason to take the car.");
  await expect(tools(page, "Quote").getByRole("button", { name: "pull quote" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await more(page, "Note box");
  await page.keyboard.insertText("Mittens go over the sleeves.");
  await more(page, "Questions and answers");
  await page.keyboard.insertText("How cold is too cold?");
  await page.keyboard.press("Enter");
  await page.keyboard.insertText("Minus ten, for us.");
  await page.keyboard.press("Control+Enter");
  await page.keyboard.insertText("And with a baby?");
  await more(page, "Button");
  await page.keyboard.insertText("Hire studs for a week");
  await tools(page, "Button").getByLabel("Leads to").fill("javascript:alert(1)");
  await expect(tools(page, "Button").getByRole("alert")).toContainText("no address");
  await tools(page, "Button").getByLabel("Leads to").fill("/hire");
  await more(page, "Video or audio");
  await tools(page, "Video or audio").getByLabel("Address").fill("https://video.example/studs");
  await tools(page, "Video or audio").getByRole("button", { name: "poster" }).click();
  await page
    .getByRole("dialog", { name: "Poster" })
    .getByRole("button", { name: /^Use folding-lock/ })
    .click();
  await expect(tools(page, "Video or audio").getByRole("button", { name: "no poster" })).toBeVisible();
  await more(page, "File to download");
  await page.keyboard.insertText("The winter checklist");
  const offer = (name: string, bytes: string) =>
    tools(page, "File to download")
      .getByLabel("File to offer")
      .setInputFiles({ name, mimeType: "application/pdf", buffer: Buffer.from(bytes) });
  await offer("checklist.pdf", "MZ no document at all");
  await expect(page.getByText("“checklist.pdf” is not what its name says")).toBeVisible();
  await offer("winter-checklist.pdf", `%PDF-1.7 ${"x".repeat(2300)}`);
  await expect(text(page).getByText("PDF, 2.3 kB")).toBeVisible();
  await more(page, "Link card");
  const card = tools(page, "Link card");
  await card.getByLabel("Address").fill("https://northwharf-council.example/no-such-page");
  await card.getByRole("button", { name: "read the page" }).click();
  await expect(page.getByText(/^There is no such page at .* The card is as it was/)).toBeVisible();
  await card.getByLabel("Address").fill("https://northwharf-council.example/try-a-cargo-bike");
  await card.getByLabel("Address").press("Enter");
  await expect(text(page).getByLabel("Title of the card")).toHaveValue(/cargo bike/i);
  await text(page).getByLabel("Description of the card").fill("Borrow one for a week, free of charge.");
  await expect(card.getByRole("button", { name: "no picture" })).toBeVisible();
  await expect(text(page).getByText("northwharf-council.example")).toBeVisible();
  await more(page, "Contents list");
  // What is typed with a block selected goes on behind it.
  await page.keyboard.type("Behind the list.");
  await expect(text(page).locator("p", { hasText: "Behind the list." })).toBeVisible();
  await expect(page.getByText("Contents", { exact: true })).toBeVisible();
  await expectAccessible(page);

  // What was written is there after a reload, in the same blocks.
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.reload();
  await expect(text(page).getByText("Minus ten, for us.")).toBeVisible();
  await expect(text(page).getByRole("note")).toHaveText("Mittens go over the sleeves.");
  await expect(text(page).getByRole("heading", { level: 3, name: "How cold is too cold?" })).toBeVisible();
  await expect(text(page).getByRole("link", { name: "Hire studs for a week" })).toBeVisible();
  await expect(text(page).getByText("PDF, 2.3 kB")).toBeVisible();
  // Readers get the file and the card.
  await page.getByRole("link", { name: /^Release/ }).click();
  const readers = page.frameLocator("iframe[title='The page as readers see it']");
  await expect(readers.getByRole("link", { name: "The winter checklist" })).toHaveAttribute(
    "download",
    "winter-checklist.pdf",
  );
  await expect(readers.getByText("Borrow one for a week, free of charge.")).toBeVisible();
  await page.getByRole("link", { name: /^Write/ }).click();
  // An empty answer leaves with its question, and the other pair stays.
  await text(page).getByRole("heading", { name: "And with a baby?" }).click();
  await page.keyboard.press("End");
  for (let i = 0; i < "And with a baby?".length; i++) await page.keyboard.press("Backspace");
  await page.keyboard.press("Backspace");
  await expect(text(page).getByRole("region", { name: "Questions and answers" })).toHaveText(
    "How cold is too cold?Minus ten, for us.",
  );
});

test("a box is put behind a table, not into it; rows and columns come and go", async ({ page }) => {
  await openStage(page, `${POST}/write`);
  await text(page).press("Control+End");
  await page.getByRole("button", { name: "Table", exact: true }).click();
  const table = text(page).getByRole("table").last();
  const before = await table.getByRole("row").count();
  await tools(page, "Table").getByRole("button", { name: "below" }).click();
  await expect(table.getByRole("row")).toHaveCount(before + 1);
  await tools(page, "Table").getByRole("button", { name: "right" }).click();
  await expect(table.getByRole("columnheader")).toHaveCount(4);
  await more(page, "Note box");
  await page.keyboard.insertText("Behind it.");
  await expect(table.getByRole("row")).toHaveCount(before + 1);
  await expect(text(page).getByRole("note").last()).toHaveText("Behind it.");
});

test("a block and a whole section move by keys, and undo puts them back", async ({ page }) => {
  await openStage(page, `${POST}/write`);
  const sections = page.getByRole("navigation", { name: "Sections of the text" }).getByRole("button");
  const order = () => sections.evaluateAll((all) => all.map((one) => one.querySelector("bdi")?.textContent));
  // A post opens to be read until no other tab is known to have it.
  await expect(text(page)).toHaveAttribute("contenteditable", "true");
  const start = await order();
  await sections.nth(1).click();
  // The cursor comes with the next frame.
  await expect(text(page)).toBeFocused();
  await selectionReported(page);
  await page.keyboard.press("Alt+Shift+PageDown");
  await expect.poll(order).not.toEqual(start);
  expect([...(await order())].sort()).toEqual([...start].sort());
  await page.keyboard.press("Control+z");
  await expect.poll(order).toEqual(start);
  // By mouse, in the margin's outline: the third section in front of the second.
  const boxes = [await sections.nth(2).boundingBox(), await sections.nth(1).boundingBox()];
  await page.mouse.move(boxes[0]!.x + 20, boxes[0]!.y + 8);
  await page.mouse.down();
  await page.mouse.move(boxes[0]!.x + 20, boxes[0]!.y - 4, { steps: 4 });
  await page.mouse.move(boxes[1]!.x + 20, boxes[1]!.y + 4, { steps: 8 });
  await page.mouse.up();
  await expect.poll(order).toEqual([start[0], start[2], start[1], ...start.slice(3)]);
  await text(page).press("Control+z");
  await expect.poll(order).toEqual(start);
  const first = text(page).locator(":scope > *").first();
  const said = (await first.textContent())!;
  await first.click();
  await selectionReported(page);
  await page.keyboard.press("Alt+Shift+ArrowDown");
  await expect(first).not.toHaveText(said);
  await page.keyboard.press("Alt+Shift+ArrowUp");
  await expect(first).toHaveText(said);
});

test("a phrase is linked to the post that it names, and the list of links finds it", async ({ page }) => {
  await openStage(page, `${POST}/write`);
  await text(page).press("Control+End");
  await more(page, "Note box");
  await page.keyboard.insertText("See our guide to cargo bike maintenance");
  await page.keyboard.press("Control+k");
  const form = page.getByLabel("Address of the link");
  await expect(form).toBeFocused();
  // The phrase under the cursor is taken whole, and its post is what is offered first.
  await expect(page.getByRole("option").first()).toContainText("its keyword is here");
  await expectAccessible(page);
  await page.keyboard.press("Enter");
  const link = text(page).getByRole("link", { name: "cargo bike maintenance", exact: true }).last();
  await expect(link).toHaveAttribute("href", "/journal/cargo-bike-maintenance");

  await link.click();
  await selectionReported(page);
  await page.keyboard.press("Control+k");
  await form.fill("https://brackenford-council.example/cycling");
  await page.getByLabel("sponsored").check();
  await page.getByRole("option", { name: /as typed/ }).click();
  await expect(link).toHaveAttribute("rel", "sponsored");
  await page.getByRole("button", { name: /^\d+ links?$/ }).click();
  const all = page.getByRole("dialog", { name: /^\d+ links?$/ });
  await expect(all.getByRole("row", { name: /brackenford-council.example\/cycling/ })).toContainText(
    "sponsored",
  );
  await expectAccessible(page);
  await all.getByRole("button", { name: "Go to “cargo bike maintenance”" }).last().click();
  await expect(all).toBeHidden();
  await expect
    .poll(() => page.evaluate(() => window.getSelection()?.toString()))
    .toBe("cargo bike maintenance");
});
