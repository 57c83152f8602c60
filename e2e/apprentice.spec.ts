/** The apprentice: asking, taking, reviewing; what arrives, what is stopped, and what stays in the drawer. */
import type { Page } from "@playwright/test";
import { choose, expect, expectAccessible, openDesk, openStage, sheet, strip, TOUR, test } from "./test";

const slips = (page: Page) => page.getByRole("article", { name: "Suggestion" });
/** The demo asked for some of it before. */
const ask = (page: Page) => page.getByRole("button", { name: /^Ask(?: again)?$/ }).click();

test.beforeEach(async ({ page }) => {
  await openDesk(page);
});

/** Connects the test writer with a model of its own. */
async function connect(page: Page, model: string): Promise<void> {
  await page.goto("/settings#connections");
  const writer = page.getByRole("combobox", { name: "Writer", exact: true });
  await choose(writer, "A connected writer");
  await page.getByRole("button", { name: "Use the test writer" }).click();
  const name = page.getByLabel("Model", { exact: true });
  await expect(name).toHaveValue("test-writer");
  await name.fill(model);
  await name.press("Enter");
  await expect(page.getByText("As the service names it.")).toBeVisible();
}

test("a post is started step by step, left in the middle, and has a first draft to review", async ({
  page,
}) => {
  await page.getByRole("button", { name: "Guided start" }).click();
  await page.getByRole("button", { name: "Begin" }).click();
  await page
    .getByLabel("About", { exact: true })
    .fill("How to keep a cargo bike dry in a yard without a shed.");
  await page.getByLabel("Keyword", { exact: true }).fill("cargo bike cover");
  await page
    .getByLabel("Points", { exact: true })
    .fill("where rain gets in\nair keeps rust away\nlocking through the cover\nAsk for a cover with eyelets");
  await page.getByRole("button", { name: "Go on to title" }).click();
  await page.getByRole("button", { name: "Suggest titles" }).click();
  await expect(page.getByRole("radio")).toHaveCount(5);
  await page.getByRole("radio").nth(2).check();
  const title = await page.getByRole("textbox", { name: /^Title/ }).inputValue();
  expect(title.length).toBeGreaterThan(10);
  await page.getByRole("link", { name: "Leave it for later" }).click();
  await page.getByRole("link", { name: title }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Title" })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Go on to outline and opening" }).click();
  await page.getByRole("button", { name: "Suggest an outline" }).click();
  await page.getByRole("button", { name: "Take this outline" }).first().click();
  const outline = page.getByLabel(/^Outline: /);
  await expect(outline).toHaveValue(/## /);
  await page.getByRole("button", { name: "Suggest an opening" }).click();
  await page.getByRole("button", { name: "Take this opening" }).first().click();
  await expect(page.getByRole("textbox", { name: "Opening", exact: true })).toHaveValue(/cargo bike cover/);
  await page.getByRole("button", { name: "Go on to first draft" }).click();
  await page.getByRole("button", { name: "Make the post with a first draft" }).click();
  await expect(sheet(page)).toContainText("cargo bike cover");
  await expect(sheet(page).getByRole("heading", { name: "Locking through the cover" })).toBeVisible();
  await expect(sheet(page)).not.toContainText("with an example");
  // What nobody has looked at is marked, and holds its gate.
  await expect(sheet(page).locator(".to-review").first()).toBeVisible();
  await page.getByRole("link", { name: /^Release/ }).click();
  await expect(page.getByText(/To review in Proof:/)).toBeVisible();
});

