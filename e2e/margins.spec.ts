/** What helps while writing: finding and replacing, underlines by kind, claims with and without a source. */
import type { Page } from "@playwright/test";
import { expect, expectAccessible, openDesk, openStage, selectionReported, sheet, TOUR, test } from "./test";

const foot = (page: Page) => page.getByRole("region", { name: "Length and keyword use" });

/** What is underlined by a stroke, in the text or in the paragraphs that have some words, in the order in which it stands there. */
const underlined = (page: Page, stroke: string, within = ""): Promise<string[]> =>
  page.evaluate(
    ([name, words]) => {
      const ranges = [...(CSS.highlights.get(name!) ?? [])] as Range[];
      return ranges
        .filter(
          ({ startContainer }) =>
            startContainer.parentElement?.closest("p, li")?.textContent.includes(words!) ?? !words,
        )
        .map(String);
    },
    [stroke, within],
  );

/** A line of its own at the end of the text. */
async function addLine(page: Page, line: string): Promise<void> {
  await sheet(page).locator(":scope > *").last().click();
  await selectionReported(page);
  await page.keyboard.press("Control+End");
  await selectionReported(page);
  await page.keyboard.press("Enter");
  await page.keyboard.insertText(line);
  await expect(sheet(page)).toContainText(line);
}

test("words are found in all their forms, and replaced in one step", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  await sheet(page).click();
  await page.keyboard.press("Control+f");
  const bar = page.getByRole("search", { name: "Find in the text" });
  await bar.getByLabel("Find", { exact: true }).fill("longtail");
  await expect(bar.getByRole("status")).toHaveText(/^1 of \d+$/);
  const plain = Number(/\d+$/.exec((await bar.getByRole("status").textContent())!)![0]);
  await bar.getByLabel("All forms").check();
  await expect(bar.getByRole("status")).toHaveText(/^1 of \d+$/);
  await bar.getByLabel("All forms").uncheck();
  await bar.getByLabel("Find", { exact: true }).press("Enter");
  await expect(bar.getByRole("status")).toHaveText(`2 of ${plain}`);
  await expectAccessible(page);
  await bar.getByLabel("Replace with").fill("long-john");
  await bar.getByRole("button", { name: "All", exact: true }).click();
  await expect(bar.getByRole("status")).toHaveText("not in the text");
  await expect(sheet(page)).toContainText("long-john");
  await page.keyboard.press("Escape");
  await expect(bar).toBeHidden();
  await page.keyboard.press("Control+z");
  await expect(sheet(page)).not.toContainText("long-john");
});

test("sentences are underlined by kind, as asked", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  await addLine(page, "The frame was welded in a shed that nobody has seen.");
  await foot(page)
    .getByRole("button", { name: /^Underline/ })
    .click();
  await page.getByRole("menuitemcheckbox", { name: "Passive" }).click();
  await page.getByRole("menuitemcheckbox", { name: "Shared terms" }).click();
  await expectAccessible(page);
  await page.keyboard.press("Escape");
  await expect.poll(async () => (await underlined(page, "passive-use")).at(-1)).toBe("was welded");
  expect((await underlined(page, "term-use")).length).toBeGreaterThan(5);
});

test("in a long text, what is in sight is underlined", async ({ page }) => {
  await openDesk(page);
  const line =
    "A box and a bell, and whatever else the road asks of people who carry their lives by bike. ".repeat(3);
  const paragraphs = Array.from({ length: 150 }, (_, n) => `Paragraph ${n} is of a cargo bike. ${line}`);
  const text = `---\ntitle: Long\nkeyword: cargo bike\n---\n\n${paragraphs.join("\n\n")}\n`;
  await page
    .getByLabel("Import posts: files")
    .setInputFiles({ name: "long.md", mimeType: "text/markdown", buffer: Buffer.from(text) });
  const usesIn = (n: number) =>
    expect.poll(() => underlined(page, "keyword-use", `Paragraph ${n} `)).toEqual(["cargo bike"]);
  await usesIn(0);
  await expect(foot(page)).toContainText("150 keyword uses");
  expect((await underlined(page, "keyword-use")).length).toBeLessThan(100);
  await sheet(page).locator("p").last().scrollIntoViewIfNeeded();
  await usesIn(149);
  // What is written before it moves it.
  await sheet(page).press("Control+Home");
  await page.keyboard.insertText("Written at the top. ");
  await sheet(page).locator("p", { hasText: "Paragraph 75 " }).scrollIntoViewIfNeeded();
  await usesIn(75);
  // A paragraph that is parted is drawn anew.
  await sheet(page).locator("p", { hasText: "Paragraph 75 " }).click();
  await selectionReported(page);
  await page.keyboard.press("Home");
  await selectionReported(page);
  await page.keyboard.press("Enter");
  await usesIn(75);
});

test("a claim is unsourced until a link stands with it or somebody accepts it", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  await addLine(page, "Studies show that 80 per cent of parents never look back.");
  const claims = foot(page).getByRole("button", { name: /claims? unsourced$/ });
  await claims.click();
  const dialog = page.getByRole("dialog", { name: "Claims" });
  const row = dialog.getByRole("listitem").filter({ hasText: "80 per cent of parents" });
  await expect(row).toContainText("no source");
  await expectAccessible(page);
  await row.getByRole("button", { name: "Accept" }).click();
  await expect(row).toBeHidden();
  await page.keyboard.press("Escape");
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
  await page.reload();
  // Accepted once, it is not asked about again.
  await foot(page)
    .getByRole("button", { name: /^(\d+ claims? unsourced|Claims)$/ })
    .click();
  await dialog.getByLabel("Show settled claims").check();
  await expect(row).toContainText("accepted as it is");
  await row.getByRole("button", { name: "Go" }).click();
  await expect
    .poll(() => page.evaluate(() => window.getSelection()?.toString()))
    .toContain("Studies show that");
});

