/** `dune-sparrow site`: a workspace file in, a folder of files out. */
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  symlinkSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { beforeAll, describe, expect, it } from "vitest";
import { newPost } from "../data/newPost";
import { emptySite } from "../data/settings";
import { packFiles } from "../data/workspace/pack";
import { VERSION, type WorkspaceFile } from "../data/workspace/workspaceFile";
import { called } from "./testing/called";

const folder = mkdtempSync(join(tmpdir(), "cli-site-"));
const path = (name: string) => join(folder, name);
const NOW = "2026-11-24T10:00:00.000Z";
const paragraph = (text: string, href?: string) => ({
  type: "paragraph",
  content: [{ type: "text", text, ...(href && { marks: [{ type: "link", attrs: { href } }] }) }],
});
const picture = {
  type: "picture",
  attrs: { src: "asset:bike", fileName: "bike.jpg", alt: "A bike", width: 1300, height: 20, bytes: 1000 },
};

const post = (id: string, fields: Partial<WorkspaceFile["posts"][number]>) =>
  newPost(id, emptySite, NOW, { title: id, slug: id, status: "live", date: "2026-03-01", ...fields });

async function workspace(name: string, change: (file: WorkspaceFile) => void = () => {}): Promise<string> {
  const file: WorkspaceFile = {
    format: "dune-sparrow-workspace",
    version: VERSION,
    site: { ...emptySite, name: "Brackenford", authors: [] },
    posts: [
      post("live", {}),
      post("draft", { status: "draft" }),
      post("later", { status: "scheduled", publishAt: "2026-12-03T08:00:00+01:00" }),
    ],
    bodies: [{ postId: "live", doc: { type: "doc", content: [paragraph("Text."), picture] } }],
    outlines: [],
    keywords: [],
    assets: [
      {
        id: "bike",
        fileName: "bike.jpg",
        type: "image/jpeg",
        width: 1300,
        height: 20,
        file: "pictures/bike.jpg",
      },
    ],
  };
  change(file);
  const jpeg = await sharp({ create: { width: 1300, height: 20, channels: 3, background: "#abc" } })
    .jpeg()
    .toBuffer();
  const packed = await packFiles([
    { name: "workspace.json", content: JSON.stringify(file) },
    { name: "pictures/bike.jpg", content: new Uint8Array(jpeg) },
  ]);
  writeFileSync(path(name), new Uint8Array(await packed.arrayBuffer()));
  return path(name);
}

let plain = "";
beforeAll(async () => {
  plain = await workspace("plain.zip");
});

