/** The stand-in blog as a Micropub client meets it that knows nothing of this application (W3C Micropub, 2017). */
import { spawn } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from "node:fs";
import type { Server } from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { parseHTML } from "linkedom";
import sharp from "sharp";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { plainBlogSite } from "../../../core/micropub/blogSite";
import { listen } from "../../listen";
import { createLog } from "../../log";
import { Blog } from "./blog";
import { createBlogApp } from "./blogApp";
import { BlogStore, blogToken } from "./blogStore";

const MINUTE = 60_000;
const log = createLog({ write: () => {} });
let folder = "";
let server: Server;
let origin = "";
let token = "";
let blog: Blog;
let now = Date.parse("2026-11-28T10:00:00Z");

async function open(): Promise<void> {
  token = blogToken(folder);
  blog = new Blog(new BlogStore(folder, plainBlogSite), () => now);
  const listening = await listen(createBlogApp(blog, { token, log }), 5200);
  server = listening.server;
  origin = `http://127.0.0.1:${listening.port}`;
  blog.origin = origin;
}
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "blog-"));
  now = Date.parse("2026-11-28T10:00:00Z");
  await open();
});
afterEach(() => {
  server.close();
  server.closeAllConnections();
  rmSync(folder, { recursive: true, force: true });
});

const auth = () => ({ Authorization: `Bearer ${token}` });
const ask = (query: string, headers: Record<string, string> = auth()) =>
  fetch(`${origin}/micropub?${query}`, { headers });
const tell = (body: object) =>
  fetch(`${origin}/micropub`, {
    method: "POST",
    headers: { ...auth(), "Content-Type": "application/json" },
    body: JSON.stringify(body),
  });
const form = (fields: [string, string][], headers: Record<string, string> = auth()) =>
  fetch(`${origin}/micropub`, { method: "POST", headers, body: new URLSearchParams(fields) });
const create = async (properties: Record<string, unknown[]>): Promise<string> => {
  const answer = await tell({ type: ["h-entry"], properties });
  expect(answer.status).toBe(201);
  return answer.headers.get("Location")!;
};
const look = (url: string) => fetch(url, { redirect: "manual" });
const sourceOf = async (url: string) =>
  (
    (await (await ask(`q=source&url=${encodeURIComponent(url)}`)).json()) as {
      properties: Record<string, unknown[]>;
    }
  ).properties;

describe("the endpoint", () => {
  it("is named on the page that the blog begins with", async () => {
    const page = await fetch(`${origin}/`);
    expect(page.status).toBe(200);
    expect(page.headers.get("Link")).toContain('rel="micropub"');
    expect(await page.text()).toContain('<link rel="micropub" href="/micropub">');
  });

  it("has no icon, and makes no error of that", async () => {
    const answer = await fetch(`${origin}/favicon.ico`);
    expect([answer.status, await answer.text()]).toEqual([204, ""]);
  });

  it("says what it can do", async () => {
    const config = (await (await ask("q=config")).json()) as Record<string, unknown>;
    expect(config).toMatchObject({ "media-endpoint": `${origin}/micropub/media` });
    expect(await (await ask("q=syndicate-to")).json()).toEqual({ "syndicate-to": config["syndicate-to"] });
    expect(config["syndicate-to"]).toContainEqual({
      uid: "riders-digest",
      name: "Riders' digest (stand-in)",
    });
  });

  it.each([
    ["no token", {}, 401, "unauthorized"],
    ["a wrong token", { Authorization: "Bearer wrong" }, 403, "forbidden"],
    ["something that is no token", { Authorization: "Basic x" }, 401, "unauthorized"],
  ])("refuses %s", async (_what, headers, status, code) => {
    for (const answer of [
      await ask("q=config", headers),
      await form(
        [
          ["h", "entry"],
          ["content", "x"],
        ],
        headers,
      ),
    ]) {
      expect(answer.status).toBe(status);
      expect(await answer.json()).toMatchObject({ error: code });
    }
    expect(readdirSync(join(folder, "posts"))).toEqual([]);
  });

  it("takes the token in a form, and not twice", async () => {
    const fields: [string, string][] = [
      ["h", "entry"],
      ["content", "x"],
      ["access_token", token],
    ];
    expect((await form(fields, {})).status).toBe(201);
    expect((await form(fields)).status).toBe(400);
  });

  it.each([
    [{}],
    [{ type: ["h-event"], properties: {} }],
    [{ type: ["h-entry"], properties: { name: "x" } }],
    [{ action: "dance", url: "/" }],
    [{ action: "update", url: "/" }],
    [{ action: "x-site", site: {} }],
  ])("refuses %j in the standard's words", async (body) => {
    const answer = await tell(body);
    expect(answer.status).toBe(400);
    expect(await answer.json()).toMatchObject({ error: "invalid_request" });
  });

  it("refuses what is no JSON, and a post that is not there", async () => {
    const broken = await fetch(`${origin}/micropub`, {
      method: "POST",
      headers: { ...auth(), "Content-Type": "application/json" },
      body: "{",
    });
    expect([broken.status, ((await broken.json()) as { error: string }).error]).toEqual([
      400,
      "invalid_request",
    ]);
    expect((await ask("q=source&url=/none")).status).toBe(404);
    expect((await tell({ action: "delete", url: `${origin}/none` })).status).toBe(404);
  });
});

