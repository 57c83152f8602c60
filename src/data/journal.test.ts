/** The journal is written past Dexie: durable as the rest, told to nobody. */
import Dexie from "dexie";
import { afterEach, beforeEach, expect, it } from "vitest";
import { db } from "./db";
import { journaledPosts, writeJournal } from "./journal";
import type { JournalEntry } from "./model";
import { newPost } from "./newPost";
import { addPost, savePost } from "./posts";
import { emptySite } from "./settings";

const NOW = "2026-11-24T10:00:00.000Z";
const entry: JournalEntry = {
  postId: "a",
  base: NOW,
  head: 0,
  tail: 0,
  nodes: ['{"type":"paragraph"}'],
  at: "2026-11-24T10:00:01.000Z",
};
let told: string[] = [];
const hear = (parts: object) => void told.push(...Object.keys(parts));

beforeEach(async () => {
  await db.delete();
  await db.open();
  await addPost(newPost("a", emptySite, NOW, { title: "One" }));
  told = [];
  Dexie.on("storagemutated", hear);
});
afterEach(() => Dexie.on("storagemutated").unsubscribe(hear));

it("is stored whole, in the place of the entry before, and nobody is told", async () => {
  await writeJournal({ ...entry, nodes: [] });
  await writeJournal(entry);
  expect(await db.journal.toArray()).toEqual([entry]);
  expect(told).toEqual([]);
  // So that this would be heard.
  await savePost("a", { post: { title: "Two" } }, NOW);
  expect(told.some((part) => part.includes("/posts/"))).toBe(true);
});

it("is not written for a post that is gone", async () => {
  await expect(writeJournal({ ...entry, postId: "b" })).rejects.toThrow("no longer in the workspace");
  expect(await journaledPosts()).toEqual([]);
});

it("opens the database where nobody has yet, as in a worker", async () => {
  db.close();
  await writeJournal(entry);
  expect(await journaledPosts()).toEqual(["a"]);
});

it("says why it could not be written", async () => {
  const unclonable = { ...entry, nodes: [(() => {}) as unknown as string] };
  await expect(writeJournal(unclonable)).rejects.toThrow();
  expect(await journaledPosts()).toEqual([]);
});
