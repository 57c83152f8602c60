import { afterAll, beforeEach, expect, it, vi } from "vitest";
import type { EditorDoc } from "../core/blocks/editorJson";
import { db } from "./db";
import { deletePost } from "./deletePost";
import { dropLastWords, keepLastWords, postsWithLastWords, replayLastWords } from "./lastWords";
import { newPost } from "./newPost";
import { getPlan } from "./plans";
import { addPost, getDoc, getPost, savePost } from "./posts";
import { emptySite } from "./settings";
import { listVersions } from "./versions";
import { getVersionDoc } from "./versionTexts";

const at = (n: number) => `2026-02-01T00:00:${String(n).padStart(2, "0")}.000Z`;
const doc = (text: string): EditorDoc => ({
  type: "doc",
  content: [{ type: "paragraph", content: [{ type: "text", text }] }],
});

/** Storage as a browser's. */
function storage(): Pick<Storage, "length" | "key" | "getItem" | "setItem" | "removeItem"> {
  const items = new Map<string, string>();
  return {
    get length() {
      return items.size;
    },
    key: (place) => [...items.keys()][place] ?? null,
    getItem: (key) => items.get(key) ?? null,
    setItem: (key, value) => void items.set(key, value),
    removeItem: (key) => void items.delete(key),
  };
}

beforeEach(async () => {
  vi.stubGlobal("localStorage", storage());
  await db.delete();
  await db.open();
  await addPost(newPost("a", emptySite, at(0), { title: "A" }), doc("stored"));
});
afterAll(() => {
  vi.unstubAllGlobals();
});

it("are stored at the next start, fields and outline too, and then forgotten", async () => {
  const outline = [{ id: "1", level: 2 as const, text: "Rain", note: "" }];
  keepLastWords("a", { doc: doc("last"), post: { title: "B" }, outline }, at(2));
  expect(postsWithLastWords()).toEqual(["a"]);
  await replayLastWords("a", "v");
  expect([await getDoc("a"), (await getPost("a"))!.title, (await getPlan("a")).items]).toEqual([
    doc("last"),
    "B",
    outline,
  ]);
  expect((await getPost("a"))!.updatedAt).toBe(at(2));
  expect(postsWithLastWords()).toEqual([]);
});

it("do not replace what was written since, and are kept as a version of it", async () => {
  keepLastWords("a", { doc: doc("last") }, at(2));
  await savePost("a", { doc: doc("newer") }, at(3));
  await replayLastWords("a", "v");
  expect(await getDoc("a")).toEqual(doc("newer"));
  expect((await listVersions("a")).map(({ why }) => why)).toEqual(["written as the page was left"]);
  expect(await getVersionDoc("v")).toEqual(doc("last"));
});

it("are no version where the text is theirs already", async () => {
  keepLastWords("a", { doc: doc("newer") }, at(2));
  await savePost("a", { doc: doc("newer") }, at(3));
  await replayLastWords("a", "v");
  expect(await listVersions("a")).toEqual([]);
});

it.each(["{", "null", "7", '{"at":1}', '{"at":"x","change":{"doc":{}}}'])(
  "stand %s in their place",
  async (json) => {
    localStorage.setItem("dune-sparrow last words a", json);
    await replayLastWords("a", "v");
    expect([await getDoc("a"), postsWithLastWords()]).toEqual([doc("stored"), []]);
  },
);

it("of a post that is gone, or none, change nothing", async () => {
  await replayLastWords("a", "v");
  keepLastWords("a", { doc: doc("last") }, at(2));
  await deletePost("a");
  await replayLastWords("a", "v");
  expect([await db.posts.count(), await db.bodies.count(), postsWithLastWords()]).toEqual([0, 0, []]);
  dropLastWords("a");
});
