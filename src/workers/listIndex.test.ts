import { beforeEach, describe, expect, it } from "vitest";
import { bareListKeyword, type KeywordList } from "../core/keywords/list";
import { deleteList, giveList, saveList } from "../data/listChanges";
import { newPost } from "../data/newPost";
import { addPost } from "../data/posts";
import { emptySite } from "../data/settings";
import { emptyWorkspace } from "../data/workspace/replace";
import { ListIndex } from "./listIndex";

const at = (minute: number): string => `2026-11-25T10:${String(minute).padStart(2, "0")}:00.000Z`;
const list = (id: string, texts: string[], target = ""): KeywordList => ({
  id,
  name: `List ${id}`,
  postId: null,
  language: "en",
  target,
  keywords: texts.map(bareListKeyword),
  createdAt: at(0),
  updatedAt: at(0),
});

beforeEach(() => emptyWorkspace("2026-01-01T00:00:00.000Z"));

describe("the index of lists", () => {
  it("follows the database: lists that come, change, get a post and go", async () => {
    const index = new ListIndex();
    await saveList(list("a", ["cargo bike", "bell"], "cargo bike"), at(1));
    await saveList(list("b", ["horn"]), at(1));
    await index.refresh();
    expect(index.overlapOf("a")).toEqual([]);
    await saveList(list("b", ["bells", "cargo bikes"], "cargo bikes"), at(2));
    await index.refresh();
    expect(index.overlapOf("a")).toMatchObject([
      { id: "b", name: "List b", percent: 100, sameTarget: true, postId: null },
    ]);
    await addPost(newPost("p", emptySite, at(2)));
    await giveList("b", "p", at(3));
    await index.refresh();
    expect(index.overlapOf("a")[0]!.postId).toBe("p");
    expect([...index.uses()].filter(({ use }) => use.target).map(({ text }) => text)).toEqual([
      "cargo bike",
      "cargo bikes",
    ]);
    await deleteList("b", at(4));
    await index.refresh();
    expect([index.overlapOf("a"), index.overlapOf("b")]).toEqual([[], []]);
  });
  it("compares keywords that are in no list yet, and all lists with each other", async () => {
    const index = new ListIndex();
    await saveList(list("a", ["cargo bike", "bell"]), at(1));
    await saveList(list("b", ["bell", "horn", "lamp", "pump"]), at(1));
    await saveList(list("c", ["saddle"]), at(1));
    await index.refresh();
    expect(index.overlapOfTexts(["bells", "zebra"], "en").map(({ id, percent }) => [id, percent])).toEqual([
      ["a", 50],
      ["b", 50],
    ]);
    expect(index.overlapOfTexts(["bells"], "en", "a").map(({ id }) => id)).toEqual(["b"]);
    const { lists, overlaps, total } = index.matrix();
    // By the largest share: half of a is in b, a quarter of b in a.
    expect([lists.map(({ id }) => id), total]).toEqual([["a", "b"], 3]);
    expect(overlaps.get("b")![0]!.percent).toBe(25);
  });
});
