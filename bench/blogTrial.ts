/**
 * 200 posts sent to the stand-in blog while it is killed, slowed, failing or losing its answers at random moments: `npm run trial:blog`.
 * Each is sent until it is there or a person would have to look; at the end every post must be there once, whole, as it was sent last.
 */
import { type ChildProcess, spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout } from "node:timers/promises";
import { plainBlogSite } from "../src/core/micropub/blogSite";
import type { Entry } from "../src/core/micropub/entry";
import type { BlogConnection } from "../src/data/model";
import { standInBlog } from "../src/data/settings";
import { createBlogClient } from "../src/services/blog/blogClient";
import { BlogFailure } from "../src/services/blog/blogFailure";
import { sendPost } from "../src/services/blog/sendPost";

const POSTS = 200;
const KILLS = 0.03;
const PORT = 4880;
const data = mkdtempSync(join(tmpdir(), "dune-sparrow-trial-"));
/** A draw that is the same each time (mulberry32, Tommy Ettinger, 2017). */
let seed = 20261128;
function chance(): number {
  seed = (seed + 0x6d2b79f5) | 0;
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
}

const fetchHere = globalThis.fetch;
globalThis.fetch = (address, init) => fetchHere(new URL(String(address), `http://127.0.0.1:${PORT}`), init);

let server: ChildProcess | null = null;
async function start(): Promise<void> {
  server = spawn(process.execPath, ["--import", "tsx", join(import.meta.dirname, "../src/server/main.ts")], {
    env: { ...process.env, PORT: String(PORT), BLOG_PORT: String(PORT + 1), DUNE_SPARROW_DATA: data },
    stdio: ["ignore", "pipe", "inherit"],
  });
  await new Promise<void>((ready) => {
    server!.stdout!.on("data", (text: Buffer) => text.toString().includes("stand-in blog is at") && ready());
  });
}
async function kill(): Promise<void> {
  const gone = new Promise((resolve) => server!.once("exit", resolve));
  server!.kill("SIGKILL");
  await gone;
}

const killLater = async (milliseconds: number): Promise<void> => {
  await setTimeout(milliseconds);
  await kill();
};

const text = (post: number, turn: number) => `Post ${post}, as it was sent the ${turn}th time. `.repeat(200);
const entryOf = (post: number, turn: number): Entry => ({
  type: ["h-entry"],
  properties: {
    name: [`Post ${post}`],
    uid: [`trial-${post}`],
    "mp-slug": [`trial-${post}`],
    content: [{ html: `<p>${text(post, turn)}</p>` }],
  },
});

await start();
const client = createBlogClient(async () => "");
const counts = { tries: 0, kills: 0, failures: 0, sent: 0 };
const last = new Map<number, number>();
for (let post = 0; post < POSTS; post++) {
  let perhaps: Entry[] = [];
  let before: { address: string; entry: Entry } | null = null;
  const turns = 1 + Math.floor(chance() * 2);
  for (let turn = 1; turn <= turns; turn++) {
    last.set(post, turn);
    for (let done = false; !done; ) {
      counts.tries++;
      const blog: BlogConnection = {
        ...standInBlog,
        delay: Math.floor(chance() * 30),
        errorRate: chance() < 0.5 ? 0.4 : 0,
      };
      const killed = chance() < KILLS ? killLater(chance() * 120) : null;
      try {
        const outcome = await sendPost(client, {
          blog,
          site: () => plainBlogSite,
          entry: () => entryOf(post, turn),
          files: [],
          file: async () => null,
          media: {},
          uploaded: async () => {},
          before,
          perhaps,
          about: async (entry) => {
            perhaps = [...perhaps, entry];
          },
          seen: null,
        });
        if (outcome.kind !== "sent") throw new Error(`Post ${post}: ${outcome.kind}`);
        before = { address: outcome.address, entry: outcome.entry };
        perhaps = [];
        counts.sent++;
        done = true;
      } catch (error) {
        if (!(error instanceof BlogFailure) || !error.again) throw error;
        counts.failures++;
      }
      if (killed !== null) {
        await killed;
        counts.kills++;
        await start();
      }
    }
  }
}
const answer = (await (
  await fetch("/api/blog/stand-in/ask", {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ query: { q: "source" } }),
  })
).json()) as { body: { items: Entry[] } };
const there = answer.body.items.filter(({ properties }) => String(properties.uid?.[0]).startsWith("trial-"));
const wrong = [...last].filter(([post, turn]) => {
  const own = there.filter(({ properties }) => properties.uid?.[0] === `trial-${post}`);
  const html = (own[0]?.properties.content?.[0] as { html?: string } | undefined)?.html;
  return own.length !== 1 || html !== `<p>${text(post, turn)}</p>`;
});
await kill();
console.log(
  `${POSTS} posts, ${counts.sent} sends in ${counts.tries} tries: the blog was killed ${counts.kills} times, ${counts.failures} tries failed.`,
);
console.log(
  `There once and whole, as sent last: ${POSTS - wrong.length} of ${POSTS}; ${there.length} posts in all.`,
);
process.exit(wrong.length || there.length !== POSTS ? 1 : 0);
