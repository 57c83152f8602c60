import { afterAll, beforeEach, expect, it, vi } from "vitest";
import { blocksFromEditor } from "../../../core/draft/fromEditor";
import { draftFromMarkdown } from "../../../core/draft/fromMarkdown";
import { blocksToEditor } from "../../../core/draft/toEditor";
import { noContext } from "../../../core/proof/context";
import { fixAll } from "../../../core/proof/fixes/fix";
import { noHelp } from "../../../core/proof/fixes/fixRule";
import { defaultProfile } from "../../../core/proof/profile";
import { db } from "../../../data/db";
import { draftOf } from "../../../data/draft";
import { newPost } from "../../../data/newPost";
import { addPost, getDoc, getPost, savePost } from "../../../data/posts";
import { emptySite } from "../../../data/settings";
import { listVersions } from "../../../data/versions";
import { createTestStore } from "../../testing/testStore";
import { makeFixes, type PostFixes } from "./bulkFix";

const NOW = "2026-11-24T10:00:00.000Z";
const doc = blocksToEditor(draftFromMarkdown("## Start\n\nA cargo bike.\n\n#### Deep").blocks);

/** A post with two things to fix: its levels, and its slug. */
async function fixable(id: string): Promise<PostFixes> {
  const post = newPost(id, emptySite, NOW, { title: `Post ${id}`, keyword: "cargo bike" });
  await addPost(post, doc);
  const terms = { context: noContext, profile: defaultProfile, help: noHelp };
  const { fixes } = fixAll(
    draftOf(post, emptySite, doc),
    [{ fix: "heading-levels" }, { fix: "slug" }],
    terms,
  );
  expect(fixes).toHaveLength(2);
  return { post, doc, fixes };
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

it("fixes each post, keeps what it was, and takes all of it back", async () => {
  const result = await createTestStore().store.dispatch(makeFixes([await fixable("a"), await fixable("b")]));
  expect(result).toMatchObject({ fixed: 2, left: [] });
  expect(await levels("a")).toEqual([2, 3]);
  expect((await getPost("b"))!.slug).not.toBe("");
  expect((await listVersions("a")).map(({ why }) => why)).toEqual(["before fixing"]);
  await result.undo();
  for (const id of ["a", "b"]) {
    expect(await getDoc(id)).toEqual(doc);
    expect((await getPost(id))!.slug).toBe("");
  }
});

it("leaves a post alone that was changed since the preview, or is gone, and says so", async () => {
  const all = [await fixable("a"), await fixable("b"), await fixable("c")];
  await savePost("b", { post: { description: "New." } }, "2026-11-24T10:05:00.000Z");
  await db.posts.delete("c");
  const result = await createTestStore().store.dispatch(makeFixes(all));
  expect(result).toMatchObject({ fixed: 1, left: ["Post b", "Post c"] });
  expect(await levels("b")).toEqual([2, 4]);
});

it("does not take back what somebody has written in since", async () => {
  const result = await createTestStore().store.dispatch(makeFixes([await fixable("a"), await fixable("b")]));
  const written = blocksToEditor(draftFromMarkdown("Wholly new.").blocks);
  await savePost("a", { doc: written }, "2030-01-01T00:00:00.000Z");
  await result.undo();
  expect(await getDoc("a")).toEqual(written);
  expect(await getDoc("b")).toEqual(doc);
});
