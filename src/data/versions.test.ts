import { readFileSync } from "node:fs";
import { join } from "node:path";
import { beforeEach, describe, expect, it } from "vitest";
import type { EditorDoc } from "../core/blocks/editorJson";
import { deletePost, restorePost } from "./deletePost";
import type { PostVersion } from "./model";
import { listVersions } from "./versions";
import { getVersionDoc, keepVersion } from "./versionTexts";
import { packWorkspace } from "./workspace/pack";
import { readWorkspace } from "./workspace/read";
import { replaceWorkspace } from "./workspace/replace";

const DEMO = new Uint8Array(
  readFileSync(join(import.meta.dirname, "../../public/demo/brackenford.dunesparrow.zip")),
);
const POST = "electric-cargo-bike-for-families";
const doc = (text: string): EditorDoc => ({
  type: "doc",
  content: [{ type: "paragraph", content: [{ type: "text", text }] }],
});
const version = (id: string, savedAt: string, more: Partial<PostVersion> = {}): PostVersion => ({
  id,
  postId: POST,
  savedAt,
  name: "",
  why: "by hand",
  words: 1,
  score: 50,
  fields: { title: "T", metaTitle: "", description: "" },
  ...more,
});
const ids = async () => (await listVersions(POST)).map(({ id }) => id);

describe("versions", () => {
  beforeEach(async () => replaceWorkspace(await readWorkspace(new Blob([DEMO])), "2026-01-01T00:00:00.000Z"));

  it("are kept once for each state; the same state again only takes the name", async () => {
    expect(await keepVersion(version("a", "2026-06-01T10:00:00Z"), doc("One"))).toBe(true);
    expect(await keepVersion(version("b", "2026-06-01T10:05:00Z", { name: "Sent" }), doc("One"))).toBe(false);
    expect(await listVersions(POST)).toMatchObject([{ id: "a", name: "Sent" }]);
    const fields = { title: "Other", metaTitle: "", description: "" };
    expect(await keepVersion(version("c", "2026-06-01T10:10:00Z", { fields }), doc("One"))).toBe(true);
    expect(await ids()).toEqual(["c", "a"]);
  });

  it("are thinned out as they grow old, bodies too", async () => {
    for (let i = 0; i < 5; i++)
      await keepVersion(version(`m${i}`, `2026-06-01T10:0${i}:00Z`), doc(`State ${i}`));
    expect(await ids()).toHaveLength(5);
    await keepVersion(version("late", "2026-06-09T10:00:00Z"), doc("Later"));
    expect(await ids()).toEqual(["late", "m4", "m0"]);
    expect(await getVersionDoc("m2")).toBeUndefined();
    expect(await getVersionDoc("m4")).toEqual(doc("State 4"));
  });

  it("are of no post that is gone, leave with theirs and come back with it", async () => {
    await keepVersion(version("a", "2026-06-01T10:00:00Z"), doc("One"));
    const deleted = (await deletePost(POST))!;
    expect(await ids()).toEqual([]);
    expect(await keepVersion(version("b", "2026-06-02T10:00:00Z"), doc("Two"))).toBe(false);
    await restorePost(deleted);
    expect(await ids()).toEqual(["a"]);
    expect(await getVersionDoc("a")).toEqual(doc("One"));
  });

  it("travel in the workspace file, with nothing in them that could act", async () => {
    await keepVersion(version("a", "2026-06-01T10:00:00Z"), {
      type: "doc",
      content: [{ type: "button", attrs: { href: "javascript:alert(1)" } }],
    });
    const packed = await packWorkspace("2026-06-02T10:00:00Z");
    await replaceWorkspace(await readWorkspace(packed), "2026-01-01T00:00:00.000Z");
    expect(await ids()).toEqual(["a"]);
    expect((await getVersionDoc("a"))!.content[0]!.attrs).toEqual({ href: "" });
  });
});
