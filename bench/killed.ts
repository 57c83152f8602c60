/**
 * A browser killed while somebody types, again and again: `npm run trial:killed [times]`. Each time a letter goes in every 60 ms; the
 * whole browser is killed without a word (SIGKILL) at some moment; opened again, the post must be whole and lack no letter that
 * was older than a quarter of a second.
 */
import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type BrowserContext, chromium, type Page } from "@playwright/test";
import { chromiumArguments, chromiumPath } from "../scripts/chromium";
import { createApp } from "../src/server/app";
import { listen } from "../src/server/listen";

const times = Number(process.argv[2] ?? 50);
const SECOND = 1000;
/** Milliseconds of typing that may be lost with the browser itself. */
const MOST = 250;
const profile = mkdtempSync(join(tmpdir(), "killed-"));
const { server, port } = await listen(
  createApp(join(import.meta.dirname, "../dist"), { reach: "this-machine" }),
  4770,
);
const POST = `http://127.0.0.1:${port}/post/winter-cycling-with-children/write`;

const open = (): Promise<BrowserContext> =>
  chromium.launchPersistentContext(profile, {
    executablePath: chromiumPath,
    args: chromiumArguments,
    viewport: { width: 1280, height: 800 },
  });
const text = (page: Page) => page.getByRole("textbox", { name: "Text of the post" });
/** The last block is where the letters go. */
const last = async (page: Page): Promise<string> => {
  await text(page).waitFor();
  return (await text(page).locator(":scope > p").last().textContent()) ?? "";
};

let worst = 0;
let damaged = 0;
let untyped = 0;
let context = await open();
let page = context.pages()[0]!;
await page.goto(POST);
await text(page).waitFor();
await text(page).press("Control+End");
await page.keyboard.insertText("Typed: ");
await page.waitForTimeout(2 * SECOND);
let blocks = await text(page).locator(":scope > *").count();
for (let n = 0; n < times; n++) {
  await text(page).press("Control+End");
  const before = await last(page);
  const typed: { letter: string; at: number }[] = [];
  const until = performance.now() + 1500 + ((n * 137) % 1700);
  while (performance.now() < until) {
    const letter = "abcdefghijklmnopqrstuvwxyz"[typed.length % 26]!;
    await page.keyboard.insertText(letter);
    typed.push({ letter, at: performance.now() });
    await page.waitForTimeout(60);
  }
  const whole = before + typed.map(({ letter }) => letter).join("");
  // What never came into the sheet cannot be lost from it.
  const missed = (await last(page)) !== whole;
  const killed = performance.now();
  execFileSync("pkill", ["-KILL", "-f", profile]);
  await context.close().catch(() => {});
  context = await open();
  page = context.pages()[0]!;
  await page.goto(POST);
  const after = await last(page);
  const count = await text(page).locator(":scope > *").count();
  if (missed) {
    untyped++;
    blocks = count;
    continue;
  }
  if (!whole.startsWith(after) || after.length < before.length || count !== blocks) damaged++;
  blocks = count;
  const lost = typed[after.length - before.length];
  worst = Math.max(worst, lost ? killed - lost.at : 0);
}
await context.close();
server.closeAllConnections();
server.close();
rmSync(profile, { recursive: true, force: true });
console.log(
  `${times} times killed: the oldest letter that was lost was ${Math.round(worst)} ms old (aim: at most ${MOST}); ${damaged} posts damaged; ${untyped} times the sheet did not take the letters, which are left out`,
);
process.exitCode = worst > MOST || damaged ? 1 : 0;
