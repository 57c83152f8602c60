/** Posts from files: what comes in, what stays out and why, and a file whose post is there already. */
import { zipSync } from "fflate";
import { afterAll, beforeEach, describe, expect, it, vi } from "vitest";
import { blocksFromEditor } from "../../../core/draft/fromEditor";
import { getAsset } from "../../../data/assets";
import { db } from "../../../data/db";
import { newPost } from "../../../data/newPost";
import { addPost, getDoc, getPost, listPosts } from "../../../data/posts";
import { emptySite } from "../../../data/settings";
import { listVersions } from "../../../data/versions";
import { createDraftApi } from "../../../workers/draftApi";
import { createFilesApi } from "../../../workers/filesApi";
import { TookTooLong } from "../../../workers/supervise";
import { postsRead } from "../../store/postsSlice";
import { createTestStore } from "../../testing/testStore";
import { importFiles, type Outcome, type Twin } from "./importPost";

const NOW = "2026-11-28T10:00:00.000Z";
const PNG = Uint8Array.from(
  atob("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=="),
  (char) => char.charCodeAt(0),
);
const file = (name: string, text: string | Uint8Array, path = "") => {
  const file = new File([text as BlobPart], name, { type: name.endsWith(".png") ? "image/png" : "" });
  Object.defineProperty(file, "webkitRelativePath", { value: path });
  return file;
};
const draft = createDraftApi();

function setUp(reader: Partial<typeof draft> = {}) {
  return createTestStore({
    workers: {
      draft: {
        ...draft,
        toEditor: async (...args: Parameters<typeof draft.toEditor>) => draft.toEditor(...args),
      },
      draftReader: { ...draft, ...reader },
      pictures: { fit: async () => null },
      withFiles: (_signal: unknown, task: (files: unknown) => unknown) => task(createFilesApi()),
    },
  }).store;
}
const take = (store: ReturnType<typeof setUp>, ...files: File[]) =>
  store.dispatch(importFiles(files, () => {}, new AbortController().signal));

beforeEach(async () => {
  vi.stubGlobal("navigator", { storage: { estimate: async () => ({}) } });
  vi.stubGlobal("createImageBitmap", async () => ({ width: 1, height: 1, close: () => {} }));
  await Promise.all(db.tables.map((table) => table.clear()));
});
afterAll(() => {
  vi.unstubAllGlobals();
});

describe("importing", () => {
  it("makes a draft of a Markdown file, its front matter and its pictures", async () => {
    const text = `---\ntitle: Winter cycling\ntags: [snow]\n---\n\n## Cold\n\nRide slowly.\n\n![A box bike](pictures/box.png)\n\n![Gone](pictures/gone.png)`;
    const [result] = await take(
      setUp(),
      file("post.md", text, "blog/post.md"),
      file("box.png", PNG, "blog/pictures/box.png"),
    );
    const { id, notes, words } = result as Extract<Outcome, { id: string }>;
    expect(await getPost(id)).toMatchObject({ title: "Winter cycling", tags: ["snow"], stage: "write" });
    expect(words).toBe(3);
    expect(notes).toEqual(["1 picture could not be found and stayed as a path: pictures/gone.png."]);
    const blocks = blocksFromEditor(await getDoc(id));
    const [kept, left] = blocks.filter((block) => block.kind === "picture");
    expect(await getAsset(kept!.src.replace("asset:", ""))).toMatchObject({ fileName: "box.png" });
    expect(left!.src).toBe("pictures/gone.png");
  });

  it("takes the posts of a zip, and says what it leaves alone and what is damaged in it", async () => {
    const zip = zipSync({
      "a.md": new TextEncoder().encode("# One\n\nText."),
      "b.html": new TextEncoder().encode("<h1>Two</h1><p>Text.</p>"),
      "table.xlsx": new Uint8Array([1]),
    });
    const results = await take(setUp(), file("posts.zip", zip));
    expect(
      results.map((one) => ("title" in one ? one.title : "leftAlone" in one ? one.leftAlone : one)),
    ).toEqual([["table.xlsx"], "One", "Two"]);
    expect(await listPosts()).toHaveLength(2);
  });

  it("says why a file did not come in, and the others do", async () => {
    const results = await take(
      setUp(),
      file("a.exe", "MZ"),
      file("empty.zip", zipSync({})),
      file("b.md", "# Fine"),
    );
    expect(results).toMatchObject([
      { name: "a.exe", error: "This is not a Markdown, HTML, DOCX, text or zip file." },
      { name: "empty.zip" },
      { title: "Fine" },
    ]);
  });

  it("takes a text that no reader comes to an end with as plain text", async () => {
    const store = setUp({ readFile: () => Promise.reject(new TookTooLong(20_000)) });
    const [result] = await take(store, file("a.md", "**Endless**"));
    expect(result).toMatchObject({ notes: [expect.stringMatching(/longer than 20 seconds/)] });
    const { id } = result as Extract<Outcome, { id: string }>;
    expect(blocksFromEditor(await getDoc(id)).map(({ text }) => text)).toEqual(["**Endless**"]);
  });

  it("asks about a post that is there, and replaces it with a version kept, or keeps both", async () => {
    const there = newPost("p", emptySite, NOW, { title: "Bikes", slug: "bikes", author: "Ines" });
    await addPost(there);
    const store = setUp();
    store.dispatch(postsRead([there]));
    const incoming = () =>
      take(store, file("bikes.md", "---\nslug: bikes\ntitle: New bikes\n---\n\nNew text."));
    const [twin] = (await incoming()) as [Twin];
    expect(twin).toMatchObject({ there: "Bikes", by: "slug", title: "New bikes" });
    expect(await listPosts()).toHaveLength(1);
    await twin.replace();
    // What the file does not say stays.
    expect(await getPost("p")).toMatchObject({ title: "New bikes", author: "Ines" });
    expect((await listVersions("p")).map(({ why }) => why)).toEqual(["before replacing"]);
    const [again] = (await incoming()) as [Twin];
    await again.keepBoth();
    expect(await listPosts()).toHaveLength(2);
  });

  it("imports nothing more once it is cancelled", async () => {
    const stop = new AbortController();
    const store = setUp();
    const results = await store.dispatch(
      importFiles(
        [file("a.md", "# A"), file("b.md", "# B")],
        (done) => done === 0 && stop.abort(),
        stop.signal,
      ),
    );
    expect(results).toHaveLength(1);
  });
});