describe("a post", () => {
  it("is created in JSON, with a page of its own, in lists and feeds", async () => {
    const url = await create({
      name: ["Rain"],
      content: [{ html: "<p>It <b>rains</b>.</p>" }],
      "mp-slug": ["rain"],
      category: ["wet"],
    });
    expect(url).toBe(`${origin}/rain`);
    const page = await look(url);
    expect(page.status).toBe(200);
    expect(await page.text()).toContain("<p>It <strong>rains</strong>.</p>");
    for (const path of ["/", "/feed.xml", "/sitemap.xml", "/tag/wet"])
      expect(await (await fetch(origin + path)).text(), path).toContain("/rain");
    expect(await sourceOf(url)).toMatchObject({
      name: ["Rain"],
      category: ["wet"],
      published: ["2026-11-28T10:00:00.000Z"],
    });
    const some = await ask(`q=source&properties[]=name&url=${url}`);
    expect(await some.json()).toEqual({ properties: { name: ["Rain"] } });
  });

  it("is created by a form, plain or with a picture", async () => {
    const plain = await form([
      ["h", "entry"],
      ["content", "Just a <line>."],
      ["category[]", "one"],
      ["category[]", "two"],
    ]);
    expect(plain.status).toBe(201);
    expect(await (await look(plain.headers.get("Location")!)).text()).toContain("Just a &#x3C;line>.");
    const parts = new FormData();
    parts.append("h", "entry");
    parts.append("name", "Photo");
    const png = await sharp({ create: { width: 1000, height: 500, channels: 3, background: "#abc" } })
      .png()
      .toBuffer();
    parts.append("photo", new Blob([new Uint8Array(png)], { type: "image/png" }), "A view.png");
    const photo = await fetch(`${origin}/micropub`, { method: "POST", headers: auth(), body: parts });
    expect(photo.status).toBe(201);
    const html = await (await look(photo.headers.get("Location")!)).text();
    const [, src] = /<img src="([^"]+)"/.exec(html)!;
    expect(src).toMatch(/^\/pictures\/a-view-[0-9a-f]{12}\.png$/);
    const narrow = await fetch(origin + src!.replace(".png", "-480.png"));
    expect((await sharp(Buffer.from(await narrow.arrayBuffer())).metadata()).width).toBe(480);
  });

  it("is updated by replace, add and delete", async () => {
    const url = await create({ name: ["One"], content: ["Text."], category: ["a", "b"], "mp-slug": ["one"] });
    for (const change of [
      { replace: { name: ["Two"] } },
      { add: { category: ["c"] } },
      { delete: { category: ["a"] } },
      { delete: ["content"] },
    ])
      expect((await tell({ action: "update", url, ...change })).status).toBe(204);
    expect(await sourceOf(url)).toMatchObject({ name: ["Two"], category: ["b", "c"] });
    expect(await sourceOf(url)).not.toHaveProperty("content");
    expect(await (await look(url)).text()).toContain("<h1>Two</h1>");
  });

  it("is deleted, and comes back", async () => {
    const url = await create({ content: ["Text."], "mp-slug": ["gone"] });
    expect((await tell({ action: "delete", url })).status).toBe(204);
    expect((await look(url)).status).toBe(410);
    expect(await (await fetch(`${origin}/feed.xml`)).text()).not.toContain("/gone");
    expect(
      (
        await form([
          ["action", "undelete"],
          ["url", url],
        ])
      ).status,
    ).toBe(204);
    expect((await look(url)).status).toBe(200);
  });

  it("is held back until its minute", async () => {
    const url = await create({
      content: ["Text."],
      "mp-slug": ["later"],
      published: ["2026-11-28T11:00:00+00:00"],
    });
    expect((await look(url)).status).toBe(404);
    expect(await (await fetch(`${origin}/`)).text()).not.toContain("/later");
    expect(await sourceOf(url)).toMatchObject({ content: ["Text."] });
    now += 59 * MINUTE;
    expect((await look(url)).status).toBe(404);
    now += MINUTE;
    expect((await look(url)).status).toBe(200);
    expect(await (await fetch(`${origin}/`)).text()).toContain("/later");
  });

  it("is copied to the places that were asked for, from its minute on, and each copy leads back", async () => {
    const url = await create({
      name: ["Rain"],
      content: ["It rains."],
      summary: ["Why it rains."],
      published: ["2026-11-28T10:30:00Z"],
      "mp-syndicate-to": ["riders-digest", "nowhere"],
      syndication: ["https://elsewhere.example/rain"],
    });
    const { syndication } = await sourceOf(url);
    const copy = String(syndication![1]);
    expect(syndication).toEqual([
      "https://elsewhere.example/rain",
      expect.stringContaining("/elsewhere/riders-digest/"),
    ]);
    expect((await fetch(copy)).status).toBe(404);
    now += 31 * MINUTE;
    const page = parseHTML(await (await fetch(copy)).text()).document;
    expect(page.querySelector("main")?.textContent).toContain("Why it rains.");
    expect(page.querySelector("link[rel=canonical]")?.getAttribute("href")).toBe("https://blog.example/rain");
    expect((await fetch(copy.replace("riders-digest", "town-noticeboard"))).status).toBe(404);
    const own = parseHTML(await (await fetch(url)).text()).document;
    expect([...own.querySelectorAll("[rel=syndication]")].map((a) => a.getAttribute("href"))).toEqual(
      syndication,
    );
  });

  it("is mailed once where that was asked for, and not before its minute", async () => {
    await create({ name: ["Dry"], content: ["x"] });
    const url = await create({
      name: ["Rain & “more”"],
      content: ["It rains."],
      summary: ["Why it rains."],
      published: ["2026-11-28T10:30:00Z"],
      "x-mail": ["subscribers"],
    });
    const mails = () => readdirSync(join(folder, "mail"));
    await blog.mailDue();
    expect(mails()).toEqual([]);
    now += 31 * MINUTE;
    await blog.mailDue();
    await tell({ action: "update", url, replace: { content: ["It rains more."] } });
    await blog.mailDue();
    const [mail, ...others] = mails();
    expect(others).toEqual([]);
    const text = readFileSync(join(folder, "mail", mail!), "utf8");
    expect(text).toMatch(/^Date: Sat, 28 Nov 2026 10:31:00 \+0000\r?$/m);
    expect(text).toContain("https://blog.example/rain-more");
    expect(text).toContain("Why it rains.");
  });

  it("that moves leaves its old addresses leading on, in one step, and never in a ring", async () => {
    const url = await create({ content: ["Text."], "mp-slug": ["one"] });
    const move = async (slug: string, from: string) => {
      const answer = await tell({ action: "update", url: from, replace: { "mp-slug": [slug] } });
      expect(answer.status).toBe(201);
      return answer.headers.get("Location")!;
    };
    const two = await move("two", url);
    const three = await move("three", two);
    for (const old of [url, two]) {
      const answer = await look(old);
      expect([answer.status, answer.headers.get("Location")]).toEqual([301, "/three"]);
    }
    expect(await move("one", three)).toBe(url);
    expect((await look(url)).status).toBe(200);
    expect((await look(two)).headers.get("Location")).toBe("/one");
    // An address that was given up still says which post is meant.
    expect((await tell({ action: "update", url: two, replace: { name: ["New"] } })).status).toBe(204);
  });

  it("gets an address of its own where the slug is taken or cannot be one", async () => {
    expect(await create({ content: ["A"], "mp-slug": ["same"] })).toBe(`${origin}/same`);
    expect(await create({ content: ["B"], "mp-slug": ["same"] })).toBe(`${origin}/same-2`);
    expect(await create({ content: ["C"], "mp-slug": ["../../etc/passwd"] })).toBe(`${origin}/etcpasswd`);
    expect(await create({ content: ["Only these words"] })).toBe(`${origin}/only-these-words`);
  });

  it("of one uid is one post, however often it is sent", async () => {
    const send = (name: string) =>
      create({ uid: ["post-1"], name: [name], content: ["Text."], "mp-slug": ["one"] });
    const urls = await Promise.all([send("One"), send("One"), send("Two")]);
    expect(new Set(urls)).toEqual(new Set([`${origin}/one`]));
    expect(readdirSync(join(folder, "posts"))).toHaveLength(1);
    expect(await sourceOf(urls[0]!)).toMatchObject({ name: ["Two"] });
  });

  it("is kept over a start, with its token and its addresses", async () => {
    const url = await create({ content: ["Text."], "mp-slug": ["kept"] });
    const path = new URL(url).pathname;
    server.close();
    server.closeAllConnections();
    const before = token;
    await open();
    expect(token).toBe(before);
    expect(statSync(join(folder, "token")).mode & 0o077).toBe(0);
    expect((await look(origin + path)).status).toBe(200);
  });

  it("that would act on its readers does not", async () => {
    const url = await create({
      name: ["<script>x()</script>"],
      content: [
        {
          html: '<p onclick="x()">a</p><script>x()</script><a href="javascript:x()">b</a><iframe src="javascript:x()"></iframe>',
        },
      ],
      author: [{ type: ["h-card"], properties: { name: ["__proto__"] } }],
      __proto__x: ["x"],
    });
    const page = await look(url);
    const html = await page.text();
    const { document } = parseHTML(html);
    const types = new Set([...document.querySelectorAll("script")].map((one) => one.getAttribute("type")));
    expect([...types]).toEqual(["application/ld+json"]);
    expect(document.querySelectorAll("[onclick], [href^=javascript], iframe")).toHaveLength(0);
    expect(document.querySelector("h1")!.textContent).toBe("<script>x()</script>");
    expect(page.headers.get("Content-Security-Policy")).toContain("default-src 'none'");
  });
});

