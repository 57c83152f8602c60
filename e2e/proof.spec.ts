/** Proofing, as a marketer does it: fix, plan the way, try words, compare, set aside, take the report away; and the site as a whole. */
import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import {
  choose,
  downloaded,
  expect,
  expectAccessible,
  keptScore,
  openDesk,
  openStage,
  scoreOf,
  sheet,
  TOUR,
  test,
} from "./test";

const ID = TOUR.split("/").at(-1)!;

async function openProof(page: Page, path = TOUR): Promise<void> {
  await openDesk(page);
  await openStage(page, `${path}/proof`);
  await expect(page.getByRole("region", { name: "To gain" })).toBeVisible();
}
const ledger = (page: Page) => page.getByRole("region", { name: "Ledger" });
const gainIn = (text: string): number => Number(/\+([\d.]+)/.exec(text)![1]);

test("a fix shows what was and what will be, gains what it promised, and is undone", async ({ page }) => {
  await openProof(page);
  const before = await keptScore(page, ID);
  await ledger(page).getByRole("button", { name: "Fix “Keyword in the meta title”" }).click();
  const offer = ledger(page)
    .getByRole("button", { name: /^Fix: Make the meta title fit/ })
    .first();
  const promised = gainIn((await offer.textContent())!);
  expect(promised).toBeGreaterThan(1);
  await expectAccessible(page);
  await offer.click();
  await expect(ledger(page).getByText(/^The meta title has it/)).toBeVisible();
  await expect.poll(async () => Math.abs((await keptScore(page, ID)) - before - promised)).toBeLessThan(0.06);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(ledger(page).getByText(/^The meta title does not say/)).toBeVisible();
  await expect.poll(async () => Math.abs((await keptScore(page, ID)) - before)).toBeLessThan(1e-9);
});

test("several fixes are one step; generated text is reviewed before release", async ({ page }) => {
  await openProof(page);
  const before = await keptScore(page, ID);
  await page.getByRole("button", { name: /^Fix \d+ things$/ }).click();
  const dialog = page.getByRole("dialog", { name: "Fix several" });
  await dialog.getByLabel(/Start the alt texts/).check();
  await expectAccessible(page);
  const promised = gainIn((await dialog.getByText(/together$/).textContent())!);
  await dialog.getByRole("button", { name: /^Fix \d+ things$/ }).click();
  await expect(page.getByText(/^\d+ fixes: \+/)).toBeVisible();
  await expect.poll(async () => Math.abs((await keptScore(page, ID)) - before - promised)).toBeLessThan(0.06);
  const toReview = page.getByRole("region", { name: "To review" });
  await expect(toReview).toContainText("Two children in a box bike");
  await page
    .getByRole("navigation", { name: "Stages" })
    .getByRole("link", { name: /Release/ })
    .click();
  await expect(page.getByText("Generated text reviewed")).toBeVisible();
  await page.getByRole("navigation", { name: "Stages" }).getByRole("link", { name: /Proof/ }).click();
  await toReview.getByRole("button", { name: /^Accept “Two children/ }).click();
  await expect(toReview).toHaveCount(0);
});

test("fixes of the text are one step of undo in the editor, too", async ({ page }) => {
  await openDesk(page);
  await openStage(page, `${TOUR}/write`);
  const words = () => sheet(page).locator("p").allTextContents();
  const was = await words();
  await page.getByRole("navigation", { name: "Stages" }).getByRole("link", { name: /Proof/ }).click();
  await ledger(page).getByRole("button", { name: "Fix “Alt text”" }).click();
  await ledger(page)
    .getByRole("button", { name: /^Fix: Start the alt texts/ })
    .click();
  await expect(page.getByRole("region", { name: "To review" })).toBeVisible();
  await page.getByRole("navigation", { name: "Stages" }).getByRole("link", { name: /Write/ }).click();
  await expect(page.getByRole("textbox", { name: /Alt text/ }).first()).toHaveValue(
    "Two children in a box bike",
  );
  await sheet(page).press("Control+z");
  await expect(page.getByRole("textbox", { name: /Alt text/ }).first()).toHaveValue("");
  expect(await words()).toEqual(was);
});

test("undoing a fix leaves what was written since", async ({ page }) => {
  await openDesk(page);
  await openStage(page, `${TOUR}/proof`);
  await ledger(page).getByRole("button", { name: "Fix “Alt text”" }).click();
  await ledger(page)
    .getByRole("button", { name: /^Fix: Start the alt texts/ })
    .click();
  const undo = page.getByRole("region", { name: /Notifications/ }).getByRole("button", { name: "Undo" });
  await expect(undo).toBeVisible();
  // The notice stays while the pointer is on it.
  await undo.hover();
  await page.getByRole("navigation", { name: "Stages" }).getByRole("link", { name: /Write/ }).press("Enter");
  await sheet(page).press("Control+End");
  await page.keyboard.insertText(" Written since.");
  await undo.click();
  await expect(page.getByRole("textbox", { name: /Alt text/ }).first()).toHaveValue("");
  await expect(sheet(page)).toContainText("Written since.");
});

