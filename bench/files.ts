/**
 * Large files, in and out: `npm run trial:files [pictures]`. A post with 40 photos of 300 KB goes out as a zip; a workspace of that many
 * pictures of 300 KB (1,000 where nothing is said: 300 MB) goes out as one file and comes back whole, with a copy of what was there.
 */
import { statSync } from "node:fs";
import { runApplication } from "../scripts/application";

const pictures = Number(process.argv[2] ?? 1000);
const IN_POST = 40;
const BYTES = 300_000;
const { freshPage, stop } = await runApplication();
const page = await freshPage();
const faults: string[] = [];
page.on("pageerror", (error) => faults.push(error.message));
page.on("console", (message) => message.type() === "error" && faults.push(message.text()));
page.setDefaultTimeout(600_000);

async function timed<T>(what: string, work: () => Promise<T>): Promise<T> {
  const began = performance.now();
  const done = await work();
  console.log(`${what}: ${((performance.now() - began) / 1000).toFixed(1)} s`);
  return done;
}
const counts = () =>
  page.evaluate(
    () =>
      new Promise<{ posts: number; assets: number; bytes: number }>((resolve, reject) => {
        const open = indexedDB.open("dune-sparrow");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const read = open.result.transaction(["posts", "assets"]);
          const posts = read.objectStore("posts").count();
          const assets = read.objectStore("assets").getAll();
          read.oncomplete = () => {
            open.result.close();
            const all = assets.result as { blob: Blob }[];
            resolve({
              posts: posts.result,
              assets: all.length,
              bytes: all.reduce((sum, { blob }) => sum + blob.size, 0),
            });
          };
        };
      }),
  );

await page.goto("/post/winter-cycling-with-children/write");
await page.getByRole("textbox", { name: "Text of the post" }).waitFor();
await page.evaluate(
  async ({ many, inPost, bytes }) => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const open = indexedDB.open("dune-sparrow");
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    const write = db.transaction(["assets", "bodies"], "readwrite");
    for (let i = 0; i < many; i++) {
      const noise = new Uint8Array(bytes);
      for (let at = 0; at < bytes; at += 65_536) crypto.getRandomValues(noise.subarray(at, at + 65_536));
      write.objectStore("assets").put({
        id: `noise-${i}`,
        fileName: `noise-${i}.jpg`,
        type: "image/jpeg",
        width: 1,
        height: 1,
        blob: new Blob([noise], { type: "image/jpeg" }),
      });
    }
    const content = Array.from({ length: inPost }, (_, i) => ({
      type: "picture",
      attrs: { src: `asset:noise-${i}`, fileName: `noise-${i}.jpg`, alt: "Noise" },
    }));
    write.objectStore("bodies").put({
      postId: "winter-cycling-with-children",
      json: JSON.stringify({ type: "doc", content }),
    });
    await new Promise((resolve, reject) => {
      write.oncomplete = resolve;
      write.onerror = () => reject(write.error);
    });
    db.close();
  },
  { many: pictures, inPost: IN_POST, bytes: BYTES },
);
await page.goto("/post/winter-cycling-with-children/release");
const waive = page.getByRole("checkbox", { name: /I know that/ });
await page.getByRole("button", { name: "Markdown and pictures, zipped" }).waitFor();
await page.waitForTimeout(1000);
if (await waive.count()) await waive.check();
const [zip] = await timed(`${IN_POST} photos of ${BYTES / 1000} KB as a zip`, () =>
  Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Markdown and pictures, zipped" }).click(),
  ]),
);
const zipped = statSync(await zip.path()).size;

await page.goto("/settings");
const before = await counts();
const [file] = await timed(`a workspace of ${Math.round(before.bytes / 1e6)} MB as one file`, () =>
  Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Download the workspace file" }).click(),
  ]),
);
const path = await file.path();
const packed = statSync(path).size;
await page.getByRole("button", { name: "Start empty" }).click();
await timed("starting empty, with a copy of it", () =>
  page.getByText("Started empty.", { exact: true }).waitFor(),
);
await page.getByLabel("Open a workspace file: file").setInputFiles(path);
await timed("opening the file again", () => page.getByText(/^The workspace is now that of/).waitFor());
const after = await counts();
await page
  .getByRole("button", { name: /^Bring back/ })
  .last()
  .click();
await timed("bringing back the copy", () =>
  page.getByText(/^The workspace is that of .* again\.$/).waitFor(),
);
const again = await counts();
await stop();
const whole = [after, again].every((one) => JSON.stringify(one) === JSON.stringify(before));
console.log(
  `${before.posts} posts and ${before.assets} pictures before, ${after.assets} after, ${again.assets} brought back; ${Math.round(packed / 1e6)} MB packed, the post ${Math.round(zipped / 1e6)} MB; ${faults.length} errors: ${faults.slice(0, 3).join(" | ")}`,
);
process.exitCode = whole && zipped > IN_POST * BYTES && !faults.length ? 0 : 1;