test("the tray shows each shared term in its usual range, and finds it in the text", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  await foot(page)
    .getByRole("button", { name: /^\d+ of \d+ terms$/ })
    .click();
  const tray = page.getByRole("region", { name: "Shared terms" });
  const first = tray.getByRole("listitem").first();
  await expect(first.getByRole("img")).toHaveAttribute("aria-label", /usual range of/);
  const gains = await tray
    .getByRole("listitem")
    .evaluateAll((all) => all.map((one) => Number(/\+([\d.]+)$/.exec(one.textContent!)?.[1] ?? 0)));
  expect(gains[0]).toBeGreaterThan(0);
  expect(gains).toEqual([...gains].sort((a, b) => b - a));
  await expectAccessible(page);
  await first.getByRole("button").click();
  await expect(page.getByRole("search").getByLabel("Find", { exact: true })).toHaveValue(
    (await first.getByRole("button").textContent())!,
  );
});

test("the source is changed by hand, with what is wrong and what would be lost said first", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/write`);
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Source: Markdown or HTML" }).click();
  const dialog = page.getByRole("dialog", { name: "Source of the text" });
  const area = dialog.getByLabel("Source");
  await expect(area).toHaveValue(/## Who it is for/);
  await dialog.getByRole("button", { name: "HTML" }).click();
  await expect(area).toHaveValue(/<h2>Who it is for<\/h2>/);
  const html = await area.inputValue();
  await area.fill(`<p class="x">New first <b>line.</p>\n${html}<script>a()</script>`);
  await expect(dialog).toContainText("Line 1: <b> is opened here and never ended.");
  await expect(dialog).toContainText("it would be gone: class=, <script>");
  await expectAccessible(page);
  await dialog.getByRole("button", { name: "Apply to the text" }).click();
  await expect(sheet(page).locator(":scope > p").first()).toHaveText("New first line.");
  await expect(sheet(page).getByRole("img").first()).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(sheet(page)).not.toContainText("New first line.");
});

test("a recording becomes a post in the speaker's own words, and what is added is seen", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("button", { name: "New post" }).click();
  await page.getByRole("link", { name: /^Write/ }).click();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "From a recording's text" }).click();
  const dialog = page.getByRole("dialog", { name: "From a recording's text" });
  const line = (i: number, said: string) =>
    `${i}\n00:${String(i).padStart(2, "0")}:00,000 --> 00:${String(i).padStart(2, "0")}:50,000\n${said}\n\n`;
  const brakes = Array.from({ length: 8 }, (_, i) =>
    line(i + 1, `Um, the brake pad wants a look, and a worn\nbrake pad tells you ${i} things.`),
  );
  const chains = Array.from({ length: 8 }, (_, i) =>
    line(i + 9, `Now the chain wants oil, you know, and a dry chain squeaks ${i} times.`),
  );
  await dialog.getByLabel("Open a file: file").setInputFiles({
    name: "talk.srt",
    mimeType: "",
    buffer: Buffer.from([...brakes, ...chains].join("")),
  });
  await expect(dialog).toContainText("16 sentences, 2 sections, up to 16:00");
  await dialog.getByLabel(/Address of the video/).fill("https://video.example/talk");
  await expect(dialog.getByRole("listitem").filter({ hasText: "From 9:00 in the recording" })).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole("button", { name: "Add to the end of the text" }).click();
  await expect(sheet(page).getByRole("heading", { level: 2 })).toHaveCount(2);
  await expect(sheet(page)).not.toContainText("Um,");
  await expect(sheet(page).getByRole("link", { name: "From 9:00 in the recording" })).toHaveAttribute(
    "href",
    "https://video.example/talk#t=540",
  );
  // A sentence knows where it was said, though it is changed.
  await sheet(page).getByText("Now the chain wants oil, and a dry chain squeaks 4 times.").click();
  await expect(foot(page).getByRole("link", { name: /^said at \d+:\d\d$/ })).toHaveAttribute(
    "href",
    /^https:\/\/video\.example\/talk#t=\d+$/,
  );
  await addLine(page, "Nobody ever said this sentence about unicorns");
  await expect(foot(page)).toContainText(/\d\d % own words/);
  await foot(page)
    .getByRole("button", { name: /^Underline/ })
    .click();
  await page.getByRole("menuitemcheckbox", { name: "Words that were not said" }).click();
  await page.keyboard.press("Escape");
  await expect.poll(async () => (await underlined(page, "other-use")).at(-1)).toContain("unicorns");
});

test("the focus view shows nothing but the sheet, by key and back", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  await expect(foot(page)).toBeVisible();
  await sheet(page).click();
  await page.keyboard.press("Alt+Shift+f");
  await expect(foot(page)).toBeHidden();
  await expect(page.getByRole("banner")).toBeHidden();
  await expect(sheet(page)).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press("Alt+Shift+f");
  await expect(foot(page)).toBeVisible();
});
