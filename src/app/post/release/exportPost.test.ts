/** Posts as files: what is in them, under which names. */
import { strFromU8, unzipSync } from "fflate";
import { beforeEach, describe, expect, it } from "vitest";
import { draftFromMarkdown } from "../../../core/draft/fromMarkdown";
import { blocksToEditor } from "../../../core/draft/toEditor";
import { addAsset } from "../../../data/assets";
import { db } from "../../../data/db";
import { newPost } from "../../../data/newPost";
import { emptySite } from "../../../data/settings";
import { createDraftApi } from "../../../workers/draftApi";
import { createFilesApi } from "../../../workers/filesApi";
import { postOpened } from "../../store/openPostSlice";
import { PostSession } from "../../store/postSession";
import { createTestStore } from "../../testing/testStore";
import { blogBodies, exportContext, exportMarkdown, exportPictures } from "./exportPost";

const NOW = "2026-11-28T10:00:00.000Z";
const post = newPost("p", emptySite, NOW, { title: "Bikes", slug: "cargo/../bikes", keyword: "cargo bike" });
const picture = (id: string) => `![A bike](asset:${id})`;
const asset = (id: string, fileName: string, type = "image/png") =>
  addAsset({ id, fileName, type, width: 1, height: 1, blob: new Blob([id], { type }) });
const draft = createDraftApi();

/** @param names of the files of its pictures, by their ids */
function setUp(markdown: string, names: Record<string, string> = {}) {
  const blocks = draftFromMarkdown(markdown).blocks.map((block) =>
    block.kind === "picture" ? { ...block, fileName: names[block.src.replace("asset:", "")] ?? "" } : block,
  );
  const { store } = createTestStore({
    workers: {
      draft: {
        ...draft,
        toMarkdown: async (...args: Parameters<typeof draft.toMarkdown>) => draft.toMarkdown(...args),
        toBlog: async (...args: Parameters<typeof draft.toBlog>) => draft.toBlog(...args),
      },
      pictures: { jpeg: async () => new Blob(["as jpeg"], { type: "image/jpeg" }) },
      withFiles: (_signal: unknown, task: (files: unknown) => unknown) => task(createFilesApi()),
    },
  });
  store.dispatch(postOpened({ post, outline: [] }));
  return { store, session: new PostSession("p", blocksToEditor(blocks)) };
}
const options = (jpeg = false) => ({ jpeg, onProgress: () => {}, signal: new AbortController().signal });
const unzipped = async (blob: Blob) => unzipSync(new Uint8Array(await blob.arrayBuffer()));

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
});

describe("an exported post", () => {
  it("is Markdown with its pictures beside it, two of one name apart, and what it is scored with", async () => {
    await asset("a", "bike.png");
    await asset("b", "bike.png");
    const { store, session } = setUp(`Ride.\n\n${picture("a")}\n\n${picture("b")}\n\n${picture("gone")}`, {
      a: "bike.png",
      b: "bike.png",
    });
    const { name, blob, missing } = await store.dispatch(exportMarkdown(session, options()));
    expect([name, missing]).toEqual(["cargo-..-bikes.zip", 1]);
    const files = await unzipped(blob);
    expect(Object.keys(files).sort()).toEqual([
      "cargo-..-bikes.context.json",
      "cargo-..-bikes.md",
      "pictures/bike-2.png",
      "pictures/bike.png",
    ]);
    const text = strFromU8(files["cargo-..-bikes.md"]!);
    expect(text).toContain("![A bike](pictures/bike.png)");
    expect(text).toContain("![A bike](pictures/bike-2.png)");
    expect(strFromU8(files["pictures/bike-2.png"]!)).toBe("b");
  });

  it("has newer kinds of pictures as JPEG where that is asked for, and others as they are", async () => {
    await asset("a", "bike.webp", "image/webp");
    await asset("b", "old.png");
    const { store, session } = setUp(`${picture("a")}\n\n${picture("b")}`, { a: "bike.webp", b: "old.png" });
    const { blob } = await store.dispatch(exportPictures(session, options(true)));
    const files = await unzipped(blob);
    expect(Object.entries(files).map(([name, bytes]) => [name, strFromU8(bytes)])).toEqual([
      ["bike.jpg", "as jpeg"],
      ["old.png", "b"],
    ]);
  });

  it("is two bodies for a blog: pictures by file name, or as lines that say where each goes", async () => {
    await asset("a", "bike.png");
    const { store, session } = setUp(`Ride.\n\n${picture("a")}`, { a: "bike.png" });
    const { html, rich } = await store.dispatch(blogBodies(session));
    expect(html).toContain(`src="bike.png"`);
    expect(rich).toContain("bike.png");
    expect(rich).not.toContain("<img");
  });

  it("can be scored elsewhere by what the application knows of it", async () => {
    const { store } = setUp("Ride.");
    const { name, blob } = store.dispatch(exportContext());
    expect(name).toBe("cargo-..-bikes.context.json");
    expect(JSON.parse(await blob.text())).toMatchObject({ format: "dune-sparrow-context", questions: [] });
  });

  it("is none where no post is open", () =>
    expect(() => createTestStore().store.dispatch(exportContext())).toThrow("No post is open."));
});
