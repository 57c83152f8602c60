/** Keyword research as a person does it: from a broad word to a list on a post, and everything around it. */
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Locator, Page } from "@playwright/test";
import { strToU8, zipSync } from "fflate";
import { choose, downloaded, expect, expectAccessible, field, openDesk, test } from "./test";

const LOOK_UP = "/keywords/look-ups/look-up-electric-cargo-bike";
const grid = (page: Page): Locator => page.getByRole("grid");
const tray = (page: Page): Locator => page.getByRole("region", { name: "Chosen keywords" });
/** The row of a keyword, which its second cell says. */
const row = (page: Page, keyword: string): Locator =>
  page
    .getByRole("row")
    .filter({ has: page.locator("[role=gridcell]:nth-child(2)").getByText(keyword, { exact: true }) });
const shownKeywords = (page: Page): Promise<string[]> =>
  grid(page)
    .locator("[role=row] [role=gridcell]:nth-child(2)")
    .evaluateAll((cells) => cells.map((cell) => cell.querySelector("bdi")?.textContent ?? ""));

async function openLookUp(page: Page, path = LOOK_UP): Promise<void> {
  await openDesk(page);
  await page.goto(path);
  await expect(page.getByRole("row").nth(2)).toBeVisible();
}

/** Goes by Tab until something has the focus. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  for (let i = 0; i < 80; i++) {
    if (await target.evaluate((element) => element === document.activeElement).catch(() => false)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error("Tab does not lead there.");
}

test("from a broad word to a list on a post, by keyboard alone", async ({ page }) => {
  await openDesk(page);
  const commands = page.getByPlaceholder("A title, a keyword, a list, an action");
  await page.keyboard.press("Control+k");
  await expect(commands).toBeFocused();
  await page.keyboard.type("look up");
  await page.keyboard.press("Enter");
  const seeds = page.getByLabel("Broad words, separated by commas");
  await expect(seeds).toBeVisible();
  await expect(page.getByLabel("Region and language")).toHaveText(/^River counties/);
  await tabTo(page, seeds);
  await page.keyboard.type("cargo bike lock");
  await page.keyboard.press("Enter");

  // The table of what was found takes the focus.
  await expect(page.getByRole("heading", { name: "cargo bike lock" })).toBeVisible();
  await expect(grid(page)).toBeFocused();
  await expect(page.getByRole("row").nth(3)).toBeVisible();
  await page.keyboard.press(" ");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Shift+ArrowDown");
  await page.keyboard.press("Shift+ArrowDown");
  await expect(tray(page)).toContainText("4 chosen");
  await expect(tray(page)).toContainText(/[\d,]+ searches a month/);
  await page.keyboard.press("Control+a");
  await expect
    .poll(async () => Number(/(\d+) chosen/.exec((await tray(page).textContent())!)![1]))
    .toBeGreaterThan(10);
  await page.keyboard.press("Escape");
  await expect(tray(page)).toContainText("Choose keywords with a click or Space");
  await page.keyboard.press("Home");
  for (const key of [" ", "ArrowDown", " ", "ArrowDown", " "]) await page.keyboard.press(key);
  await expect(tray(page)).toContainText("3 chosen");
  await tabTo(page, page.getByRole("button", { name: "Add to list" }));
  await page.keyboard.press("Enter");
  await expect(page.getByPlaceholder("Name of a list, new or old")).toBeFocused();
  await page.keyboard.type("Locks compared");
  await expect(page.getByRole("option", { name: "New list “Locks compared”" })).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(page.getByText("The list “Locks compared” has 3 keywords.")).toBeVisible();

  await page.keyboard.press("Control+k");
  await expect(commands).toBeFocused();
  await page.keyboard.type("Locks compared");
  await page.keyboard.press("Enter");
  await expect(field(page, "Name of the list")).toHaveValue("Locks compared");
  await expect(page.getByRole("row").nth(3)).toBeVisible();
  await tabTo(page, grid(page));
  const first = (await shownKeywords(page)).at(0)!;
  await page.keyboard.press("Enter");
  await tabTo(page, page.getByRole("button", { name: "Make it the target" }));
  await page.keyboard.press("Enter");
  await expect(page.getByText("The target of this list")).toBeVisible();
  await tabTo(page, page.getByRole("button", { name: "New post from this list" }));
  await page.keyboard.press("Enter");

  // The post's Find stage has the list.
  const own = page.getByRole("region", { name: "Keywords of this post" });
  await expect(own.getByText(first, { exact: true })).toBeVisible();
  await expect(
    own.getByRole("listitem").filter({ has: page.getByRole("button", { name: /^Make “/ }) }),
  ).toHaveCount(2);
  await expect(page.getByText(`for “${first}”`)).toBeVisible();
});

test("a look-up is sifted by ranges, words and intent, sorted by several columns, and hides what never fits", async ({
  page,
}) => {
  await openLookUp(page);
  const said = page.getByRole("status").filter({ hasText: "keywords" }).first();
  await expect(said).toContainText(/^\d+ keywords/);
  const all = /^\d+/.exec((await said.textContent())!)![0];
  await page.getByRole("slider", { name: "Difficulty up to" }).focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("slider", { name: "Difficulty up to" })).toHaveAttribute(
    "aria-valuetext",
    "49",
  );
  await expect(said).toContainText(` of ${all} keywords`);
  await page.getByLabel("Contains", { exact: true }).fill("electric");
  await page.getByLabel("Does not contain").fill("longtail");
  await page.getByLabel("commercial").check();
  await expect
    .poll(async () =>
      (await shownKeywords(page))
        .filter(Boolean)
        .every((text) => /electric/.test(text) && !/longtail/.test(text)),
    )
    .toBe(true);
  // Sorting by intent, then by searches: with Shift a column joins.
  await page.getByRole("button", { name: "Intent" }).click();
  await page.getByRole("button", { name: "Searches" }).click({ modifiers: ["Shift"] });
  await expect(page.getByRole("columnheader", { name: /Intent/ })).toHaveAttribute("aria-sort", "ascending");
  await expect(page.getByRole("columnheader", { name: /Searches/ })).toHaveAttribute(
    "aria-sort",
    "descending",
  );

  await page.getByRole("button", { name: "Clear all" }).click();
  await expect(said).toContainText(new RegExp(`^${all} keywords`));
  await page.getByLabel("Questions only").check();
  await expect(said).toContainText(` of ${all} keywords`);
  await page.getByRole("button", { name: "Clear all" }).click();
  await page.getByLabel("Contains", { exact: true }).fill("best family cargo bike");
  await expect(row(page, "best family cargo bike")).toBeVisible();
  await page.getByLabel("Not used yet").check();
  await expect(row(page, "best family cargo bike")).toBeHidden();
  await page.getByRole("button", { name: "Clear all" }).click();

  await page.getByLabel("Contains", { exact: true }).fill("for sale");
  // Rows move until it is sifted: what is clicked then is another keyword.
  await expect(said).toContainText(/^\d+ of /);
  await row(page, "family cargo bike for sale").click();
  await grid(page).focus();
  await page.keyboard.press("Delete");
  await expect(row(page, "family cargo bike for sale")).toBeHidden();
  await page.reload();
  await expect(page.getByRole("button", { name: "1 hidden for this site" })).toBeVisible();
  await page.getByRole("button", { name: "1 hidden for this site" }).click();
  await page.getByRole("button", { name: "Show “family cargo bike for sale” again" }).click();
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByLabel("Contains", { exact: true }).fill("for sale");
  await expect(row(page, "family cargo bike for sale")).toBeVisible();
});

test("another seed joins a look-up, which is reopened later without asking again", async ({ page }) => {
  await openDesk(page);
  await page.goto("/keywords/look-ups/look-up-winter-cycling");
  await expect(page.getByText("44 keywords")).toBeVisible();
  await choose(page.getByLabel("Region and language"), /^North coast/);
  await page.getByLabel("Broad words, separated by commas").fill("rain cover, battery in winter");
  await page.getByRole("button", { name: "Add to this look-up" }).click();
  await expect(
    page.getByRole("heading", { name: "winter cycling + rain cover + battery in winter" }),
  ).toBeVisible();
  await page.getByLabel("Contains", { exact: true }).fill("battery");
  await expect(row(page, "e-bike battery in winter")).toBeVisible();
  // The row stands there without the filter too.
  await expect(page.getByRole("button", { name: "Clear all" })).toBeVisible();

  let requests = 0;
  await page.route("**/api/standins/search/ideas", (route) => {
    requests++;
    return route.continue();
  });
  await page.getByRole("button", { name: /^Earlier look-ups/ }).click();
  await expect(page.getByRole("link", { name: /cargo bike maintenance/ })).toContainText("27 Oct 2026");
  await page.getByRole("link", { name: /cargo bike maintenance/ }).click();
  await page.getByRole("button", { name: "Clear all" }).click();
  await expect(row(page, "cargo bike maintenance")).toBeVisible();
  await page.getByRole("button", { name: /^Earlier look-ups/ }).click();
  await page.getByRole("button", { name: "Delete the look-up “cargo bike”" }).click();
  await expect(page.getByRole("link", { name: /^cargo bike \d/ })).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("The look-up is deleted.")).toBeHidden();
  await page.getByRole("button", { name: /^Earlier look-ups/ }).click();
  await expect(page.getByRole("link", { name: /^cargo bike \d/ })).toBeVisible();
  expect(requests).toBe(0);
});

