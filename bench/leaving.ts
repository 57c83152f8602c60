/**
 * Leaving while somebody types, again and again: `npm run trial:leaving [times]`. In a burst of keys the page is reloaded, its tab is
 * closed, or another tab takes the post over, each right after a key; opened again, the post must have every letter.
 */
import type { Page } from "@playwright/test";
import { runApplication } from "../scripts/application";

const times = Number(process.argv[2] ?? 200);
const POST = "/post/winter-cycling-with-children/write";
const { freshPage, stop } = await runApplication();

const sheet = (page: Page) => page.getByRole("textbox", { name: "Text of the post" });
/** The last block is where the letters go. */
const last = async (page: Page): Promise<string> => {
  await sheet(page).waitFor();
  return (await sheet(page).locator(":scope > p").last().textContent()) ?? "";
};
const open = async (page: Page): Promise<Page> => {
  await page.goto(POST);
  await sheet(page).waitFor();
  return page;
};

const WAYS: Record<string, (page: Page) => Promise<Page>> = {
  reload: async (page) => {
    await page.reload();
    return page;
  },
  close: async (page) => {
    const context = page.context();
    // A tab must stay, or the browser's window goes with it.
    const next = await context.newPage();
    await page.close({ runBeforeUnload: false });
    return open(next);
  },
  "take over": async (page) => {
    const next = page
      .context()
      .pages()
      .find((one) => one !== page)!;
    await next.getByRole("button", { name: "Write here instead" }).click();
    await next.getByText("Read-only").waitFor({ state: "detached" });
    await page.close();
    return next;
  },
};

let page = await open(await freshPage());
await sheet(page).press("Control+End");
await page.keyboard.insertText("Typed: ");
const lost: Record<string, number> = {};
const done: Record<string, number> = {};
for (let n = 0; n < times; n++) {
  const [way, leave] = Object.entries(WAYS)[n % 3]!;
  if (way === "take over") {
    const next = await page.context().newPage();
    await open(next);
    await next.getByRole("button", { name: "Write here instead" }).waitFor();
    await page.bringToFront();
  }
  await sheet(page).press("Control+End");
  const before = await last(page);
  const letters = 3 + ((n * 7) % 40);
  let typed = "";
  for (let i = 0; i < letters; i++) {
    const letter = "abcdefghijklmnopqrstuvwxyz"[(n + i) % 26]!;
    await page.keyboard.insertText(letter);
    typed += letter;
    if (i < letters - 1) await page.waitForTimeout((n * 13 + i * 29) % 60);
  }
  page = await leave(page);
  const after = await last(page);
  done[way] = (done[way] ?? 0) + 1;
  if (after !== before + typed) {
    lost[way] = (lost[way] ?? 0) + 1;
    console.log(
      `${way}: typed ${JSON.stringify(typed)}, found ${JSON.stringify(after.slice(before.length))}`,
    );
  }
  // One paragraph without end is no text.
  if (n % 20 === 19) {
    await sheet(page).press("Control+End");
    await page.keyboard.press("Enter");
  }
}
await stop();
for (const way of Object.keys(WAYS))
  console.log(`${way}: ${lost[way] ?? 0} of ${done[way] ?? 0} lost letters (aim: 0)`);
process.exitCode = Object.keys(lost).length ? 1 : 0;
