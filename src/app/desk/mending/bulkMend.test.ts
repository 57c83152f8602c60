import { afterAll, beforeEach, expect, it, vi } from "vitest";
import { blocksFromEditor } from "../../../core/draft/fromEditor";
import { draftFromMarkdown } from "../../../core/draft/fromMarkdown";
import { blocksToEditor } from "../../../core/draft/toEditor";
import { noContext } from "../../../core/proof/context";
import { noHelp } from "../../../core/proof/mends/mend";
import { mendAll } from "../../../core/proof/mends/mending";
import { houseProfile } from "../../../core/proof/profile";
import { db } from "../../../data/db";
import { draftOf } from "../../../data/draft";
import { newPost } from "../../../data/newPost";
import { addPost, getDoc, getPost, savePost } from "../../../data/posts";
import { emptySite } from "../../../data/settings";
import { listVersions } from "../../../data/versions";
import { createTestStore } from "../../testing/testStore";
import { makeMends, type PostMends } from "./bulkMend";

const NOW = "2026-11-24T10:00:00.000Z";
const doc = blocksToEditor(draftFromMarkdown("## Start\n\nA cargo bike.\n\n#### Deep").blocks);

/** A post with two things to mend: its levels, and its slug. */
async function mendable(id: string): Promise<PostMends> {
  const post = newPost(id, emptySite, NOW, { title: `Post ${id}`, keyword: "cargo bike" });
  await addPost(post, doc);
  const terms = { context: noContext, profile: houseProfile, help: noHelp };
  const { made } = mendAll(
    draftOf(post, emptySite, doc),
    [{ mend: "heading-levels" }, { mend: "slug" }],
    terms,
  );
  expect(made).toHaveLength(2);
  return { post, doc, made };
}
const levels = async (id: string) =>
  blocksFromEditor(await getDoc(id)).flatMap((block) => (block.kind === "heading" ? block.level : []));

beforeEach(async () => {
  // No other tab holds a post.
  vi.stubGlobal("navigator", {});
  await Promise.all(db.tables.map((table) => table.clear()));
});
afterAll(() => {
  vi.unstubAllGlobals();
});

it("mends each post, keeps what it was, and takes all of it back", async () => {
  const result = await createTestStore().store.dispatch(
    makeMends([await mendable("a"), await mendable("b")]),
  );
  expect(result).toMatchObject({ mended: 2, left: [] });
  expect(await levels("a")).toEqual([2, 3]);
  expect((await getPost("b"))!.slug).not.toBe("");
  expect((await listVersions("a")).map(({ why }) => why)).toEqual(["before mending"]);
  await result.undo();
  for (const id of ["a", "b"]) {
    expect(await getDoc(id)).toEqual(doc);
    expect((await getPost(id))!.slug).toBe("");
  }
});

it("leaves a post alone that was changed since the preview, or is gone, and says so", async () => {
  const all = [await mendable("a"), await mendable("b"), await mendable("c")];
  await savePost("b", { post: { description: "New." } }, "2026-11-24T10:05:00.000Z");
  await db.posts.delete("c");
  const result = await createTestStore().store.dispatch(makeMends(all));
  expect(result).toMatchObject({ mended: 1, left: ["Post b", "Post c"] });
  expect(await levels("b")).toEqual([2, 4]);
});

it("does not take back what somebody has written in since", async () => {
  const result = await createTestStore().store.dispatch(
    makeMends([await mendable("a"), await mendable("b")]),
  );
  const written = blocksToEditor(draftFromMarkdown("Wholly new.").blocks);
  await savePost("a", { doc: written }, "2030-01-01T00:00:00.000Z");
  await result.undo();
  expect(await getDoc("a")).toEqual(written);
  expect(await getDoc("b")).toEqual(doc);
});
