import { beforeEach, expect, it } from "vitest";
import { bareListKeyword } from "../core/keywords/list";
import { noFilter } from "../core/keywords/sift";
import { db } from "../data/db";
import { saveList } from "../data/listChanges";
import { type BoardQuestion, Boards } from "./boards";
import type { Use } from "./keywordBoard";

const NOW = "2026-02-01T00:00:00.000Z";
const list = (id: string, ...texts: string[]) => ({
  id,
  name: id,
  notes: "",
  language: "en",
  target: "",
  postId: null,
  createdAt: NOW,
  updatedAt: NOW,
  keywords: texts.map(bareListKeyword),
});
const about = (id: string, more: Partial<BoardQuestion> = {}): BoardQuestion => ({
  source: { kind: "list", id },
  version: "1",
  hidden: [],
  filter: noFilter,
  sort: [],
  ...more,
});
const inLists: { uses: { text: string; use: Use }[] } = { uses: [] };
const texts = (boards: Boards, question: BoardQuestion) =>
  boards.ask(question, ({ board }) => board.rows(0, 10).map(({ text }) => text));
const boardOf = (boards: Boards, id: string) => boards.ask(about(id), ({ board }) => board);

beforeEach(async () => {
  inLists.uses = [];
  await Promise.all(db.tables.map((table) => table.clear()));
  for (const one of [list("a", "bike", "bell"), list("b", "rain", "cover"), list("c", "x"), list("d", "y")])
    await saveList(one as never, NOW);
});

it("answers about the set that is named, whatever was opened since, and in whatever order it was read", async () => {
  const boards = new Boards(() => inLists.uses);
  const [a, b, again] = await Promise.all([
    texts(boards, about("a")),
    texts(boards, about("b")),
    texts(boards, about("a", { filter: { ...noFilter, contains: "bell" } })),
  ]);
  expect([a, b, again]).toEqual([["bike", "bell"], ["rain", "cover"], ["bell"]]);
  // Each as it was asked, not as the one before was sifted.
  expect(await texts(boards, about("a"))).toEqual(["bike", "bell"]);
});

it("opens again what it no longer holds, and what has changed", async () => {
  const boards = new Boards(() => inLists.uses);
  const first = (await boardOf(boards, "a"))!;
  expect((await boardOf(boards, "a"))!).toBe(first);
  for (const id of ["b", "c", "d"]) await boardOf(boards, id);
  expect((await boardOf(boards, "a"))!).not.toBe(first);
  expect(await texts(boards, about("a"))).toEqual(["bike", "bell"]);
  await db.listBodies.put({ listId: "a", keywords: [bareListKeyword("new")] });
  expect(await texts(boards, about("a", { version: "2" }))).toEqual(["new"]);
});

it("says where a set is gone, and finds it when it is there again", async () => {
  const boards = new Boards(() => inLists.uses);
  expect(await boardOf(boards, "none")).toBeNull();
  await saveList(list("none", "now") as never, NOW);
  expect(await texts(boards, about("none"))).toEqual(["now"]);
});

it("knows who has a keyword since the lists were last looked at", async () => {
  const boards = new Boards(() => inLists.uses);
  await boardOf(boards, "a");
  inLists.uses = [{ text: "bike", use: { listId: "b", target: false } }];
  boards.usesChanged();
  expect((await boardOf(boards, "a"))!.rowAt(0).uses).toEqual([{ listId: "b", target: false }]);
});
