/** A week of posts is put on the calendar in one sitting. */
import { readFileSync } from "node:fs";
import { downloaded, expect, expectAccessible, openDesk, test } from "./test";

test("posts are placed on free slots, moved by mouse and keys, and go out as a file", async ({
  page,
  request,
}) => {
  await openDesk(page);
  await page.getByLabel("Import posts: files").setInputFiles(
    ["Lanes", "Bridges", "Ferries"].map((name, at) => ({
      name: `${name}.md`,
      mimeType: "text/markdown",
      buffer: Buffer.from(
        `---\ntitle: ${name} of the old town\nslug: old-town-${at}\nkeyword: old town ${name}\ndescription: About ${name} of the old town.\n---\n\nText.\n\n![A picture of ${name}](https://pictures.example/${at}.jpg)`,
      ),
    })),
  );
  await expect(page.getByRole("link", { name: "Ferries of the old town" }).first()).toBeVisible();
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: "Calendar" }).click();
  const month = page.getByRole("table", { name: "Month" });
  await expect(month).toBeVisible();
  await expectAccessible(page);
  // Every day, so that the slots come soon.
  for (const day of ["Tuesday", "Wednesday", "Friday", "Saturday", "Sunday"])
    await page.getByRole("button", { name: day, exact: true }).click();
  for (const name of ["Lanes", "Bridges", "Ferries"])
    await page.getByRole("checkbox", { name: `Choose “${name} of the old town”` }).check();
  await page.getByRole("button", { name: "Schedule 3 posts in the next free slots" }).click();
  await expect(page.getByText(/^Scheduled 3 posts, the first for/)).toBeVisible();
  for (const name of ["Lanes", "Bridges", "Ferries"])
    await expect(
      page.getByRole("button", { name: new RegExp(`^${name} of the old town, goes live at 08:00`) }),
    ).toBeVisible();

  // The blog has them, and keeps them back.
  const { origin } = (await (await page.request.get("/api/blog/stand-in")).json()) as { origin: string };
  await expect
    .poll(async () => {
      const answer = await page.request.post("/api/blog/stand-in/ask", { data: { query: { q: "source" } } });
      return JSON.stringify(await answer.json());
    })
    .toContain("old-town-2");
  expect((await request.get(`${origin}/journal/old-town-2`)).status()).toBe(404);

  // A week later by one key; then it is there after a reload, too.
  const ferries = page.getByRole("button", { name: /^Ferries of the old town, goes live/ });
  await ferries.focus();
  await page.keyboard.press("Alt+ArrowDown");
  await expect(page.getByText(/^“Ferries of the old town” goes live/)).toBeVisible();
  await page.getByRole("radio", { name: "Week" }).click();
  const week = page.getByRole("table", { name: "Week" });
  // How many weeks it is away depends on the day of today.
  await expect(async () => {
    await page.getByRole("button", { name: "Week after" }).click();
    await expect(week).toContainText("Ferries of the old town", { timeout: 1000 });
  }).toPass();

  // A due date by a day that a post is put on; then by its sheet.
  await page.getByRole("button", { name: /^Carrying a dog in a cargo bike/ }).click();
  const sheet = page.getByRole("dialog", { name: "Carrying a dog in a cargo bike" });
  await expect(sheet.getByRole("button", { name: "Due, none" })).toBeVisible();
  await expectAccessible(page, { within: "[role=dialog]" });
  await page.keyboard.press("Escape");
  const cell = page.getByRole("table", { name: "Week" }).getByRole("cell").nth(2);
  await cell.scrollIntoViewIfNeeded();
  const from = (await page.getByRole("button", { name: /^Carrying a dog in a cargo bike/ }).boundingBox())!;
  const to = (await cell.boundingBox())!;
  await page.mouse.move(from.x + 30, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y - 20, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height - 30, { steps: 12 });
  await page.mouse.up();
  await expect(page.getByText(/^“Carrying a dog in a cargo bike” is due on/)).toBeVisible();
  await expect(cell).toContainText("Carrying a dog");

  const file = await downloaded(page, () =>
    page.getByRole("button", { name: "Export as iCalendar" }).click(),
  );
  const text = readFileSync(file.path, "utf8");
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect(text).toContain("SUMMARY:Goes live: Lanes of the old town");
  expect(text).toContain("SUMMARY:Due: Carrying a dog in a cargo bike");
});