test("an outline with what it misses merged in, and an idea from our titles", async ({ page }) => {
  await openStage(page, `${TOUR}/plan`);
  const headings = page.getByRole("list", { name: "Outline" }).getByRole("textbox", { name: /^Heading/ });
  const before = await headings.evaluateAll((all) => all.map((input) => (input as HTMLInputElement).value));
  await page.getByRole("button", { name: "Suggest", exact: true }).click();
  await choose(page.getByRole("combobox", { name: "Task" }), "What did I miss?");
  await ask(page);
  await expect(slips(page).first()).toContainText(before[0]!);
  await expect(slips(page).first().getByRole("list", { name: "Noticed" })).toContainText("Added: ");
  // A part says what it was made from.
  await slips(page).first().getByRole("checkbox", { name: "Seats and belts" }).focus();
  await expect(slips(page).first()).toContainText("From competing pages");
  await expectAccessible(page);
  await slips(page).first().getByRole("button", { name: "Add to outline" }).click();
  await expect(page.getByText(/headings? added; existing headings are unchanged/)).toBeVisible();
  const texts = () => headings.evaluateAll((all) => all.map((input) => (input as HTMLInputElement).value));
  await expect.poll(async () => (await texts()).length).toBeGreaterThan(before.length);
  const after = await texts();
  expect(after.filter((heading) => before.includes(heading))).toEqual(before);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await page.goto("/keywords/ideas");
  await page.getByRole("button", { name: "Suggest ideas" }).click();
  await expect(slips(page)).toHaveCount(4);
  await ask(page);
  await expect(slips(page)).toHaveCount(5);
  await slips(page).first().getByRole("button", { name: "Keep as an idea" }).click();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByText("Suggested from our titles")).toBeVisible();
});

test("a section is written from its note, put into the text, reviewed and accepted", async ({ page }) => {
  await openStage(page, `${TOUR}/write`);
  const place = sheet(page).getByRole("heading", { name: "Where it sleeps" });
  await place.click();
  await page.keyboard.press("End");
  await page.getByRole("button", { name: "Suggest" }).click();
  await page.getByRole("menuitem", { name: "Draft this section" }).click();
  await expect(page.getByLabel("Heading", { exact: true })).toHaveValue("Where it sleeps");
  await page
    .getByLabel("Note", { exact: true })
    .fill("a roof helps more than a lock\nmeasure the gate first");
  await ask(page);
  await expect(slips(page)).toHaveCount(2);
  await expect(slips(page).first()).toContainText("A roof helps more than a lock.");
  await expect(slips(page).first()).toContainText(/Score \d+/);
  await slips(page).first().getByRole("button", { name: "Put into the text" }).click();
  await expect(sheet(page)).toContainText("A roof helps more than a lock.");
  const marked = sheet(page).locator(".to-review");
  await expect(marked).toContainText(["A roof helps more than a lock."]);
  await page.getByRole("link", { name: /^Proof/ }).click();
  const review = page.getByRole("region", { name: "To review" });
  await expect(review).toContainText("A roof helps more than a lock.");
  const texts = await review.getByRole("listitem").count();
  await review
    .getByRole("button", { name: /^Accept/ })
    .first()
    .click();
  await expect(review.getByRole("listitem")).toHaveCount(texts - 1);
});

