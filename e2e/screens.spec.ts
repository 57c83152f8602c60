/** Every screen: accessible and usable in any window, safe. */
import type { Page } from "@playwright/test";
import { expect, expectAccessible, openDesk, openStage, sheet, strip, TOUR, test } from "./test";

/** Each screen with a sign that it is there; one walk a place, since every walk begins by bringing the demo in. */
const WALKS: Record<string, [path: string, sign: string][]> = {
  "The places": [
    ["/", "Checks by weight"],
    ["/settings", "Start empty"],
    ["/calendar", "Not scheduled"],
    ["/drawer", "Only what is not taken"],
    ["/start", "You can leave at any step"],
    ["/nowhere", "There is nothing at this address"],
  ],
  Keywords: [
    ["/keywords/look-ups", "Opportunity"],
    ["/keywords/lists", "Opportunity"],
    ["/keywords/overlap", "Percentage of the row"],
    ["/keywords/ideas", "Make a post"],
  ],
  "The stages of a post": [
    [`${TOUR}/find`, "Opportunity"],
    [`${TOUR}/plan`, "Outline"],
    [`${TOUR}/write`, "Best next step"],
    [`${TOUR}/proof`, "To gain"],
    [`${TOUR}/release`, "Export"],
  ],
};

/**
 * Windows of every kind: a desk's, half of it, a desk's at twice its size, a telephone's; by day and by night. Colours, which take axe the
 * longest and follow the scheme and not the width, are looked at once in each scheme.
 */
const WINDOWS = [
  { width: 1280, height: 800, colorScheme: "light" },
  { width: 1280, height: 800, colorScheme: "dark", only: ["color-contrast"] },
  // Between a desk's and a telephone's nothing is there that is in neither: only how it fits is looked at.
  { width: 900, height: 800, colorScheme: "light", fits: true },
  { width: 640, height: 400, colorScheme: "dark", fits: true },
  { width: 375, height: 760, colorScheme: "light", without: ["color-contrast"] },
] as const;

async function wear(page: Page, { width, height, colorScheme }: (typeof WINDOWS)[number]): Promise<void> {
  await page.emulateMedia({ colorScheme });
  await page.setViewportSize({ width, height });
  await page.waitForTimeout(150);
}

for (const [name, screens] of Object.entries(WALKS)) {
  test(`${name}: axe finds nothing, and nothing scrolls sideways, in any window by day and by night`, async ({
    page,
  }) => {
    test.setTimeout(300_000);
    await openDesk(page);
    for (const [path, sign] of screens) {
      await wear(page, WINDOWS[0]);
      await page.goto(path);
      await expect(page.getByText(sign).first()).toBeVisible();
      await page.waitForTimeout(400);
      for (const window of WINDOWS) {
        await test.step(`${path} ${window.width} ${window.colorScheme}`, async () => {
          await wear(page, window);
          if (!("fits" in window))
            await expectAccessible(page, {
              ...("only" in window && { only: window.only }),
              ...("without" in window && { without: window.without }),
            });
          const over = await page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
          );
          expect(over).toBeLessThanOrEqual(0);
        });
      }
    }
  });
}

test("at twice its size a screen gives the text at least half of its height", async ({ page }) => {
  await openDesk(page);
  await page.setViewportSize({ width: 640, height: 400 });
  await openStage(page, `${TOUR}/write`);
  await sheet(page).evaluate((text) => text.scrollIntoView({ block: "start" }));
  const free = await page.evaluate(() => {
    let rows = 0;
    for (let y = 0; y < innerHeight; y += 4)
      if (document.elementFromPoint(innerWidth / 2, y)?.closest("[aria-label='Text of the post']")) rows += 4;
    return rows;
  });
  expect(free).toBeGreaterThanOrEqual(200);
});

const DIALOG = "[role=dialog]";

