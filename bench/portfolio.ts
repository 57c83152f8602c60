/**
 * A thousand posts of 1,500 words scored in the background while the Desk is in sight: `npm run bench:portfolio [posts]`.
 *
 * From the opening of the Desk until every post has a score, and how long the foreground went without a frame meanwhile.
 */
import { deskReady, runApplication } from "../scripts/application";
import { at, ms } from "./figures";
import { addManyPosts } from "./manyPosts";

const POSTS = Number(process.argv[2] ?? 1000);
const WORDS = 1500;
/** A frame that comes later than this after the one before was dropped: two at sixty a second. */
const DROPPED = 34;

const running = await runApplication();
try {
  const page = await running.freshPage();
  // The compiler that runs this script names functions by a helper, which the page does not have.
  await page.addInitScript({ content: "globalThis.__name = (one) => one;" });
  await deskReady(page);
  await addManyPosts(page, {
    posts: POSTS,
    words: WORDS,
    like: "",
    nodes: ["paragraph", "heading", "bulletList"],
  });
  await page.addInitScript({
    content: `
      window.gaps = [];
      window.tasks = [];
      let last = 0;
      const frame = (now) => { if (last) window.gaps.push(now - last); last = now; requestAnimationFrame(frame); };
      requestAnimationFrame(frame);
      new PerformanceObserver((list) => { for (const one of list.getEntries()) window.tasks.push(one.duration); }).observe({ entryTypes: ["longtask"] });`,
  });
  const before = Date.now();
  await page.goto("/");
  // Asked seldom and cheaply: looking for a text in the whole page would drop frames by itself.
  const until = async (pattern: RegExp) => {
    for (;;) {
      const said = await page.evaluate(() =>
        [...document.querySelectorAll("[role=status]")].map(({ textContent }) => textContent).join("|"),
      );
      if (said.split("|").some((one) => pattern.test(one))) return;
      await page.waitForTimeout(100);
    }
  };
  await until(/^Scoring \d/);
  const shown = Date.now();
  // The first sight of the list is not the scoring's.
  await page.evaluate(() => {
    const held = window as unknown as { gaps: number[]; tasks: number[] };
    held.gaps.length = 0;
    held.tasks.length = 0;
  });
  await until(/^[\d,]+ posts$/);
  const done = Date.now();
  const { gaps, tasks } = await page.evaluate(() => {
    const held = window as unknown as { gaps: number[]; tasks: number[] };
    return { gaps: held.gaps, tasks: held.tasks };
  });
  console.log(`${POSTS.toLocaleString("en")} posts of ${WORDS.toLocaleString("en")} words`);
  console.log(`first sight after ${((shown - before) / 1000).toFixed(1)} s`);
  console.log(`all scored after ${((done - shown) / 1000).toFixed(1)} s   (aim: under 20 s for 1,000)`);
  console.log(
    `frames ${gaps.length}   dropped (over ${DROPPED} ms) ${gaps.filter((gap) => gap > DROPPED).length}   95th percentile ${ms(at(gaps, 0.95))}   longest ${ms(at(gaps, 1))}   (aim: none dropped)`,
  );
  // The same with nothing to do: what the machine drops by itself.
  await page.waitForTimeout(1000);
  await page.evaluate(() => {
    (window as unknown as { gaps: number[] }).gaps.length = 0;
  });
  await page.waitForTimeout(10_000);
  const idle = await page.evaluate(() => (window as unknown as { gaps: number[] }).gaps);
  console.log(
    `frames with nothing to do ${idle.length}   dropped ${idle.filter((gap) => gap > DROPPED).length}   95th percentile ${ms(at(idle, 0.95))}   longest ${ms(at(idle, 1))}`,
  );
  console.log(`tasks of the page over 50 ms: ${tasks.length}, the longest ${ms(Math.max(0, ...tasks))}`);
} finally {
  await running.stop();
}