test("a thread is cut, refined and copied; the drawer has it, and what is removed comes back", async ({
  page,
  context,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await openStage(page, `${TOUR}/proof`);
  await page.getByRole("button", { name: "Repurpose" }).click();
  await page.getByLabel("How many parts").fill("4");
  await page.getByLabel("What should be different").fill("no figures");
  await ask(page);
  await expect(slips(page).first().getByRole("checkbox")).toHaveCount(4);
  await slips(page).first().getByRole("button", { name: "Copy" }).click();
  await expect(page.getByText("The thread is copied, with all of its parts.")).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toMatch(/^1\/4 .*\n\n2\/4 .*\n\n3\/4 .*\n\n4\/4 /s);
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("link", { name: "Drawer" }).click();
  // Of the demo's and this one, the latest.
  const threads = page.getByRole("listitem").filter({ hasText: "Cut into a thread" });
  await expect(threads).toHaveCount(2);
  const entry = threads.first();
  await expect(entry).toContainText("taken: the clipboard");
  await page.getByRole("searchbox", { name: "Search the drawer" }).fill("no such words");
  await expect(page.getByText("Nothing in the drawer matches.")).toBeVisible();
  await page.getByRole("searchbox", { name: "Search the drawer" }).fill("thread");
  await entry.getByRole("button", { expanded: false }).click();
  await expect(slips(page).first()).toBeVisible();
  await expectAccessible(page);
  await entry.getByRole("button", { expanded: true }).click();
  for (const one of await threads.all()) await one.getByRole("button", { name: /^Compare/ }).click();
  const beside = page.getByRole("region", { name: "Side by side" });
  await expect(beside.getByRole("article", { name: /^Cut into a thread/ })).toHaveCount(2);
  await expectAccessible(page);
  await beside
    .getByRole("button", { name: /from the comparison$/ })
    .first()
    .click();
  await expect(beside.getByText(/^Choose another request/)).toBeVisible();
  await beside.getByRole("button", { name: "End the comparison" }).click();
  await expect(beside).toBeHidden();
  await entry.getByRole("button", { name: /^Remove/ }).click();
  await expect(threads).toHaveCount(1);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(threads).toHaveCount(2);
});

test("text that is suggested at the cursor is accepted by a key, dropped by another, and stopped while it arrives", async ({
  page,
}) => {
  await connect(page, "test-endless");
  await openStage(page, `${TOUR}/write`);
  const ghost = sheet(page).locator("[data-ghost]");
  const last = sheet(page).getByText("You already ride, you have a narrow hallway").first();
  await last.click();
  const before = await sheet(page).innerText();
  await page.keyboard.press("Control+Alt+Enter");
  await expect(ghost).toContainText("and so it goes on");
  await page.keyboard.press("Escape");
  await expect(ghost).toHaveCount(0);
  expect(await sheet(page).innerText()).toBe(before);
  // What had arrived is in the drawer.
  await page.getByRole("link", { name: "Drawer" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "Go on from here" })).toContainText(
    "and so it goes on",
  );
  await connect(page, "test-writer");
  await openStage(page, `${TOUR}/write`);
  await last.click();
  await page.keyboard.press("Control+Alt+Enter");
  await expect(page.getByText("Suggested at the cursor")).toBeVisible();
  const words = (await ghost.innerText()).trim();
  await page.keyboard.press("Tab");
  await expect(ghost).toHaveCount(0);
  await expect(sheet(page)).toContainText(words.slice(0, 60));
  await page.keyboard.press("Control+z");
  await expect(sheet(page)).not.toContainText(words.slice(0, 60));
});

test("a tab that is closed in mid-stream loses nothing that had arrived", async ({ page, context }) => {
  await connect(page, "test-slow");
  const other = await context.newPage();
  await openStage(other, `${TOUR}/proof`);
  await other.getByRole("button", { name: "Repurpose" }).click();
  await ask(other);
  await expect(other.locator("[data-arriving]")).toContainText(/\S+ \S+ \S+/);
  await other.close({ runBeforeUnload: false });
  await page.goto("/drawer");
  const entry = page.getByRole("listitem").filter({ hasText: "Cut into a thread" }).first();
  await entry.getByRole("button", { expanded: false }).click();
  await expect(page.getByText("The page was closed while this was written.")).toBeVisible();
  await page.getByRole("button", { name: "Read what arrived" }).click();
  await expect(page.getByText("Stopped. What had arrived was read.")).toBeVisible();
});

test("hostile answers are text: nothing of them runs, and nothing is overwritten", async ({
  page,
  watch,
}) => {
  watch.expected.push(/502/);
  await connect(page, "test-hostile");
  await openStage(page, `${TOUR}/plan`);
  const title = await page.getByLabel("Title").first().inputValue();
  await page.getByRole("button", { name: "Suggest", exact: true }).click();
  await choose(page.getByRole("combobox", { name: "Task" }), "Suggest titles");
  for (let turn = 0; turn < 12; turn++) {
    await ask(page);
    await expect(
      page.getByRole("status").filter({ hasText: /^(?:Connected writer|Stopped|The writer|No )/ }),
    ).toBeVisible();
  }
  expect(await page.evaluate(() => (window as { hostile?: number }).hostile)).toBeUndefined();
  expect(
    await page.evaluate(() => ({}) as { hostile?: boolean }).then((plain) => plain.hostile),
  ).toBeUndefined();
  await page.getByRole("button", { name: "Close" }).click();
  expect(await page.getByLabel("Title").first().inputValue()).toBe(title);
});