test("the way to a score follows the aim, and leads to its findings", async ({ page }) => {
  await openProof(page);
  const way = page.getByRole("region", { name: "Way to the score" });
  await expect(way).toContainText(/To pass the best competitor's \d+, these \d+:/);
  const few = await way.getByRole("listitem").count();
  await choose(way.getByLabel("Aim"), "90");
  await expect(way).toContainText("To reach 90");
  expect(await way.getByRole("listitem").count()).toBeGreaterThanOrEqual(few);
  const reaches = Number(/reaches ([\d.]+)/.exec((await way.textContent())!)![1]);
  expect(reaches).toBeGreaterThanOrEqual(90);
  await way.getByRole("button").first().click();
  await expect(page.locator(":focus")).toContainText("Keyword in the meta title");
  await choose(way.getByLabel("Aim"), "50");
  await expect(way).toContainText("You are there.");
});

test("the numbers behind a finding add up, with the threshold and who set it", async ({ page }) => {
  await openProof(page);
  const row = ledger(page).getByRole("listitem").filter({ hasText: "Meta title fits" }).first();
  await row.getByText("Why, in numbers").click();
  await expect(row).toContainText(/range\(\d+; 120, 285, 580, 700\) = 0\.\d{3}/);
  await expect(row).toContainText("Default profile, version 4");
  await expect(row).toContainText(/too much: −[\d.]+/);
  const text = (await row.textContent())!;
  const [, share, weight, earned] = /([\d.]+) · (\d+) = ([\d.]+) of/.exec(text)!.map(Number) as [
    number,
    number,
    number,
    number,
  ];
  expect(share * weight).toBeCloseTo(earned, 1);
});

test("other words are tried without touching the draft, kept, and one is taken", async ({ page }) => {
  await openProof(page);
  const before = await scoreOf(page);
  const tries = page.getByRole("region", { name: "What if" });
  await tries.getByRole("button", { name: "Try another wording" }).click();
  await tries
    .getByLabel("Meta title", { exact: true })
    .fill("Electric cargo bike for families: how to choose");
  await expect(tries).toContainText(/Keyword in the meta title \+6\.2/);
  await expect(page.getByRole("region", { name: "On a wide screen" })).toContainText(
    "Electric cargo bike for families: how to choose",
  );
  expect(await scoreOf(page)).toBe(before);
  await expectAccessible(page);
  await page.reload();
  await tries.getByRole("button", { name: /^1\. Electric cargo bike/ }).click();
  const gained = async () => /([\d.]+)\s*\+/.exec((await tries.textContent())!.replace(/^.*choose/, ""))?.[1];
  await expect.poll(gained).toBeTruthy();
  const promised = Number(await gained());
  await tries.getByRole("button", { name: "Use it" }).click();
  await expect.poll(() => scoreOf(page)).toBeCloseTo(promised, 0);
});

test("it is compared with a competing page, another post, and how it was", async ({ page }) => {
  await openDesk(page);
  await openStage(page, `${TOUR}/write`);
  await sheet(page).press("Control+End");
  await page.keyboard.insertText(" More.");
  await page.getByRole("navigation", { name: "Stages" }).getByRole("link", { name: /Proof/ }).click();
  const field = page.getByRole("region", { name: "Among competitors" });
  await field.getByRole("button", { name: /^Compare with competitors/ }).click();
  const dialog = page.getByRole("dialog", { name: "Compare" });
  await expect(dialog.getByRole("row")).not.toHaveCount(0);
  await expectAccessible(page);
  // The points of the rows make up the difference of the scores.
  const said = /([\d.]+) here, ([\d.]+) there/.exec((await dialog.getByRole("status").textContent())!)!;
  const points = (
    await dialog
      .getByRole("row")
      .evaluateAll((rows) => rows.map((row) => row.lastElementChild!.textContent ?? ""))
  )
    .map((text) => Number(text.replace("−", "-")))
    .filter((n) => !Number.isNaN(n));
  expect(points.reduce((sum, n) => sum + n, 0)).toBeCloseTo(Number(said[1]) - Number(said[2]), 0);
  await choose(
    dialog.getByLabel("This post with"),
    "Delivery by cargo bike: why delivery by cargo bike beats the van",
  );
  await expect(dialog.getByRole("columnheader", { name: "There" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page
    .getByRole("region", { name: "Score over time" })
    .getByRole("button", { name: "What moved it" })
    .click();
  await expect(dialog.getByRole("columnheader", { name: "Then" })).toBeVisible();
  await expect(dialog.getByRole("status")).toContainText(/^From [\d.]+ to [\d.]+/);
});

test("a check is set aside for the whole site, and judged again in Settings", async ({ page }) => {
  await openProof(page);
  await ledger(page).getByRole("button", { name: "Set “Keyword in a subheading” aside" }).click();
  await page.getByLabel(/Why does this check not apply here/).fill("Our headings are for mechanics");
  await page.getByLabel("for the whole site").check();
  await ledger(page).getByRole("button", { name: "Set aside", exact: true }).click();
  await expect(
    ledger(page).getByText("Set aside for the whole site: Our headings are for mechanics"),
  ).toBeVisible();
  await openStage(page, "/post/delivery-by-cargo-bike/proof");
  await expect(
    ledger(page).getByText("Set aside for the whole site: Our headings are for mechanics"),
  ).toBeVisible();
  await page.goto("/settings");
  await page.getByRole("button", { name: "Judge “Keyword in a subheading” again" }).click();
  await expect(page.getByText("“Keyword in a subheading” is judged again.")).toBeVisible();
  await openStage(page, `${TOUR}/proof`);
  await expect(
    ledger(page).getByRole("button", { name: "Set “Keyword in a subheading” aside" }),
  ).toBeVisible();
});

test("the report is exported in each format", async ({ page }) => {
  await openProof(page);
  for (const [name, ending, says] of [
    ["HTML, to print or share", "html", "<h3>Reading</h3>"],
    ["Markdown", "md", "### Reading"],
    ["JSON", "json", '"reading-ease"'],
    ["CSV, for a spreadsheet", "csv", "reading-ease"],
  ] as const) {
    const file = await downloaded(page, async () => {
      await page.getByRole("button", { name: "Report" }).click();
      await page.getByRole("menuitem", { name }).click();
    });
    expect(file.name).toMatch(new RegExp(`^proof-electric.*\\.${ending}$`));
    expect(readFileSync(file.path, "utf8")).toContain(says);
  }
});

test("the shared report opens without the application, and runs nothing", async ({ page }) => {
  await openDesk(page);
  const { path } = await downloaded(page, async () => {
    await page.getByRole("button", { name: "Report" }).click();
    await page.getByRole("menuitem", { name: /HTML/ }).click();
  });
  const html = readFileSync(path, "utf8");
  const shared = await page.context().newPage();
  await shared.setContent(html);
  await expect(shared.getByRole("heading", { level: 1, name: "Proof of 14 posts" })).toBeVisible();
  await expect(shared.getByRole("table").first().getByRole("row")).toHaveCount(15);
  await expectAccessible(shared);
  await shared.close();
});

test("the Desk sifts by a finding and fixes what it shows, with a preview and a way back", async ({
  page,
}) => {
  await openDesk(page);
  const all = page.getByRole("region", { name: "All posts" });
  await all.getByRole("button", { name: /^Alt text/ }).click();
  const sifted = page.getByText(/^\d+ posts? of 14$/);
  const many = Number.parseInt((await sifted.textContent())!, 10);
  await page.getByRole("button", { name: "Fix these …" }).click();
  const dialog = page.getByRole("dialog", { name: `Fix ${many} posts` });
  await dialog.getByLabel(/Start the alt texts/).check();
  await expect(dialog.getByText(/^\d+ posts would change/)).toBeVisible();
  await expect(dialog).toContainText("Two children in a box bike");
  await expectAccessible(page);
  await dialog.getByRole("button", { name: /^Fix \d posts$/ }).click();
  await expect(page.getByText(/^\d posts fixed\./)).toBeVisible();
  await expect(sifted).not.toHaveText(`${many} posts of 14`);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(sifted).toHaveText(`${many} posts of 14`);
});

test("a profile is changed in a form, its effect seen before, its faults by field, and taken back", async ({
  page,
}) => {
  await openDesk(page);
  await page.goto("/settings");
  await page.getByRole("button", { name: "Change weights and thresholds" }).click();
  const dialog = page.getByRole("dialog", { name: "Weights and thresholds" });
  const weight = dialog.getByLabel("Weight", { exact: true }).first();
  await weight.fill("x");
  await expect(dialog.getByRole("alert")).toContainText("checks.keyword-in-title.weight must be number");
  await expect(dialog.getByRole("button", { name: "Score with this profile" })).toBeDisabled();
  await weight.fill("12");
  await expect(dialog.getByRole("status")).toContainText(/^Mean [\d.]+ → [\d.]+; \d+ of 14 posts move\.$/);
  await expectAccessible(page);
  await dialog.getByText("JSON", { exact: true }).click();
  await dialog.getByLabel("The profile as JSON").fill("{");
  await expect(dialog.getByRole("alert")).toBeVisible();
  await dialog.getByText("Form", { exact: true }).click();
  await expect(weight).toHaveValue("12");
  await dialog.getByRole("button", { name: "Score with this profile" }).click();
  await expect(page.getByText(/Own profile, version 1:/)).toBeVisible();
  await openStage(page, `${TOUR}/proof`);
  await expect(page.getByText(/Scored by Own profile, version 1\./)).toBeVisible();
  await expect(ledger(page).getByText("0 of 12", { exact: true })).toBeVisible();
  await page.goto("/settings");
  await page.getByRole("button", { name: "Use the default profile" }).click();
  await expect(page.getByText(/Default profile, version 4:/)).toBeVisible();
});