describe("the media endpoint", () => {
  const send = (bytes: Uint8Array, name = "bike.jpg", headers: Record<string, string> = auth()) => {
    const parts = new FormData();
    parts.append("file", new Blob([new Uint8Array(bytes)]), name);
    return fetch(`${origin}/micropub/media`, { method: "POST", headers, body: parts });
  };
  it("keeps a picture once, by its content", async () => {
    const jpeg = await sharp({ create: { width: 20, height: 10, channels: 3, background: "#abc" } })
      .jpeg()
      .toBuffer();
    const first = await send(jpeg);
    expect(first.status).toBe(201);
    const second = await send(jpeg);
    expect(second.headers.get("Location")).toBe(first.headers.get("Location"));
    expect(readdirSync(join(folder, "media"))).toHaveLength(1);
    const there = await fetch(first.headers.get("Location")!);
    expect(there.headers.get("Content-Type")).toBe("image/jpeg");
    expect(Buffer.from(await there.arrayBuffer()).equals(jpeg)).toBe(true);
  });
  it.each([
    ["a page", "<html><script>x()</script>"],
    ["nothing", ""],
    ["half a picture", "\xff\xd8\xff\xe0"],
  ])("refuses %s", async (_what, text) => {
    expect((await send(Buffer.from(text, "latin1"))).status).toBe(400);
    expect(readdirSync(join(folder, "media"))).toEqual([]);
  });
  it("keeps a file to download, hands it out as one, and refuses what is not what its name says", async () => {
    const send = (name: string, bytes: string) => {
      const data = new FormData();
      data.append("file", new Blob([bytes]), name);
      return fetch(`${origin}/micropub/media`, { method: "POST", headers: auth(), body: data });
    };
    const kept = await send("Check list.pdf", "%PDF-1.7 list");
    expect(kept.status).toBe(201);
    const file = await fetch(kept.headers.get("Location")!);
    expect([file.headers.get("Content-Type"), file.headers.get("Content-Disposition")]).toEqual([
      "application/pdf",
      expect.stringMatching(/^attachment; filename="?check-list.pdf"?$/),
    ]);
    for (const [name, bytes] of [
      ["a.pdf", "MZ program"],
      ["a.html", "<p>x</p>"],
      ["a.svg", "<svg/>"],
      ["a.csv", "%PDF-1.7 list"],
    ] as const)
      expect((await send(name, bytes)).status, name).toBe(400);
    const url = await create({
      name: ["With a file"],
      content: [
        {
          html: `<p data-block="file"><a href="${kept.headers.get("Location")}" download="Check list.pdf" data-bytes="13">List</a></p>`,
        },
      ],
    });
    const link = parseHTML(await (await fetch(url)).text()).document.querySelector("[download]");
    const there = await fetch(new URL(link!.getAttribute("href")!, origin));
    expect([there.status, await there.text(), there.headers.get("Content-Disposition")]).toEqual([
      200,
      "%PDF-1.7 list",
      expect.stringContaining("attachment"),
    ]);
  });

  it("is where pictures of the site are too: its pages are shared with the same file wherever they are rendered", async () => {
    const bytes = await sharp({ create: { width: 600, height: 300, channels: 3, background: "#345" } })
      .jpeg()
      .toBuffer();
    const data = new FormData();
    data.append("file", new Blob([new Uint8Array(bytes)]), "site.jpg");
    const kept = await fetch(`${origin}/micropub/media`, { method: "POST", headers: auth(), body: data });
    await tell({ action: "x-site", site: { ...plainBlogSite, socialPicture: kept.headers.get("Location") } });
    const url = await create({ name: ["Rain"], content: ["It rains."] });
    const page = parseHTML(await (await fetch(url)).text()).document;
    const shared = page.querySelector("[property='og:image']")!.getAttribute("content")!;
    expect(shared).toMatch(/^https:\/\/blog\.example\/pictures\/site-/);
    expect((await fetch(origin + new URL(shared).pathname)).status).toBe(200);
  });

  it("refuses who has no token", async () =>
    expect((await send(new Uint8Array(2), "a.jpg", {})).status).toBe(401));
});

