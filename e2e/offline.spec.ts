/** With the network gone: everything that is there works, what is not there says so in its place, and comes with the network. */
import { expect, openDesk, openStage, sheet, TOUR, test } from "./test";

test.describe("after the first visit", () => {
  test.use({ serviceWorkers: "allow" });

  test("every place and stage works offline, and what is written is kept", async ({
    page,
    context,
    watch,
  }) => {
    watch.expected.push(/ERR_INTERNET_DISCONNECTED|Failed to load resource|Failed to fetch/);
    await openDesk(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect
      .poll(() =>
        page.evaluate(
          async () => (await caches.keys()).length > 0 && Boolean(navigator.serviceWorker.controller),
        ),
      )
      .toBe(true);
    await context.setOffline(true);
    await openStage(page, `${TOUR}/find`);
    for (const stage of ["Plan", "Write", "Proof", "Release"]) {
      await page
        .getByRole("navigation", { name: "Stages" })
        .getByRole("link", { name: new RegExp(`^${stage}`) })
        .click();
      await expect(page).toHaveURL(new RegExp(`${stage.toLowerCase()}$`));
      await expect(page.getByText("could not be loaded")).toHaveCount(0);
    }
    await openStage(page, `${TOUR}/write`);
    await sheet(page).press("Control+End");
    await page.keyboard.type("Written on the train.");
    await expect(page.getByText("Saved", { exact: true })).toBeVisible();
    await page.reload();
    await expect(sheet(page)).toContainText("Written on the train.");
    for (const [address, heading] of [
      ["/settings", "Settings"],
      ["/keywords/lists", "Keywords"],
      ["/keywords/overlap", "Keywords"],
      ["/", "The Long Haul"],
    ] as const) {
      await page.goto(address);
      await expect(page.getByRole("heading", { level: 1, name: heading })).toBeAttached();
    }
    // A service is not kept: asked offline, it says so.
    const kept = await page.evaluate(async () => {
      const all = await Promise.all(
        (await caches.keys()).map(async (name) => (await caches.open(name)).keys()),
      );
      return all.flat().map(({ url }) => new URL(url).pathname);
    });
    expect(kept.length).toBeGreaterThan(50);
    expect(kept.filter((path) => path.startsWith("/api"))).toEqual([]);
    await context.setOffline(false);
  });
});

test("a stage that cannot be loaded says so in its place, and comes when it can be", async ({
  page,
  watch,
}) => {
  watch.expected.push(/Failed to load resource|ERR_FAILED|dynamically imported module/);
  await openStage(page, `${TOUR}/write`);
  await page.route(/\/assets\/(?:Proof|Release)-/, (route) => route.abort());
  const stages = page.getByRole("navigation", { name: "Stages" });
  await stages.getByRole("link", { name: /^Proof/ }).click();
  const alert = page.getByRole("alert").filter({ hasText: "Proof could not be loaded" });
  await expect(alert).toBeVisible();
  // The rest of the screen is there, and other stages are a click away.
  await expect(page.getByRole("link", { name: "Desk" })).toBeVisible();
  await stages.getByRole("link", { name: /^Write/ }).click();
  await expect(sheet(page)).toBeVisible();
  await stages.getByRole("link", { name: /^Proof/ }).click();
  await expect(alert).toBeVisible();
  await page.unroute(/\/assets\/(?:Proof|Release)-/);
  await alert.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("region", { name: "To gain" })).toBeVisible();
});
