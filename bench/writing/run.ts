/**
 * Typing into a post of 20,000 words and 60 pictures, in headless Chromium: `npm run bench:writing [minutes]`.
 *
 * From a key to the frame that shows it; the main thread's script time of a key against the same editor with the same text and
 * nothing around it; both again while texts wait for review and while a writer streams into the sheet; the memory of the page after each
 * minute of typing.
 */
import { join } from "node:path";
import type { CDPSession, Page } from "@playwright/test";
import express from "express";
import { runApplication } from "../../scripts/application";
import { listen } from "../../src/server/listen";
import { at, ms } from "../figures";
import { connectEndlessWriter } from "../testWriter";
import { longPost } from "./long";

const KEYS = 300;
/** Paragraphs that wait for review. */
const WAITING = 40;
/** Faster than people type: twelve keys a second. */
const BETWEEN = 80;
const SENTENCE = "a cargo bike carries what a car would. ";
const minutes = Number(process.argv[2] ?? 1);

/** Notes, for every key, when the frame that shows it has been drawn. */
async function watchKeys(page: Page): Promise<void> {
  await page.evaluate(() => {
    const held = window as unknown as { drawn: number[] };
    held.drawn = [];
    document.addEventListener(
      "keydown",
      ({ timeStamp }) =>
        requestAnimationFrame(() => {
          // A task behind the frame's own: by then it is painted.
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => held.drawn.push(performance.now() - timeStamp);
          port2.postMessage(null);
        }),
      true,
    );
  });
}

async function scriptTime(cdp: CDPSession): Promise<number> {
  const { metrics } = await cdp.send("Performance.getMetrics");
  return metrics.find(({ name }) => name === "ScriptDuration")!.value * 1000;
}

interface Typed {
  drawn: number[];
  script: number;
}

async function typeInto(page: Page, cdp: CDPSession, keys: number): Promise<Typed> {
  await watchKeys(page);
  const before = await scriptTime(cdp);
  for (let i = 0; i < keys; i++) {
    await page.keyboard.type(SENTENCE[i % SENTENCE.length]!);
    await page.waitForTimeout(BETWEEN);
  }
  await page.waitForTimeout(1500);
  const script = ((await scriptTime(cdp)) - before) / keys;
  const drawn = await page.evaluate(() => (window as unknown as { drawn: number[] }).drawn);
  return { drawn, script };
}

const text = (page: Page) => page.getByRole("textbox", { name: "Text of the post" });

async function putCursor(page: Page): Promise<void> {
  const paragraphs = text(page).locator(":scope > p");
  const middle = paragraphs.nth(Math.floor((await paragraphs.count()) / 2));
  await middle.scrollIntoViewIfNeeded();
  await middle.click();
  await page.keyboard.press("End");
  await page.waitForTimeout(1000);
}

async function session(page: Page): Promise<CDPSession> {
  const cdp = await page.context().newCDPSession(page);
  // The thread's own time: what else the machine does meanwhile is not the script's.
  await cdp.send("Performance.enable", { timeDomain: "threadTicks" });
  return cdp;
}

async function heap(cdp: CDPSession): Promise<number> {
  await cdp.send("HeapProfiler.collectGarbage");
  const { metrics } = await cdp.send("Performance.getMetrics");
  return metrics.find(({ name }) => name === "JSHeapUsedSize")!.value / 1024 / 1024;
}

/** Has the text of so many paragraphs wait for review, as though a writer had written them. */
async function leaveToReview(page: Page, postId: string, paragraphs: number): Promise<void> {
  const texts = (await text(page).locator(":scope > p").allTextContents())
    .filter(Boolean)
    .slice(0, paragraphs);
  await page.evaluate(
    ([id, begun]) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open("dune-sparrow");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const store = open.result.transaction("posts", "readwrite").objectStore("posts");
          const get = store.get(id);
          get.onsuccess = () => {
            store.put({ ...(get.result as object), begun }).onsuccess = () => resolve();
          };
        };
      }),
    [postId, texts] as const,
  );
}