test("axe finds nothing in menus, sheets and forms that are open, by day and by night", async ({ page }) => {
  test.setTimeout(240_000);
  await openDesk(page);
  // The page behind what is open is looked at above.
  const look = async (open?: string) => {
    for (const window of [WINDOWS[0], WINDOWS[1], WINDOWS[4]]) {
      await wear(page, window);
      await expectAccessible(page, {
        ...(open !== undefined && { within: open }),
        ...("only" in window && { only: window.only }),
      });
    }
    await wear(page, WINDOWS[0]);
  };
  await page.getByRole("button", { name: "Start my own site" }).click();
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await expect(page.getByText("The site needs a name.")).toBeVisible();
  await look(DIALOG);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Collect for these/ }).click();
  await expect(page.getByRole("button", { name: /^Collect for \d/ })).toBeVisible();
  await look(DIALOG);
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys and words" })).toBeVisible();
  await look(DIALOG);
  await page.keyboard.press("Escape");
  await openStage(page, `${TOUR}/plan`);
  await page.getByRole("button", { name: "More for “Who it is for”" }).click();
  await expect(page.getByRole("menuitem", { name: "Delete" })).toBeVisible();
  await look("[role=menu]");
  await page.keyboard.press("Escape");
  await openStage(page, `${TOUR}/write`);
  await page.getByRole("region", { name: "Margin notes" }).getByRole("button").first().click();
  await expectAccessible(page);
  await openStage(page, `${TOUR}/proof`);
  await page
    .getByRole("button", { name: /^Set “.*” aside$/ })
    .first()
    .click();
  await look("form");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Fix \d+ things$/ }).click();
  await expect(page.getByRole("button", { name: /^Fix \d+ things?$/ })).toBeVisible();
  await look(DIALOG);
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("dialog")).toBeVisible();
  await look(DIALOG);
  await page.goto("/settings");
  await page.getByRole("button", { name: "Start empty" }).click();
  await page.getByRole("link", { name: "Desk" }).click();
  await expect(page.getByText("No posts yet")).toBeVisible();
  // What is still fading in has no contrast of its own yet.
  await page.waitForTimeout(700);
  await look();
});

test("the strip is a list that a screen reader and the keyboard can use", async ({ page }) => {
  await openDesk(page);
  await openStage(page, `${TOUR}/write`);
  const blocks = strip(page).getByRole("button");
  await expect(blocks).toHaveCount(31);
  await blocks.first().focus();
  await page.keyboard.press("Home");
  await page.keyboard.press("ArrowRight");
  await expect(blocks.nth(1)).toBeFocused();
  // Fields and waiting checks say so in words, not by shape alone.
  await expect(
    strip(page).getByRole("button", { name: /^Meta description fits: waiting, 0 of 5\./ }),
  ).toHaveCount(1);
});

test("the strip folds to its groups where there is no room for checks", async ({ page }) => {
  await page.setViewportSize({ width: 800, height: 800 });
  await openDesk(page);
  await openStage(page, `${TOUR}/write`);
  const blocks = page.getByRole("region", { name: /^Score [\d.]+ of 100, .*by group$/ }).getByRole("button");
  await expect(blocks).toHaveCount(7);
  await blocks.first().focus();
  await page.keyboard.press("End");
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("button", { name: /^Links: [\d.]+ of 8\. Anchor texts:/ })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect.poll(() => page.evaluate(() => getSelection()?.toString())).toBe("here");
});

test("the page comes with a strict policy, and nothing inline runs", async ({ page, request, watch }) => {
  const policy = (await request.get("/")).headers()["content-security-policy"]!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(policy).toContain("require-trusted-types-for 'script'");
  watch.expected.push(/Content Security Policy/, /requires 'Trusted/);
  await openDesk(page);
  // Text does not become script, nor markup that acts, nor a worker from elsewhere.
  const tried = await page.evaluate(() => {
    const refused = (act: () => void) => {
      try {
        act();
        return false;
      } catch (error) {
        return error instanceof TypeError;
      }
    };
    return [
      refused(() => {
        document.createElement("script").textContent = "window.ran = true";
      }),
      refused(() => {
        document.createElement("div").innerHTML = "<img src=x onerror='window.ran = true'>";
      }),
      refused(() => void new Worker("https://elsewhere.example/x.js")),
      refused(() => {
        document.createElement("div").innerHTML = "<b>bold</b>";
      }),
    ];
  });
  expect(tried).toEqual([true, true, true, false]);
  await page.evaluate(() => {
    const script = document.createElement("script");
    script.append("window.ran = true");
    document.body.append(script);
  });
  expect(await page.evaluate(() => "ran" in window)).toBe(false);
});

test("motion is left out where the system asks for less", async ({ page }) => {
  await page.emulateMedia({ reducedMotion: "reduce" });
  await openDesk(page);
  const moving = await page.evaluate(
    () =>
      [...document.querySelectorAll("*")].filter(
        (e) => !/^0s(, 0s)*$/.test(getComputedStyle(e).transitionDuration),
      ).length,
  );
  expect(moving).toBe(0);
});
