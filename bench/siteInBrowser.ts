/**
 * A site of 2,000 live posts of 800 words rendered in the browser's worker, and zipped: `npm run bench:site [posts]`.
 *
 * From the press of the button until the first file is put into the zip, which is the reading and the rendering, and until the zip is there.
 */
import { deskReady, runApplication } from "../scripts/application";
import { addManyPosts } from "./manyPosts";

const POSTS = Number(process.argv[2] ?? 2000);
const WORDS = 800;

const running = await runApplication();
try {
  const page = await running.freshPage();
  // The compiler that runs this script names functions by a helper, which the page does not have.
  await page.addInitScript({ content: "globalThis.__name = (one) => one;" });
  await deskReady(page);
  await addManyPosts(page, {
    posts: POSTS,
    words: WORDS,
    like: "live",
    nodes: ["paragraph", "heading", "bulletList", "picture"],
  });
  for (const round of ["first", "again, nothing changed"]) {
    await page.goto("/settings#connections");
    const button = page.getByRole("button", { name: "Export the whole site, zipped" });
    const progress = page.getByText(/^\d+ of \d+ files$/);
    await button.waitFor();
    // What the Desk left to score is done first: it is another worker, and the same processors.
    await page.waitForTimeout(15_000);
    const from = Date.now();
    const saved = page.waitForEvent("download", { timeout: 300_000 });
    await button.click();
    await progress.first().waitFor({ timeout: 300_000 });
    const rendered = Date.now() - from;
    await saved;
    const said = await page.getByText(/^Downloaded site\.zip/).textContent();
    console.log(
      `${round}: read and rendered after ${(rendered / 1000).toFixed(1)} s   zipped after ${((Date.now() - from) / 1000).toFixed(1)} s   (aim: rendered in under 20 s)   ${said}`,
    );
  }
} finally {
  await running.stop();
}
