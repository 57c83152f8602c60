/** Settings, Places: what categories, authors, pages and lists say, and the posts of a category moved all at once. */
import { choose, expect, expectAccessible, openDesk, test } from "./test";

test("places of the site are described, and the posts of a category move together and back", async ({
  page,
}) => {
  await openDesk(page);
  await page.goto("/settings#places");
  const places = page.getByRole("region", { name: "Places" });
  const posts = (category: string) => places.getByRole("row", { name: category });
  await expect(posts("Work bikes")).toContainText("2");
  await choose(places.getByLabel("Move the posts of Work bikes to"), "Town and weather");
  await expect(page.getByText(/^2 posts moved\./)).toBeVisible();
  await expect(places.getByLabel("Move the posts of Work bikes to")).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(posts("Work bikes")).toContainText("2");
  await places.getByLabel("Address part of Work bikes").fill("Work Bikes");
  await places.getByLabel("Address part of Work bikes").press("Enter");
  await expect(places.getByRole("alert")).toContainText("Use small letters, figures and hyphens.");
  await places.getByLabel("Address part of Work bikes").fill("work-bikes");

  await places.getByRole("radio", { name: "Authors" }).click();
  await places.getByLabel("Biography of Dev Raman").fill("Dev trues wheels.");
  await places.getByLabel("Biography of Dev Raman").press("Enter");
  await expectAccessible(page);
  await places.getByRole("radio", { name: "Other pages" }).click();
  const done = places.getByText(/^\d+ of \d+ done/);
  const before = Number.parseInt((await done.textContent())!, 10);
  for (const [name, text] of [
    ["Title", "The workshop"],
    ["Description", "Where your bike is looked after."],
    ["Keyword", ""],
  ] as const) {
    await places.getByLabel(`${name} of /workshop`, { exact: true }).fill(text);
    await places.getByLabel(`${name} of /workshop`, { exact: true }).press("Enter");
  }
  await places.getByLabel("Keyword of /workshop").fill("cargo bike workshop");
  await places.getByLabel("Keyword of /workshop").press("Enter");
  await expect
    .poll(async () => Number.parseInt((await done.textContent())!, 10))
    .toBeGreaterThanOrEqual(before);
  await expect(places.getByRole("listitem").filter({ hasText: "/workshop" })).toContainText("done");
  await expectAccessible(page);

  await places.getByRole("radio", { name: "Lists and defaults" }).click();
  // Stored first, then shown.
  await places.getByLabel("Every post").click();
  await places.getByLabel("Town and weather").click();
  await expect(places.getByLabel("Town and weather")).not.toBeChecked();
  await choose(places.getByLabel("Comments"), "Closed");
  await expectAccessible(page);
  // A post that the blog's list page leaves out is said to be on its category's alone, and readers get what was written.
  await page.goto("/post/winter-cycling-with-children/release");
  await expect(page.getByText("Listed on Town and weather.")).toBeVisible();
  await expect(page.getByLabel("Comments")).toContainText("As the site has it: closed");
  await page.goto("/post/delivery-by-cargo-bike/release");
  const readers = page.frameLocator("iframe[title='The page as readers see it']");
  await expect(readers.getByText("Dev trues wheels.")).toBeVisible();
});