test("an answer that a person brings back is read, and one that is none is refused with a reason", async ({
  page,
}) => {
  await openStage(page, `${TOUR}/proof`);
  await page.getByRole("button", { name: "Suggest", exact: true }).click();
  await page.getByRole("radio", { name: "By hand" }).click();
  const answer = page.getByLabel("Its answer");
  await answer.fill("I cannot help with that, I'm sorry.");
  await page.getByRole("button", { name: "Read the answer" }).click();
  await expect(page.getByRole("list", { name: "Missing" })).toContainText("will not or cannot");
  await answer.fill(
    "Sure!\n\n**Title:** Electric cargo bikes, measured\n**Description:** What 42 families found out.",
  );
  await page.getByRole("button", { name: "Read the answer" }).click();
  await expect(slips(page).first()).toContainText("Electric cargo bikes, measured");
  await expect(slips(page).first().getByRole("list", { name: "Noticed" })).toContainText(
    "The figure 42 is in none of the material",
  );
  await slips(page).first().getByRole("button", { name: "Take it" }).click();
  await expect(page.getByText("It is taken.")).toBeVisible();
});

test("a voice is added, measured from its samples, goes out and in as a file, and the proof says how far a draft is from it", async ({
  page,
}) => {
  await page.goto("/settings#voices");
  const voices = page.getByRole("region", { name: "Voices" });
  await expect(voices.getByText("Words a sentence")).toBeVisible();
  await voices.getByRole("button", { name: "Add a voice" }).click();
  const name = voices.getByLabel("Name", { exact: true });
  await expect(name).toHaveValue("New voice");
  await name.fill("Stiff");
  await name.press("Tab");
  await voices.getByLabel("Not these").fill("children: persons under age");
  await voices
    .getByLabel("Samples")
    .fill(
      Array(9)
        .fill(
          "It is to be noted that the vehicle is returned by the firm after receipt of the payment that is due.",
        )
        .join(" "),
    );
  await voices.getByLabel("Samples").press("Tab");
  await expect(voices.getByText(/^21\.0, give or take/)).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    voices.getByRole("button", { name: "Export" }).click(),
  ]);
  expect(file.suggestedFilename()).toBe("stiff.voice.json");
  await voices.getByRole("button", { name: "Remove this voice" }).click();
  await expect(voices.getByRole("button", { name: "Stiff" })).toHaveCount(0);
  await voices.getByLabel("Import a voice: file").setInputFiles(await file.path());
  await expect(voices.getByRole("button", { name: "Stiff" })).toBeVisible();
  await voices
    .getByLabel("Import a voice: file")
    .setInputFiles({ name: "x.json", mimeType: "application/json", buffer: Buffer.from("{}") });
  await expect(voices.getByText("Your voices are unchanged.")).toBeVisible();
  await expectAccessible(page);
  await openStage(page, `${TOUR}/proof`);
  const panel = page.getByRole("region", { name: "Voice", exact: true });
  await expect(panel.getByRole("row").filter({ hasText: "Words a sentence" })).toBeVisible();
  const score = await strip(page).getAttribute("aria-label");
  await choose(panel.getByRole("combobox", { name: "Voice of this post" }), "Stiff");
  await expect(panel).toContainText("It sounds unlike the voice.");
  await expect(panel).toContainText("“children” (say “persons under age”)");
  await expect(panel.getByText("Sentences that differ most")).toBeVisible();
  expect(await strip(page).getAttribute("aria-label")).toBe(score);
  await expectAccessible(page);
});
