/**
 * A connected writer in the sheet: how soon its first words are there, and how soon it is stopped. `npm run trial:writer` asks the test writer
 * again and again, through the built application, and says what was measured in the page.
 */
import { deskReady, runApplication } from "../scripts/application";
import { connectEndlessWriter } from "./testWriter";

const ROUNDS = 20;

interface Marks {
  first?: number;
  aborted?: number;
}

const running = await runApplication();
const page = await running.freshPage();
// The loader names functions with a helper of its own, which the page does not have.
await page.addInitScript("window.__name = (of) => of");
// The page's own fetch tells when the first piece is there and when it is given up; the sheet is watched for the words.
await page.addInitScript(() => {
  const marks: Marks = {};
  Object.assign(window, { marks });
  const ask = window.fetch;
  window.fetch = async (...call) => {
    const [input, init] = call;
    const answer = await ask(...call);
    if (!String(input).includes("/connections/writer/") || !answer.body) return answer;
    init?.signal?.addEventListener("abort", () => {
      marks.aborted = performance.now();
    });
    const [own, theirs] = answer.body.tee();
    const reader = own.getReader();
    void reader.read().then(() => {
      marks.first = performance.now();
      return reader.cancel();
    });
    return new Response(theirs, answer);
  };
});
await deskReady(page);
await connectEndlessWriter(page);
await page.goto("/post/electric-cargo-bike-for-families/write");
const sheet = page.getByRole("textbox", { name: "Text of the post" });
await sheet.getByText("You already ride, you have a narrow hallway").first().click();
const shown: number[] = [];
const stopped: number[] = [];
for (let round = 0; round < ROUNDS; round++) {
  await page.evaluate(() => {
    const { marks } = window as unknown as { marks: Marks };
    delete marks.first;
    delete marks.aborted;
  });
  const words = page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const look = () => {
          const ghost = document.querySelector("[data-ghost]")?.textContent?.trim() ?? "";
          if (ghost && ghost !== "…") resolve(performance.now());
          else requestAnimationFrame(look);
        };
        look();
      }),
  );
  await page.keyboard.press("Control+Alt+Enter");
  const seen = await words;
  const first = await page.evaluate(() => (window as unknown as { marks: Marks }).marks.first!);
  shown.push(seen - first);
  await page.waitForTimeout(200);
  const gone = page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        addEventListener(
          "keydown",
          () => {
            const pressed = performance.now();
            const look = () => {
              const { aborted } = (window as unknown as { marks: Marks }).marks;
              if (aborted !== undefined && !document.querySelector("[data-ghost]"))
                resolve(Math.max(aborted, performance.now()) - pressed);
              else requestAnimationFrame(look);
            };
            requestAnimationFrame(look);
          },
          { capture: true, once: true },
        );
      }),
  );
  // The page must be listening before the key comes.
  await page.waitForTimeout(60);
  await page.keyboard.press("Escape");
  stopped.push(await gone);
  await page.waitForTimeout(150);
}
const said = (all: number[]): string => {
  const order = [...all].sort((a, b) => a - b);
  return `median ${order[Math.floor(order.length / 2)]!.toFixed(0)} ms, longest ${order.at(-1)!.toFixed(0)} ms, ${order.length} rounds`;
};
console.log(`From the first piece in the page to its words in the sheet: ${said(shown)}`);
console.log(`From the key to the question given up and the words gone: ${said(stopped)}`);
await running.stop();
