/** Nothing lost, nothing answered for another, nothing silent: typing and leaving, workers that die, reads that fail, addresses that change. */

import { readFileSync } from "node:fs";
import { crc32, deflateSync } from "node:zlib";
import { unzipSync } from "fflate";
import { downloaded, expect, openDesk, openStage, sheet, TOUR, test } from "./test";

const WINTER = "/post/winter-cycling-with-children";

test("the last key before a reload, a closed tab and a take-over is there afterwards", async ({
  page,
  context,
}) => {
  await openStage(page, `${WINTER}/write`);
  await sheet(page).press("Control+End");
  await page.keyboard.insertText("Right before a reload.");
  await page.reload();
  await expect(sheet(page)).toContainText("Right before a reload.");
  await sheet(page).press("Control+End");
  await page.keyboard.insertText(" Right before it was closed.");
  const next = await context.newPage();
  await page.close();
  await openStage(next, `${WINTER}/write`);
  await expect(sheet(next)).toContainText("Right before a reload. Right before it was closed.");
  const other = await context.newPage();
  await openStage(other, `${WINTER}/write`);
  const take = other.getByRole("button", { name: "Write here instead" });
  await expect(take).toBeVisible();
  await sheet(next).press("Control+End");
  await next.keyboard.insertText(" Right before it was taken.");
  await take.click();
  await expect(take).toHaveCount(0);
  await expect(sheet(other)).toContainText("closed. Right before it was taken.");
  await expect(next.getByText("This post is open in another tab")).toBeVisible();
});

test("with text that cannot be stored, leaving asks", async ({ page, watch }) => {
  watch.expected.push(/quota/i, /ERR_FAILED/);
  await page.route("**/save.worker*", (route) => route.abort());
  await openStage(page, `${WINTER}/write`);
  await sheet(page).press("Control+End");
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException("The quota has been exceeded.", "QuotaExceededError");
    };
  });
  await page.keyboard.insertText("Nowhere to go.");
  await expect(page.getByRole("alert").filter({ hasText: "Not saved." })).toBeVisible();
  const question = page.waitForEvent("dialog");
  await page.evaluate(() => setTimeout(() => window.location.assign("/settings")));
  const dialog = await question;
  expect(dialog.type()).toBe("beforeunload");
  await dialog.dismiss();
  await expect(sheet(page)).toContainText("Nowhere to go.");
});

test("what cannot be read says so, and comes when it is tried again", async ({ page, watch }) => {
  watch.expected.push(/torn/);
  await openDesk(page);
  await page.evaluate(() => {
    const { get } = IDBObjectStore.prototype;
    const { getAll } = IDBIndex.prototype;
    const torn = () => new DOMException("The page of the database is torn.", "UnknownError");
    IDBObjectStore.prototype.get = function (...args) {
      if (this.name === "outlines") throw torn();
      return get.apply(this, args);
    };
    IDBIndex.prototype.getAll = function (...args) {
      if (this.objectStore.name === "versions") throw torn();
      return getAll.apply(this, args);
    };
    Object.assign(window, {
      repairOutlines: () => Object.assign(IDBObjectStore.prototype, { get }),
      repairVersions: () => Object.assign(IDBIndex.prototype, { getAll }),
    });
  });
  const fix = (name: "repairOutlines" | "repairVersions") =>
    page.evaluate((which) => (window as never as Record<string, () => void>)[which]!(), name);

  await page.getByRole("link", { name: "Winter cycling with children: warm feet" }).first().click();
  const post = page.getByRole("alert").filter({ hasText: "This post could not be opened" });
  await expect(post).toContainText("torn");
  await fix("repairOutlines");
  await post.getByRole("button", { name: "Try again" }).click();
  const stages = page.getByRole("navigation", { name: "Stages" });
  await stages.getByRole("link", { name: /^Write/ }).click();

  await page.getByRole("button", { name: "Versions" }).click();
  const dialog = page.getByRole("dialog", { name: "Versions" });
  const versions = dialog.getByRole("alert").filter({ hasText: "The versions could not be read" });
  await expect(versions).toContainText("torn");
  await fix("repairVersions");
  await versions.getByRole("button", { name: "Try again" }).click();
  await expect(versions).toBeHidden();
  await expect(dialog.getByText(/None yet|words/).first()).toBeVisible();
});

test("a worker that dies is started again and asked once more, and that is said", async ({ page, watch }) => {
  watch.expected.push(/died on purpose/, /The proof failed/);
  await openStage(page, `${TOUR}/write`);
  await expect(page.getByRole("region", { name: /^Score [\d.]+ of 100/ })).toBeVisible();
  const proof = page.workers().find((worker) => worker.url().includes("proof.worker"))!;
  await proof
    .evaluate(
      () =>
        void setTimeout(() => {
          throw new Error("died on purpose");
        }),
    )
    .catch(() => {});
  await expect(page.getByText("The part that scores posts stopped and was started again.")).toBeVisible();
  const before = Number(
    /\d+/.exec(
      await page
        .getByText(/^[\d,]+ words$/)
        .first()
        .innerText(),
    )![0],
  );
  await sheet(page).press("Control+End");
  await page.keyboard.type(" Seven more words after that one died.");
  await expect(page.getByText(/^[\d,]+ words$/).first()).not.toHaveText(`${before} words`);
  await expect(page.getByText("Saved", { exact: true })).toBeVisible();
});

