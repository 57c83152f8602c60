/** The text of the open post, kept from what changed of it. */
import fc from "fast-check";
import { beforeEach, expect, it } from "vitest";
import type { EditorNode } from "../core/blocks/editorJson";
import { commonEnds } from "../core/draft/commonEnds";
import { RUNS } from "../core/testing/runs";
import { db } from "../data/db";
import { deletePost } from "../data/deletePost";
import { replayJournal } from "../data/journal";
import type { Post } from "../data/model";
import { addPost, getDoc, getPost, savePost } from "../data/posts";
import { TextKeeper } from "./textKeeper";

const post = (id: string) =>
  ({ id, title: id, keyword: "", supporting: [], updatedAt: "2026-01-01" }) as never as Post;
const line = (text: string): EditorNode => ({ type: "paragraph", content: [{ type: "text", text }] });
const at = (n: number) => `2026-02-01T00:00:${String(n).padStart(2, "0")}.000Z`;

beforeEach(async () => {
  await db.delete();
  await db.open();
  await addPost(post("a"));
  await addPost(post("b"));
});

it("is what was told, however it changed", async () => {
  const lines = ["one", "two “quoted”", "three", "vier", "五"].map(line);
  const text = fc.array(fc.constantFrom(...lines), { maxLength: 8 });
  await fc.assert(
    fc.asyncProperty(fc.array(text, { minLength: 1, maxLength: 6 }), async (texts) => {
      const keeper = new TextKeeper();
      let before: readonly EditorNode[] = [];
      for (const [i, now] of texts.entries()) {
        const { head, tail } = commonEnds(before, now);
        const nodes = structuredClone(now.slice(head, now.length - tail));
        const change = { postId: "a", revision: i, since: i ? i - 1 : null, head, tail, nodes, at: at(i) };
        expect(await keeper.keep(change)).toBe(true);
        expect((await getDoc("a")).content).toEqual(now);
        before = now;
      }
    }),
    { ...RUNS, numRuns: Math.min(RUNS.numRuns ?? 100, 50) },
  );
});

it("asks for the whole where it does not hold what changed", async () => {
  const keeper = new TextKeeper();
  const change = { head: 0, tail: 0, nodes: [line("new")], at: at(1) };
  expect(await keeper.keep({ ...change, postId: "a", revision: 2, since: 1 })).toBe(false);
  expect(await keeper.keep({ ...change, postId: "a", revision: 2, since: null })).toBe(true);
  expect(await keeper.keep({ ...change, postId: "b", revision: 3, since: 2 })).toBe(false);
  expect(await keeper.keep({ ...change, postId: "a", revision: 4, since: 3 })).toBe(false);
  expect((await getDoc("b")).content).not.toEqual([line("new")]);
});

it("says where the post is gone, and stamps it where it is there", async () => {
  const keeper = new TextKeeper();
  const whole = { since: null, head: 0, tail: 0, nodes: [line("new")], at: at(9) };
  await keeper.keep({ ...whole, postId: "a", revision: 1 });
  expect((await getPost("a"))!.updatedAt).toBe(at(9));
  await expect(keeper.keep({ ...whole, postId: "gone", revision: 2 })).rejects.toThrow(
    "no longer in the workspace",
  );
});

it("is whole after a kill at any moment: the text that was stored with what was noted since", async () => {
  const lines = ["one", "two “quoted”", "three", "vier", "五"].map(line);
  const text = fc.array(fc.constantFrom(...lines), { maxLength: 8 });
  const step = fc.record({ now: text, how: fc.constantFrom("keep" as const, "note" as const) });
  await fc.assert(
    fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 6 }), async (steps) => {
      const keeper = new TextKeeper();
      let before: readonly EditorNode[] = [];
      for (const [i, { now, how }] of steps.entries()) {
        const { head, tail } = commonEnds(before, now);
        const nodes = structuredClone(now.slice(head, now.length - tail));
        const change = { postId: "a", revision: i, since: i ? i - 1 : null, head, tail, nodes, at: at(i) };
        expect(await keeper[how](change)).toBe(true);
        before = now;
      }
      // The worker is gone; the next page opens the post.
      await replayJournal("a");
      expect((await getDoc("a")).content).toEqual(before);
      expect((await getPost("a"))!.updatedAt).toBe(at(steps.length - 1));
      expect(await db.journal.count()).toBe(0);
    }),
    { ...RUNS, numRuns: Math.min(RUNS.numRuns ?? 100, 50) },
  );
});

it("a journal of a text that somebody else has stored since is no good, and is dropped", async () => {
  const keeper = new TextKeeper();
  const change = { postId: "a", head: 0, tail: 0, nodes: [line("kept")] };
  await keeper.keep({ ...change, revision: 1, since: null, at: at(1) });
  await keeper.note({ ...change, nodes: [line("noted")], revision: 2, since: 1, at: at(2) });
  const entry = (await db.journal.get("a"))!;
  await savePost("a", { doc: { type: "doc", content: [line("theirs")] } }, at(3));
  expect(await db.journal.count()).toBe(0);
  await db.journal.put(entry);
  await replayJournal("a");
  expect([(await getDoc("a")).content, await db.journal.count()]).toEqual([[line("theirs")], 0]);
});

it("a journal goes with its post", async () => {
  const keeper = new TextKeeper();
  const change = { postId: "a", head: 0, tail: 0, nodes: [line("kept")] };
  await keeper.keep({ ...change, revision: 1, since: null, at: at(1) });
  await keeper.note({ ...change, revision: 2, since: 1, at: at(2) });
  await deletePost("a");
  expect(await db.journal.count()).toBe(0);
  await expect(keeper.note({ ...change, revision: 3, since: 2, at: at(3) })).rejects.toThrow("no longer");
  await replayJournal("a");
});