describe("dune-sparrow site", () => {
  it("writes what is live, and what is scheduled once its time has come", async () => {
    const before = await called(
      "site",
      plain,
      "--out",
      path("a"),
      "--now",
      "2026-12-03T06:59Z",
      "--format",
      "json",
    );
    expect(before).toMatchObject({ code: 0, err: "" });
    expect(JSON.parse(before.out)).toMatchObject({ version: 1, posts: 1, redirects: 0, problems: [] });
    expect(existsSync(path("a/blog/live/index.html"))).toBe(true);
    expect(existsSync(path("a/blog/later/index.html"))).toBe(false);
    const after = await called("site", plain, "--out", path("a"), "--now", "2026-12-03T07:00Z");
    expect(after.code).toBe(0);
    expect(after.out).toContain("2 posts");
    expect(existsSync(path("a/blog/later/index.html"))).toBe(true);
    expect(existsSync(path("a/blog/draft/index.html"))).toBe(false);
  });

  it("writes pictures as wide as pages ask for", async () => {
    await called("site", plain, "--out", path("p"), "--now", NOW);
    const names = readdirSync(path("p/pictures")).sort();
    const widths = await Promise.all(
      names.map(async (name) => (await sharp(path(`p/pictures/${name}`)).metadata()).width),
    );
    expect(widths).toEqual([480, 960, 1300]);
  });

  it("deletes what an earlier run has written and this one has not, and nothing else", async () => {
    await called("site", plain, "--out", path("b"), "--now", "2026-12-31");
    writeFileSync(path("b/own.txt"), "Mine");
    await called("site", plain, "--out", path("b"), "--now", "2026-12-01");
    expect(existsSync(path("b/blog/later"))).toBe(false);
    expect(readFileSync(path("b/own.txt"), "utf8")).toBe("Mine");
  });

  it("says what is wrong, with exit code 1, and writes the rest", async () => {
    const faulty = await workspace("faulty.zip", (file) => {
      file.posts.push(post("twin", { slug: "live", title: "Twin", date: "2026-04-01" }));
      file.bodies[0]!.doc.content.push(paragraph("a link", "/blog/nowhere"));
      file.bodies.push({ postId: "twin", doc: { type: "doc", content: [] } });
    });
    const { code, out } = await called("site", faulty, "--out", path("c"), "--now", NOW, "--format", "json");
    expect(code).toBe(1);
    expect((JSON.parse(out) as { problems: object[] }).problems).toEqual([
      { file: "blog/live/index.html", says: expect.stringContaining("has the address of “live”") as string },
      { file: "blog/live/index.html", says: expect.stringContaining("links to /blog/nowhere") as string },
    ]);
    const text = await called("site", faulty, "--out", path("c"), "--now", NOW);
    expect(text.err).toContain("blog/live/index.html: “live” links to /blog/nowhere");
  });

  it.each([
    ["no file", []],
    ["no folder", ["plain.zip"]],
    ["a file that is not there", ["none.zip", "--out", "d"]],
    ["a file that is no workspace", ["own.txt", "--out", "d"]],
    ["a folder that is not empty", ["plain.zip", "--out", "full"]],
    ["a folder that is a file", ["plain.zip", "--out", "own.txt"]],
    ["a base that is no address", ["plain.zip", "--out", "d", "--base", "ftp://x"]],
    ["a moment that is none", ["plain.zip", "--out", "d", "--now", "tomorrow"]],
    ["a format that is none", ["plain.zip", "--out", "d", "--format", "yaml"]],
    ["an option that is none", ["plain.zip", "--out", "d", "--fast"]],
  ])("refuses %s with exit code 2, and writes nothing", async (_what, args) => {
    writeFileSync(path("own.txt"), "Mine");
    mkdirSync(path("full"), { recursive: true });
    writeFileSync(path("full/own.txt"), "Mine");
    const { code, err } = await called(
      "site",
      ...args.map((arg) => (/^[a-z.]+$/.test(arg) && !["yaml", "tomorrow"].includes(arg) ? path(arg) : arg)),
    );
    expect(code).toBe(2);
    expect(err).toContain("Usage: dune-sparrow site");
    expect(existsSync(path("d"))).toBe(false);
    expect(readdirSync(path("full"))).toEqual(["own.txt"]);
  });

  it("writes nothing outside of the folder, through a link in it either", async () => {
    await called("site", plain, "--out", path("e"), "--now", NOW);
    mkdirSync(path("outside"));
    const linked = path("f");
    mkdirSync(linked);
    writeFileSync(join(linked, ".dune-sparrow-site.json"), '{"version":1,"files":["../outside/x","blog/x"]}');
    symlinkSync(path("outside"), join(linked, "blog"));
    writeFileSync(path("outside/x"), "Mine");
    const { code, err } = await called("site", plain, "--out", linked, "--now", NOW);
    expect(code).toBe(2);
    expect(err).toContain("leads out of the folder");
    expect(readdirSync(path("outside"))).toEqual(["x"]);
  });
});

it("a command that is none is refused with all that there are", async () => {
  const { code, err } = await called("publish");
  expect(code).toBe(2);
  expect(err).toMatch(/no command “publish”[\s\S]*dune-sparrow score[\s\S]*dune-sparrow site/);
  expect(await called("--help")).toMatchObject({ code: 0 });
});
