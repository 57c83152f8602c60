/** Find and Plan in detail: order, own keywords, drag, notes, undo, and what looking around must not do. */
import { expect, openDesk, openStage, sheet, TOUR, test } from "./test";

test.beforeEach(async ({ page }) => {
  await openDesk(page);
});

test("keywords are searched and put in order, and the target is exchanged with a supporting one", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/find`);
  const table = page.getByRole("grid", { name: /^Keywords\./ });
  const column = (n: number) =>
    table.getByRole("row").locator(`[role=gridcell]:nth-child(${n})`).allInnerTexts();
  await table.getByRole("button", { name: "Searches" }).click();
  await expect(table.getByRole("columnheader", { name: "Searches" })).toHaveAttribute(
    "aria-sort",
    "descending",
  );
  const searches = async () => (await column(3)).map((text) => Number(text.replace(/\D/g, "")));
  await expect
    .poll(async () => {
      const now = await searches();
      return now.length > 10 && now.every((n, i) => i === 0 || n <= now[i - 1]!);
    })
    .toBe(true);
  await page.getByRole("searchbox", { name: "Search keywords" }).fill("rain cover");
  await expect
    .poll(async () => (await column(2)).every((text) => /rain/.test(text) && /cover/.test(text)))
    .toBe(true);
  await page.getByRole("button", { name: "Make “family cargo bike” the target" }).first().click();
  await expect(
    page.getByRole("button", { name: "Make “electric cargo bike for families” the target" }).first(),
  ).toBeVisible();
  await page.getByLabel("Type a keyword of your own").fill("  sparrow   bike ");
  await page.getByRole("button", { name: "Use as target" }).click();
  await expect(page.getByText("Your own keyword: no numbers are known for it.")).toBeVisible();
  await expect(page.getByText("for “sparrow bike”")).toBeVisible();
});

test("headings are moved by mouse, keep their notes, and are written up without losing a word", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/plan`);
  const headings = () =>
    page.getByRole("list", { name: "Outline" }).getByRole("textbox", { name: /^Heading/ });
  const texts = () => headings().evaluateAll((all) => all.map((input) => (input as HTMLInputElement).value));
  const before = await texts();
  const handle = page.getByRole("button", { name: "Drag “Questions parents ask”" });
  // What comes later leaves the outline where it stands.
  const first = (await handle.boundingBox())!;
  await expect(page.getByText(/^average, best/)).toBeVisible();
  const from = (await handle.boundingBox())!;
  expect(Math.round(from.y - first.y)).toBe(0);
  const to = (await page.getByRole("button", { name: "Drag “How much motor you need”" }).boundingBox())!;
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 30, { steps: 5 });
  await expect(handle).toHaveAttribute("aria-pressed", "true");
  await page.mouse.move(to.x + 8, to.y + 4, { steps: 12 });
  await page.mouse.up();
  await expect.poll(async () => (await texts()).indexOf("Questions parents ask")).toBe(4);
  expect([...(await texts())].sort()).toEqual([...before].sort());
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(texts).toEqual(before);

  await expect(page.getByRole("textbox", { name: "Note to heading 6" })).toHaveValue(
    /Three laps of the yard/,
  );
  await page.getByRole("button", { name: "Add headings to draft" }).click();
  await expect(page.getByText("Added 2 headings to the draft. Existing text is unchanged.")).toBeVisible();
  await expect(sheet(page).getByRole("heading", { name: "Questions parents ask" })).toBeVisible();
  await expect(sheet(page)).toContainText("Every Saturday somebody pushes open the workshop door");
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(sheet(page).getByRole("heading", { name: "Questions parents ask" })).toHaveCount(0);
});

test("a row of the outline is one stop of Tab, and Tab changes the level only while its heading is edited", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/plan`);
  const heading = (name: string) =>
    page.getByRole("list", { name: "Outline" }).getByRole("textbox", { name, exact: true });
  await heading("Heading 1, level 2").focus();
  await page.keyboard.press("Tab");
  await expect(heading("Heading 2, level 2")).toBeFocused();
  await page.keyboard.press("ArrowDown");
  await expect(heading("Heading 2.1, level 3")).toBeFocused();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("spinbutton", { name: "Words for “When a box bike fits”" })).toBeFocused();
  await page.keyboard.press("Escape");
  await page.keyboard.press("Enter");
  await page.keyboard.press("Shift+Tab");
  await expect(heading("Heading 3, level 2")).toHaveValue("When a box bike fits");
  await page.keyboard.press("Escape");
  await page.keyboard.press("Shift+Tab");
  await expect(heading("Heading 2, level 2")).toBeFocused();
  await page.keyboard.press("Alt+n");
  await expect(page.getByRole("textbox", { name: "Note to heading 2" })).toBeFocused();
  await page.keyboard.press("Escape");
  await expect(heading("Heading 2, level 2")).toBeFocused();
});

test("looking around moves no post to another stage; working in a stage does", async ({ page }) => {
  const stageOf = async () => {
    await page.goto("/");
    const row = page.getByRole("listitem").filter({ hasText: "Electric cargo bike for families" });
    return (await row.getByRole("link").getAttribute("href"))!.split("/").at(-1);
  };
  await openStage(page, `${TOUR}/release`);
  await openStage(page, `${TOUR}/proof`);
  expect(await stageOf()).toBe("write");
  await openStage(page, `${TOUR}/plan`);
  await page.getByRole("button", { name: "H2 at the end" }).click();
  await page.keyboard.type("After the first year");
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  expect(await stageOf()).toBe("plan");
});
