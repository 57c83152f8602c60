/** The text of a post is stored by a worker while keys go on, and here where the worker cannot. */
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { EditorNode } from "../../core/blocks/editorJson";
import { db } from "../../data/db";
import { newPost } from "../../data/newPost";
import { addPost, getDoc } from "../../data/posts";
import { emptySite } from "../../data/settings";
import type { TextChange } from "../../workers/textKeeper";
import { TextKeeping, type TextNow } from "./textKeeping";

const NOW = "2026-11-28T10:00:00.000Z";
const node = (text: string): EditorNode => ({ type: "paragraph", content: [{ type: "text", text }] });
const textOf = (nodes: readonly EditorNode[]): TextNow => ({
  nodes,
  write: (from, to) => nodes.slice(from, to),
});

type Answer = (change: TextChange) => Promise<boolean>;
function setUp(answer: Answer) {
  const told: TextChange[] = [];
  const ask = (change: TextChange) => {
    told.push(change);
    return answer(change);
  };
  const end = vi.fn();
  const start = vi.fn();
  const worker = { api: { keep: ask, note: ask }, within: () => {}, start, end };
  return { keeping: new TextKeeping(worker as never), told, end, start };
}

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
  await addPost(newPost("p", emptySite, NOW));
});

describe("keeping the text", () => {
  it("tells the whole text once, then only what changed of it", async () => {
    const { keeping, told } = setUp(async () => true);
    const [a, b, c] = [node("One"), node("Two"), node("Three")];
    await keeping.keep("p", textOf([a, b, c]), NOW);
    const other = node("Second");
    await keeping.keep("p", textOf([a, other, c]), NOW);
    expect(told.map(({ since, head, tail, nodes }) => [since, head, tail, nodes])).toEqual([
      [null, 0, 0, [a, b, c]],
      [told[0]!.revision, 1, 1, [other]],
    ]);
  });

  it("tells it whole again where the worker does not hold what it was a change of", async () => {
    const { keeping, told } = setUp(async ({ since }) => since === null);
    const a = node("One");
    await keeping.keep("p", textOf([a]), NOW);
    await keeping.keep("p", textOf([a, node("Two")]), NOW);
    expect(told.map(({ since }) => since)).toEqual([null, told[0]!.revision, null]);
  });

  it("stores the text here where the worker fails, ends it, and does not wait for it again", async () => {
    const { keeping, told, end } = setUp(async () => {
      throw new Error("gone");
    });
    await keeping.keep("p", textOf([node("Safe")]), NOW);
    expect((await getDoc("p")).content).toEqual([node("Safe")]);
    expect(end).toHaveBeenCalledTimes(1);
    await keeping.keep("p", textOf([node("Safer")]), NOW);
    expect((await getDoc("p")).content).toEqual([node("Safer")]);
    expect(told).toHaveLength(1);
  });

  it("notes what follows from what the worker stored, and keeps it whole after somebody else has stored it", async () => {
    const keep = vi.fn(async () => true);
    const note = vi.fn(async () => true);
    const keeping = new TextKeeping({ api: { keep, note }, start: () => {}, end: () => {} } as never);
    const a = node("One");
    await keeping.keep("p", textOf([a]), NOW);
    await keeping.note("p", textOf([a, node("Two")]), NOW);
    expect([keep.mock.calls.length, note.mock.calls.length]).toEqual([1, 1]);
    keeping.storedElsewhere();
    await keeping.note("p", textOf([a]), NOW);
    expect([keep.mock.calls.length, note.mock.calls.length]).toEqual([2, 1]);
  });

  it("starts the worker before the first save", () => {
    const { keeping, start } = setUp(async () => true);
    keeping.ready();
    expect(start).toHaveBeenCalledTimes(1);
  });
});