it("a site that changes its pattern leaves every old address leading on", async () => {
  const url = await create({ content: ["Text."], "mp-slug": ["a"], "x-categories": ["care"] });
  const categories = [{ id: "care", name: "Care", slug: "care", description: "", parent: null }];
  const answer = await tell({
    action: "x-site",
    site: { ...plainBlogSite, categories, basePath: "/journal/", addressPattern: "category/slug" },
  });
  expect(answer.status).toBe(204);
  const moved = await look(url);
  expect([moved.status, moved.headers.get("Location")]).toEqual([301, "/journal/care/a"]);
  expect((await look(`${origin}/journal/care/a`)).status).toBe(200);
  expect((await look(`${origin}/journal/care/a/`)).headers.get("Location")).toBe("/journal/care/a");
});

it("is killed at any moment, and each post is whole, as it was or as it is", async () => {
  const url = await create({ uid: ["1"], content: ["x".repeat(200_000)], "mp-slug": ["killed"] });
  const file = join(folder, "posts", readdirSync(join(folder, "posts"))[0]!);
  const writer = `
    const { Blog } = await import(${JSON.stringify(join(import.meta.dirname, "blog.ts"))});
    const { BlogStore } = await import(${JSON.stringify(join(import.meta.dirname, "blogStore.ts"))});
    const blog = new Blog(new BlogStore(${JSON.stringify(folder)}, ${JSON.stringify(plainBlogSite)}));
    console.log("ready");
    for (let n = 0; ; n++) await blog.update("/killed", { replace: { content: [String(n % 10).repeat(200_000)] } });`;
  for (let round = 0; round < 3; round++) {
    const child = spawn(process.execPath, ["--import", "tsx", "--input-type=module", "-e", writer], {
      stdio: ["ignore", "pipe", "ignore"],
    });
    await new Promise((ready) => child.stdout.once("data", ready));
    await new Promise((later) => setTimeout(later, 20 + round * 37));
    child.kill("SIGKILL");
    await new Promise((gone) => child.once("exit", gone));
    const { entry } = JSON.parse(readFileSync(file, "utf8")) as {
      entry: { properties: { content: string[] } };
    };
    expect(entry.properties.content[0]).toMatch(/^(.)\1{199999}$/);
  }
  expect(new URL(url).pathname).toBe("/killed");
}, 60_000);