const { zip, words } = longPost();
const running = await runApplication();
const bareServer = await listen(
  express().use(express.static(join(import.meta.dirname, "../../.bench/writing"))),
  4760,
);
try {
  const page = await running.freshPage();
  await page.goto("/");
  await page.getByText(/^\d+ posts$/).waitFor();
  await page
    .getByLabel("Import posts: files")
    .setInputFiles({ name: "long.zip", mimeType: "application/zip", buffer: Buffer.from(zip) });
  await text(page).waitFor({ timeout: 120_000 });
  await page.waitForTimeout(4000);
  const cdp = await session(page);
  const id = /post\/([\w-]+)/.exec(page.url())![1]!;
  const doc = await page.evaluate(
    (postId) =>
      new Promise<unknown>((resolve, reject) => {
        const open = indexedDB.open("dune-sparrow");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const get = open.result.transaction("bodies").objectStore("bodies").get(postId);
          get.onsuccess = () => resolve(JSON.parse((get.result as { json: string }).json));
        };
      }),
    id,
  );
  const bare = await running.browser.newPage({ viewport: { width: 1280, height: 800 } });
  await bare.goto(`http://127.0.0.1:${bareServer.port}/`);
  await bare.evaluate(
    (content) => (window as unknown as { begin: (doc: unknown) => void }).begin(content),
    doc,
  );
  const bareCdp = await session(bare);
  const warm = async (at: Page, its: CDPSession) => {
    await at.bringToFront();
    await putCursor(at);
    await typeInto(at, its, 40);
  };
  // The bare editor before and after: the machine is not as fast at one moment as at the next.
  await warm(bare, bareCdp);
  const first = await typeInto(bare, bareCdp, KEYS / 2);
  await warm(page, cdp);
  const own = await typeInto(page, cdp, KEYS);
  await warm(bare, bareCdp);
  const last = await typeInto(bare, bareCdp, KEYS / 2);
  const alone: Typed = {
    drawn: [...first.drawn, ...last.drawn],
    script: (first.script + last.script) / 2,
  };

  console.log(
    `A post of ${words.toLocaleString("en")} words and 60 pictures, ${KEYS} keys, one every ${BETWEEN} ms`,
  );
  await bare.close();
  await page.bringToFront();
  await leaveToReview(page, id, WAITING);
  await connectEndlessWriter(page);
  await page.goto(`/post/${id}/write`);
  await text(page).waitFor({ timeout: 120_000 });
  await page.waitForTimeout(4000);
  await warm(page, cdp);
  const waiting = await typeInto(page, cdp, KEYS / 2);
  // It goes on in the paragraph before the one that is typed into.
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Control+Alt+Enter");
  await page.locator("[data-ghost]").filter({ hasText: "and so" }).waitFor();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("End");
  const streaming = await typeInto(page, cdp, KEYS / 2);
  const arrived = ((await page.locator("[data-ghost]").textContent()) ?? "").length;
  await page.keyboard.press("Escape");
  for (const [name, { drawn }] of [
    ["in the application", own],
    [`with ${WAITING} texts to review`, waiting],
    [`and a writer streaming (${arrived} characters came)`, streaming],
    ["the bare editor", alone],
  ] as const)
    console.log(
      `key to paint, ${name}   median ${ms(at(drawn, 0.5))}   95th percentile ${ms(at(drawn, 0.95))}   longest ${ms(at(drawn, 1))}`,
    );
  console.log("                                     (aim: 50 ms or less at the 95th percentile)");
  console.log(
    `script a key   ${ms(own.script)} against ${ms(alone.script)}   ratio ${(own.script / alone.script).toFixed(2)}   (aim: 1.2 or less)`,
  );
  console.log(
    `with texts to review ${ms(waiting.script)}, and a writer streaming ${ms(streaming.script)} (its words and their drawing included)`,
  );
  await putCursor(page);
  const held = [await heap(cdp)];
  for (let minute = 0; minute < minutes; minute++) {
    await typeInto(page, cdp, Math.floor(60_000 / (BETWEEN + 10)));
    held.push(await heap(cdp));
  }
  console.log(
    `memory after each minute of typing, after collection: ${held.map((mb) => `${mb.toFixed(0)} MB`).join(", ")}`,
  );
} finally {
  await running.stop();
  bareServer.server.close();
}