test("groups become lists, and the map's selection is the table's", async ({ page }) => {
  await openLookUp(page);
  await page.getByText("Groups", { exact: true }).click();
  await expect(page.getByText(/^\d+ groups, by summed searches$/)).toBeVisible();
  await expectAccessible(page);
  const group = page.getByRole("list", { name: "Groups" }).getByRole("listitem").first();
  const head = (await group.locator("strong").textContent())!;
  await group.getByRole("button", { name: /^Make a list/ }).click();
  await page.getByRole("button", { name: "Open the list" }).click();
  await expect(field(page, "Name of the list")).toHaveValue(head);
  await expect(grid(page).getByText(head, { exact: true })).toBeVisible();

  await page.goto(LOOK_UP);
  await page.getByText("Map", { exact: true }).click();
  const map = page.getByRole("img", { name: /keywords by searches and difficulty/ });
  await expect(map.locator(".apexcharts-marker").first()).toBeVisible();
  await expectAccessible(page);
  const box = (await map.boundingBox())!;
  await page.mouse.move(box.x + 120, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(tray(page)).toContainText(/\d+ chosen/);
  const chosen = Number(/([\d,]+) chosen/.exec((await tray(page).textContent())!)![1]);
  expect(chosen).toBeGreaterThan(0);
  await page.getByText("Table", { exact: true }).click();
  await expect(tray(page)).toContainText(`${chosen} chosen`);
  // What was chosen on the map is chosen in the table, once its rows are drawn.
  await expect(grid(page).locator("[aria-selected]").first()).toBeVisible();
  await expect.poll(() => grid(page).locator("[aria-selected=true]").count()).toBeGreaterThan(0);
});

test("one keyword tells its year, its questions and what ranks, and says so where the service fails", async ({
  page,
  watch,
}) => {
  watch.expected.push(/503/);
  await openLookUp(page, "/keywords/look-ups/look-up-winter-cycling");
  await page.getByLabel("Contains", { exact: true }).fill("winter cycling with children");
  // Rows move until it is sifted: what is clicked then is another keyword.
  await expect(page.getByText(/^\d+ of [\d,]+ keywords/)).toBeVisible();
  await row(page, "winter cycling with children").dblclick();
  const detail = page.getByRole("complementary", { name: "Keyword" });
  await expect(detail.getByText(/^peaks in (?:November|December|January)/i)).toBeVisible();
  await expect(
    detail.getByRole("img", { name: /^Searches for winter cycling with children by month/ }),
  ).toBeVisible();
  await expect(detail.getByText("Figures: stand-in.")).toBeVisible();
  await page.waitForTimeout(500);
  await expectAccessible(page);

  await page.route("**/api/standins/search/ranking", (route) =>
    route.fulfill({ status: 503, json: { error: { code: "x", message: "It is having a rest." } } }),
  );
  await detail.getByRole("button", { name: "Close the detail" }).click();
  await page.getByLabel("Contains", { exact: true }).fill("lights");
  await expect(row(page, "winter cycling with children")).toBeHidden();
  await grid(page).focus();
  await page.keyboard.press("Enter");
  await expect(detail.getByRole("alert")).toContainText("It is having a rest. The numbers above are kept.");
  await page.unroute("**/api/standins/search/ranking");
  await detail.getByRole("button", { name: "Try again" }).click();
  await expect(detail.getByRole("alert")).toBeHidden();
});

test("an article's keywords join the choice, and it becomes an idea and a post", async ({ page }) => {
  await openLookUp(page);
  await page.getByText(/^Articles on the subject/).click();
  const article = page.getByRole("listitem").filter({ hasText: "Cargo bike motors explained" }).first();
  await article.getByRole("button", { name: /^Keywords of/ }).click();
  await article.getByRole("button", { name: /^Choose all keywords of/ }).click();
  await expect(page.getByText(/^\d+ keywords chosen\. They wait in the table\.$/)).toBeVisible();
  await expectAccessible(page);
  await article.getByRole("button", { name: /^Write our own on/ }).click();
  await page.getByText("Keywords", { exact: true }).last().click();
  await expect(tray(page)).toContainText(/\d+ chosen/);
  await page.getByRole("link", { name: "Ideas" }).click();
  const idea = page.getByRole("listitem").filter({ hasText: "Article: Cargo bike motors explained" });
  await expect(idea).toBeVisible();
  await page.getByLabel("Search ideas").fill("bike bus");
  await expect(idea).toBeHidden();
  await page.getByLabel("Search ideas").fill("");
  await idea.getByRole("button", { name: /^Delete the idea/ }).click();
  await expect(idea).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await idea.getByRole("button", { name: /^Make a post of/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Our own:");
  await expect(
    page
      .getByRole("region", { name: "Keywords of this post" })
      .getByRole("button", { name: /^Make “/ })
      .first(),
  ).toBeVisible();
  await page.goto("/keywords/ideas");
  await page.getByLabel("Title").fill("Bells of the old town");
  await page.getByLabel("Keywords, the first is the target").fill("bike bell, loud bell");
  await page.getByRole("button", { name: "Keep the idea" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "bike bell, loud bell" })).toBeVisible();
});

test("lists are named, merged, parted, copied and deleted, and every step can be undone", async ({
  page,
}) => {
  await openDesk(page);
  await page.goto("/keywords/lists/free-1");
  const name = field(page, "Name of the list");
  await expect(name).toHaveValue("School run in the dark");
  await name.fill("Dark mornings");
  await name.press("Enter");
  await expect(page.getByRole("link", { name: /Dark mornings/ })).toBeVisible();

  // By mouse, to a list in the rail.
  const lights = row(page, "cargo bike lights");
  await expect(lights).toBeVisible();
  const target = page.getByRole("link", { name: /^Trades/ });
  const from = (await lights.boundingBox())!;
  const to = (await target.boundingBox())!;
  await page.mouse.move(from.x + 120, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 90, from.y + 20, { steps: 4 });
  await page.mouse.move(to.x + 60, to.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(page.getByText("1 keyword moved to “Trades”.")).toBeVisible();
  await expect(lights).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(lights).toBeVisible();

  // Parted: two keywords become a list of their own.
  await row(page, "school run in the dark").click();
  await lights.click();
  await page.getByRole("button", { name: "Move to" }).click();
  await page.getByPlaceholder("Name of a list, new or old").fill("Seen at night");
  await page.keyboard.press("Enter");
  await expect(page.getByText("2 keywords split off into “Seen at night”.")).toBeVisible();
  await expect(page.getByRole("link", { name: /^Seen at night/ })).toContainText("2");
  await page.getByRole("button", { name: "Merge a list" }).click();
  await page.getByPlaceholder("Name of a list").fill("Seen");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /^Seen at night/ })).toBeHidden();
  await expect(lights).toBeVisible();

  await page.getByRole("button", { name: "Duplicate" }).click();
  await expect(name).toHaveValue("Dark mornings, copy");
  await page.getByRole("button", { name: "Delete the list" }).click();
  await expect(page.getByText("The list “Dark mornings, copy” is deleted.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(page.getByRole("link", { name: /^Dark mornings, copy/ })).toBeVisible();

  // A pasted column: known numbers come in, unknown ones stay empty.
  await page.getByRole("link", { name: /^Trades/ }).click();
  await expect(name).toHaveValue("Trades");
  await page.getByRole("button", { name: "Paste keywords" }).click();
  await page
    .getByLabel("One keyword per line")
    .fill("cargo bike alarm\nzebra polish for bells\n\nCargo bike for plumbers");
  await page.getByRole("button", { name: "Add to the list" }).click();
  await expect(page.getByText("2 keywords added to “Trades”; it had 1 already.")).toBeVisible();
  await expect(row(page, "cargo bike alarm")).not.toContainText("––");
  await expect(row(page, "zebra polish for bells").getByRole("gridcell").nth(2)).toHaveText("–");

  // A note, and the target.
  await row(page, "cargo bike for florists").dblclick();
  await page.getByLabel("Note").fill("Ask the shop on the bridge");
  await page.getByRole("button", { name: "Make it the target" }).last().click();
  // The target goes to the top of the list, and the detail stays with it.
  await expect(row(page, "cargo bike for florists")).toContainText("target");
  const detail = page.getByRole("complementary", { name: "Keyword" });
  await expect(detail.getByText("The target of this list")).toBeVisible();
  await expect(detail.getByRole("heading", { level: 2 })).toHaveText("cargo bike for florists");
  await page.reload();
  await expect(row(page, "cargo bike for florists")).toContainText("target");
  await row(page, "cargo bike for florists").dblclick();
  await expect(page.getByLabel("Note")).toHaveValue("Ask the shop on the bridge");
});

test("overlap is seen in the matrix, on the list and where a target is chosen", async ({ page }) => {
  await openDesk(page);
  await page.goto("/keywords/overlap");
  const cell = page
    .getByRole("button", { name: /^cargo bike hire shares \d+ % with cargo bike hire, same target$/ })
    .first();
  await cell.click();
  await expect(page.getByText("Both have the same target: their posts compete.")).toBeVisible();
  await cell.press("ArrowDown");
  await expect(cell).not.toBeFocused();
  await page.goto("/keywords/lists/list-weekend-cargo-bike-hire");
  await expect(page.getByText(/same target, “cargo bike hire”/)).toBeVisible();
  await page.goto("/keywords/lists/free-1");
  await expect(page.getByText(/over the site's 5 %/)).toBeVisible();
  await page.goto("/settings");
  await page.getByLabel("Overlap").fill("60");
  await page.getByRole("link", { name: "Keywords", exact: true }).click();
  await page.getByRole("link", { name: "Lists", exact: true }).click();
  await page.getByRole("link", { name: /^School run in the dark/ }).click();
  await expect(page.getByText(/within the site's 60 %/)).toBeVisible();
  // A live post's target suggests improving that post.
  await page.goto("/post/carrying-a-dog/find");
  await page.getByLabel("Type a keyword of your own").fill("Cargo bikes maintenance");
  await page.getByRole("button", { name: "Use as target" }).click();
  await expect(page.getByRole("alert")).toContainText(
    "It is live: improving it may be worth more than a second post.",
  );
});

test("a keyword file is looked at, corrected and read, with every row accounted for", async ({ page }) => {
  await openDesk(page);
  await page.goto("/keywords");
  await page.getByRole("button", { name: "Import a file" }).click();
  const text =
    'Report\n\nBegriff;Zahl;Schwierigkeit;CPC\nLastenrad mieten;1.900;45;0,82\n;20;5;1,0\nlastenrad  mieten;77;;\n"offen;1;2;3\nFamilienrad;viel;12;0,20\n=SUMME(A1);10;1;0,10\n';
  const bytes = Buffer.concat([Buffer.of(0xff, 0xfe), Buffer.from(text, "utf16le")]);
  await page
    .getByLabel("Choose a file: file")
    .setInputFiles({ name: "räder.csv", mimeType: "text/csv", buffer: bytes });
  await expect(page.getByLabel("Encoding")).toHaveText("UTF-16 LE");
  await expect(page.getByLabel("Separator")).toHaveText("semicolon");
  await expect(page.getByLabel("Decimal mark")).toHaveText(/^comma/);
  await expect(page.getByLabel("Header")).toHaveText(/^line 3/);
  await choose(page.getByLabel("Begriff is"), "Keyword");
  await choose(page.getByLabel("Zahl is"), "Searches a month");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Read the file" }).click();
  await expect(page.getByText("9 rows read from")).toBeVisible();
  const rejected = page.getByRole("region", { name: "Rejected rows" });
  await expect(rejected).toContainText("line 5 Its keyword is empty.");
  await expect(rejected).toContainText("line 7 Its quotes are broken");
  const file = await downloaded(page, () =>
    rejected.getByRole("button", { name: "All of them as CSV" }).click(),
  );
  expect(readFileSync(file.path, "utf8")).toContain("5,Its keyword is empty.");
  await page.getByText("1 cell could not be read").click();
  await expect(page.getByText("line 8, column 2")).toBeVisible();
  await page.getByRole("button", { name: "Keep 3 keywords" }).click();
  await expect(page.getByRole("heading", { name: "räder.csv" })).toBeVisible();
  await expect(row(page, "Lastenrad mieten")).toContainText("1,900");
  await expect(page.getByText("Figures: stand-in")).toBeHidden();

  const csv = await downloaded(page, () => page.getByRole("button", { name: "Shown as CSV" }).click());
  const out = readFileSync(csv.path, "utf8");
  expect(out.startsWith("\uFEFFKeyword,Searches")).toBe(true);
  expect(out).toContain("'=SUMME(A1)");
});

test("a workbook is read, and what is no table is refused with nothing lost", async ({ page }) => {
  await openLookUp(page);
  await page.getByRole("button", { name: "Import a file" }).click();
  const choose = page.getByLabel("Choose a file: file");
  await choose.setInputFiles({
    name: "broken.xlsx",
    mimeType: "application/zip",
    buffer: Buffer.from([0x50, 0x4b, 3, 4, 9, 9]),
  });
  await expect(page.getByRole("alert")).toContainText("broken.xlsx could not be read as a table");
  await choose.setInputFiles({ name: "empty.csv", mimeType: "text/csv", buffer: Buffer.from("") });
  await expect(page.getByRole("alert")).toContainText("empty.csv is empty");
  await choose.setInputFiles({
    name: "bytes.csv",
    mimeType: "text/csv",
    buffer: Buffer.from([1, 0, 0, 0, 0, 7, 8, 9]),
  });
  await expect(page.getByRole("alert")).toContainText("not a text file");
  await choose.setInputFiles({
    name: "keywords.xlsx",
    mimeType: "application/zip",
    buffer: workbook([
      ["Keyword", "Search volume", "Difficulty"],
      ["cargo bike bell", 1900, 45],
      ["cargo bike horn", 0.5, null],
    ]),
  });
  await expect(page.getByLabel("Search volume is")).toHaveText("Searches a month");
  await page.getByRole("button", { name: "Read the file" }).click();
  await page.getByRole("button", { name: "Keep 2 keywords" }).click();
  await expect(page.getByRole("heading", { name: "keywords.xlsx" })).toBeVisible();
  await expect(row(page, "cargo bike bell")).toContainText("1,900");
});

/** A large file: the browser reads it from disk, as a person's would be. */
function onDisk(name: string, lines: string[]): string {
  const path = join(mkdtempSync(join(tmpdir(), "keywords-")), name);
  writeFileSync(path, lines.join("\n"));
  return path;
}

/** The least that is a workbook (ECMA-376, part 1). */
function workbook(rows: (string | number | null)[][]): Buffer {
  const main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
  const office = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
  const packaged = "http://schemas.openxmlformats.org/package/2006";
  const cell = (value: string | number | null, r: number, c: number) => {
    const at = `${"ABC"[c]}${r + 1}`;
    if (value === null) return "";
    return typeof value === "number"
      ? `<c r="${at}"><v>${value}</v></c>`
      : `<c r="${at}" t="inlineStr"><is><t>${value}</t></is></c>`;
  };
  const sheet = rows.map(
    (cells, r) => `<row r="${r + 1}">${cells.map((value, c) => cell(value, r, c)).join("")}</row>`,
  );
  const files = {
    "[Content_Types].xml": `<Types xmlns="${packaged}/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>`,
    "_rels/.rels": `<Relationships xmlns="${packaged}/relationships"><Relationship Id="r1" Type="${office}/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    "xl/workbook.xml": `<workbook xmlns="${main}" xmlns:r="${office}"><sheets><sheet name="Keywords" sheetId="1" r:id="r1"/></sheets></workbook>`,
    "xl/_rels/workbook.xml.rels": `<Relationships xmlns="${packaged}/relationships"><Relationship Id="r1" Type="${office}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`,
    "xl/worksheets/sheet1.xml": `<worksheet xmlns="${main}"><sheetData>${sheet.join("")}</sheetData></worksheet>`,
  };
  return Buffer.from(
    zipSync(Object.fromEntries(Object.entries(files).map(([name, xml]) => [name, strToU8(xml)]))),
  );
}

test("a service that is down, slow, empty or answers nonsense is said, and what was there stays", async ({
  page,
  watch,
}) => {
  watch.expected.push(/503|net::ERR_FAILED/);
  await openLookUp(page);
  const seeds = page.getByLabel("Broad words, separated by commas");
  const look = async (what: string) => {
    await seeds.fill(what);
    await page.getByRole("button", { name: "Look up", exact: true }).click();
  };
  await expect(page.getByLabel("Region and language")).toHaveText(/^River counties/);
  await look("mortgage rates");
  await expect(page.getByText(/The stand-in knows no searches like “mortgage rates”/)).toBeVisible();
  await page.getByRole("button", { name: "Dismiss" }).click();

  await page.route("**/api/standins/search/ideas", (route) => route.fulfill({ json: { ideas: "many" } }));
  await look("bike bell");
  await expect(page.getByRole("alert")).toContainText(
    "“bike bell” could not be looked up. The search service answered in a shape that is not the interface's. Nothing that you had is changed.",
  );
  await page.unroute("**/api/standins/search/ideas");
  await page.route("**/api/standins/search/ideas", (route) => route.abort());
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("alert")).toContainText("could not be reached");
  await page.unroute("**/api/standins/search/ideas");
  await expect(page.getByRole("row").nth(2)).toBeVisible();

  // Trouble by the settings: every answer fails; then every answer is slow, and is cancelled.
  await page.goto("/settings#connections");
  await page.getByLabel("Error rate", { exact: true }).fill("100");
  await page.getByRole("button", { name: "Try the connection" }).click();
  await expect(page.getByRole("alert")).toContainText("failed on purpose");
  await page.goto(LOOK_UP);
  await expect(page.getByRole("alert")).toContainText("Your earlier look-ups are still here");
  await expect(page.getByRole("row").nth(2)).toBeVisible();
  await page.goto("/settings#connections");
  await page.getByLabel("Error rate", { exact: true }).fill("0");
  await page.getByRole("button", { name: "Try the connection" }).click();
  await expect(page.getByText("“Stand-in search” answers, with 2 regions; it is a stand-in.")).toBeVisible();
  await page.getByLabel("Delay", { exact: true }).fill("4000");
  await page.getByRole("link", { name: "Keywords", exact: true }).click();
  await expect(page.getByLabel("Region and language")).toHaveText(/^River counties/);
  await look("bike bus");
  await expect(page.getByText("Asking about “bike bus”, 1 of 1 …")).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  await expect(page.getByText(/^Asking about/)).toBeHidden();
  await expect(page.getByRole("heading", { name: "electric cargo bike + family cargo bike" })).toBeVisible();
});

test("another service that speaks the interface is asked at its address", async ({ page, baseURL }) => {
  await openDesk(page);
  await page.goto("/settings#connections");
  await choose(page.getByRole("combobox", { name: "Search" }), "A service at another address");
  const address = page.getByRole("region", { name: "Connections" }).getByLabel("Address");
  await address.fill("keywords");
  await address.blur();
  await expect(page.getByText("An address such as https://keywords.example/v1 is needed.")).toBeVisible();
  // The stand-in of this very server, reached as any other service would be.
  await address.fill(`${baseURL}/api/standins/search`);
  await address.blur();
  await page.getByRole("button", { name: "Try the connection" }).click();
  await expect(page.getByText("“Stand-in search” answers, with 2 regions; it is a stand-in.")).toBeVisible();
  await page.goto("/keywords");
  await page.getByLabel("Broad words, separated by commas").fill("bike bus");
  await page.getByRole("button", { name: "Look up", exact: true }).click();
  await expect(page.getByRole("heading", { name: "bike bus" })).toBeVisible();
  await expect(row(page, "bike bus to school")).toBeVisible();
});

test("reading a very large file shows how far it is, and can be cancelled", async ({ page }) => {
  test.setTimeout(120_000);
  const lines = Array.from({ length: 700_000 }, (_, i) => `bike part ${i},"1,${100 + (i % 900)}",${i % 101}`);
  const vast = onDisk("vast.csv", lines);
  await openLookUp(page);
  await page.getByRole("button", { name: "Import a file" }).click();
  await page.getByLabel("Choose a file: file").setInputFiles(vast);
  await page.getByRole("button", { name: "Read the file" }).click({ timeout: 60_000 });
  await expect(page.getByText(/^line [\d,]+ of 700,000$/)).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  // Back at the columns, with nothing read; closing leaves everything as it was.
  await expect(page.getByRole("button", { name: "Read the file" })).toBeVisible({ timeout: 60_000 });
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("row").nth(2)).toBeVisible();
  await expect(page.getByRole("button", { name: "Earlier look-ups (4)" })).toBeVisible();
});

test("a hundred thousand keywords are read, sifted, sorted, scrolled, chosen and grouped", async ({
  page,
}) => {
  test.setTimeout(180_000);
  const lines = ["Keyword,Volume,KD"];
  for (let i = 0; i < 100_000; i++)
    lines.push(
      `${["best", "used", "how to fix a", "small"][i % 4]} bike part ${i},${(i * 37) % 50_000},${i % 101}`,
    );
  await openDesk(page);
  await page.goto("/keywords");
  await page.getByRole("button", { name: "Import a file" }).click();
  await page.getByLabel("Choose a file: file").setInputFiles(onDisk("huge.csv", lines));
  await page.getByRole("button", { name: "Read the file" }).click();
  await expect(page.getByText("100,001 rows read from")).toBeVisible({ timeout: 60_000 });
  await page.getByRole("button", { name: "Keep 100,000 keywords" }).click();
  await expect(page.getByRole("heading", { name: "huge.csv" })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("row").nth(3)).toContainText("bike part", { timeout: 60_000 });
  expect(await page.getByRole("row").count()).toBeLessThan(80);
  await expectAccessible(page);
  await grid(page).focus();
  await page.keyboard.press("End");
  await expect(page.getByRole("row").last()).toContainText("bike part");
  await expect(grid(page)).toHaveAttribute("aria-rowcount", "100001");
  await page.getByLabel("Contains", { exact: true }).fill("part 99999");
  await expect(grid(page)).toHaveAttribute("aria-rowcount", "2", { timeout: 20_000 });
  await page.getByLabel("Contains", { exact: true }).fill("");
  await expect(grid(page)).toHaveAttribute("aria-rowcount", "100001", { timeout: 20_000 });
  await page.getByRole("button", { name: "Keyword", exact: true }).click();
  await expect(page.getByRole("row").nth(1)).toContainText("best bike part 0", { timeout: 20_000 });
  await grid(page).focus();
  await page.keyboard.press("Control+a");
  await expect(tray(page)).toContainText("100,000 chosen", { timeout: 20_000 });
  await page.getByText("Groups", { exact: true }).click();
  await expect(page.getByText(/^[\d,]+ groups?, by summed searches$/)).toBeVisible({ timeout: 60_000 });
});