test("the address of a live post changes with a redirect, or not at all", async ({ page }) => {
  await openStage(page, "/post/cargo-bike-maintenance/write");
  const slug = page.getByRole("textbox", { name: "Slug" });
  const old = await slug.inputValue();
  const warning = page.getByRole("alert").filter({ hasText: "This page is live at" });
  await slug.fill("care-of-a-cargo-bike");
  await expect(warning).toContainText(`/journal/${old}`);
  await page.reload();
  await expect(warning).toBeVisible();
  await warning.getByRole("button", { name: "Go back to the old one" }).click();
  await expect(slug).toHaveValue(old);
  await expect(warning).toHaveCount(0);
  await slug.fill("care-of-a-cargo-bike");
  await warning.getByRole("button", { name: "Keep the new address, with a redirect" }).click();
  await expect(warning).toHaveCount(0);
  await page.getByRole("link", { name: /^Release/ }).click();
  await expect(page.getByRole("region", { name: "Redirects" })).toContainText(
    `/journal/${old} → /journal/care-of-a-cargo-bike`,
  );
});

test("what is dropped from elsewhere is cleaned like what is pasted, and blocks go behind the paragraph", async ({
  page,
}) => {
  await openStage(page, `${WINTER}/write`);
  const line = sheet(page)
    .getByText(/^Three thin layers/)
    .first();
  await line.evaluate((target) => {
    const { left, top } = target.getBoundingClientRect();
    const data = new DataTransfer();
    data.setData(
      "text/html",
      "<p style='color:red' onclick='alert(1)'>Dropped <a href='javascript:alert(1)'>words</a></p><iframe src='data:text/html,x'></iframe><script>alert(1)</script>",
    );
    data.setData("text/plain", "Dropped words");
    target.dispatchEvent(
      new DragEvent("drop", {
        dataTransfer: data,
        clientX: left + 40,
        clientY: top + 8,
        bubbles: true,
        cancelable: true,
      }),
    );
  });
  await expect(sheet(page)).toContainText("Dropped words");
  await expect(sheet(page).locator("[style*=red], a[href^=javascript]")).toHaveCount(0);
  await sheet(page).press("Control+z");
  await sheet(page)
    .getByText(/^Three thin layers/)
    .first()
    .click({ position: { x: 60, y: 8 } });
  const before = await sheet(page).locator(":scope > p").count();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Divider" }).click();
  await expect(sheet(page).locator(":scope > hr")).not.toHaveCount(0);
  expect(await sheet(page).locator(":scope > p").count()).toBe(before);
  await expect(
    sheet(page)
      .getByText(/^Three thin layers beat one thick one/)
      .first(),
  ).toBeVisible();
});

/** A PNG of noise, which nothing packs tighter. */
function noise(width: number, height: number, seed: number): Buffer {
  const rows = Buffer.alloc((width * 3 + 1) * height);
  let state = seed;
  for (let i = 0; i < rows.length; i++) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    rows[i] = i % (width * 3 + 1) ? state >>> 24 : 0;
  }
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const out = Buffer.alloc(12 + data.length);
    out.writeUInt32BE(data.length);
    body.copy(out, 4);
    out.writeUInt32BE(crc32(body), 8 + data.length);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk("IHDR", head),
    chunk("IDAT", deflateSync(rows, { level: 1 })),
    chunk("IEND", Buffer.alloc(0)),
  ]);
}

test("a post with large pictures goes out as a zip, and many at once say how far they are", async ({
  page,
}) => {
  await openDesk(page);
  await page.getByRole("button", { name: "New post" }).first().click();
  await page.getByRole("link", { name: /^Write/ }).click();
  await page.getByLabel("Picture files").setInputFiles(
    Array.from({ length: 5 }, (_, i) => ({
      name: `noise-${i}.png`,
      mimeType: "image/png",
      buffer: noise(800, 600, i + 1),
    })),
  );
  await expect(page.getByText(/of 5 pictures taken …/)).toBeVisible();
  await expect(sheet(page).getByRole("figure")).toHaveCount(5);
  await expect(page.getByText(/^5 pictures: .* became .*/)).toBeVisible();
  await page.getByRole("link", { name: /^Release/ }).click();
  await page.getByRole("checkbox", { name: /I know that/ }).check();
  const file = await downloaded(page, () =>
    page.getByRole("button", { name: "Markdown and pictures, zipped" }).click(),
  );
  const entries = unzipSync(readFileSync(file.path));
  const pictures = Object.entries(entries).filter(([name]) => name.startsWith("pictures/"));
  expect(pictures).toHaveLength(5);
  expect(Math.max(...pictures.map(([, bytes]) => bytes.length))).toBeGreaterThan(160_000);
});

test("two posts collect at once: neither stops nor answers for the other", async ({ page }) => {
  await openDesk(page);
  await page.getByRole("link", { name: "Settings" }).click();
  await page.getByLabel("Delay", { exact: true }).fill("3000");
  const outline = page.getByRole("region", { name: "Outline" });
  const collecting = page.getByRole("region", { name: "Collecting" });
  const plan = async (title: string) => {
    await page.getByRole("link", { name: "Desk" }).click();
    await page.getByRole("link", { name: title }).first().click();
    await page.getByRole("link", { name: /^Plan/ }).click();
  };
  const collect = async (title: string) => {
    await plan(title);
    await page.getByRole("button", { name: "Collect competing pages" }).click();
    await page.getByRole("dialog").getByRole("button", { name: "Collect", exact: true }).click();
    await expect(collecting).toBeVisible();
  };
  await collect("Winter cycling with children: warm feet");
  await collect("Cargo bike or second car");
  await collecting.getByRole("button", { name: /^Stop/ }).click();
  await expect(collecting).toHaveCount(0);
  // The other one goes on, and is about its own subject.
  await plan("Winter cycling with children: warm feet");
  await page.getByRole("button", { name: /^Add all/ }).click();
  await expect(outline).toContainText(/winter|warm|cold|glove|rain/i);
  await expect(outline).not.toContainText(/second car|insurance|parking permit/i);
});
