import { beforeEach, describe, expect, it } from "vitest";
import { bareKeyword } from "../core/keywords/keyword";
import type { KeywordList, ListKeyword } from "../core/keywords/list";
import { withKeywords, withoutKeywords } from "../core/keywords/listChanges";
import { rowsOf, tableOf } from "../core/keywords/table";
import { db } from "./db";
import { deletePost, restorePost } from "./deletePost";
import { deleteIdea, listIdeas, saveIdea } from "./ideas";
import {
  changeList,
  deleteList,
  giveList,
  mergeLists,
  moveKeywords,
  restoreLists,
  saveList,
} from "./listChanges";
import { deleteLookUp, getLookUpBody, listLookUps, restoreLookUp, saveLookUp, touchLookUp } from "./lookUps";
import type { Idea, LookUp } from "./model";
import { newPost } from "./newPost";
import { addPost, getPost, savePost } from "./posts";
import { saveHidden, saveSearchConnection, saveSite } from "./saveSettings";
import { emptySite, getHidden, getSearchConnection } from "./settings";
import { allLists, getList, getListOfPost } from "./wholeLists";
import { packWorkspace } from "./workspace/pack";
import { readWorkspace } from "./workspace/read";
import { emptyWorkspace, replaceWorkspace } from "./workspace/replace";

const NOW = "2026-11-24T10:00:00.000Z";
const LATER = "2026-11-25T10:00:00.000Z";
const keyword = (text: string, searches: number | null = null): ListKeyword => ({
  ...bareKeyword(text),
  searches,
  region: "",
  note: "",
});
const list = (id: string, texts: string[], target = "", postId: string | null = null): KeywordList => ({
  id,
  name: id,
  postId,
  language: "en",
  target,
  keywords: texts.map((text) => keyword(text, 10)),
  createdAt: NOW,
  updatedAt: NOW,
});
const texts = async (id: string) => (await getList(id))?.keywords.map(({ text }) => text);
const lookUp = (id: string, openedAt: string): LookUp => ({
  id,
  kind: "search",
  seeds: [id],
  region: "RV",
  regionName: "River counties",
  language: "en",
  source: "Stand-in search",
  standIn: true,
  count: 2,
  madeAt: NOW,
  openedAt,
});
const idea = (id: string): Idea => ({
  id,
  title: id,
  sentence: "",
  keywords: ["a"],
  from: "here",
  postId: null,
  createdAt: NOW,
});

beforeEach(() => emptyWorkspace("2026-01-01T00:00:00.000Z"));

describe("a post and its list", () => {
  it("change together, from either side, and keep the numbers", async () => {
    await addPost(newPost("p", emptySite, NOW, { keyword: "bike", supporting: ["lock"] }));
    const list = (await getListOfPost("p"))!;
    expect(list).toMatchObject({ target: "bike", postId: "p" });
    await changeList(list.id, (now) => withKeywords(now, [keyword("bike", 500), keyword("bell", 20)]), LATER);
    expect(await getPost("p")).toMatchObject({
      keyword: "bike",
      supporting: ["lock", "bell"],
      updatedAt: LATER,
    });
    await savePost("p", { post: { keyword: "bell", supporting: ["bike"] } }, LATER);
    const now = (await getListOfPost("p"))!;
    expect(now.target).toBe("bell");
    expect(now.keywords.map(({ text, searches }) => [text, searches])).toEqual([
      ["bell", 20],
      ["bike", 500],
    ]);
  });
  it("leave each other alone when the post's words change", async () => {
    await addPost(newPost("p", emptySite, NOW));
    await savePost("p", { post: { title: "T" } }, LATER);
    expect(await getListOfPost("p")).toBeUndefined();
  });
  it("belong to each other one to one", async () => {
    await addPost(newPost("p", emptySite, NOW, { keyword: "old" }));
    await addPost(newPost("q", emptySite, NOW));
    await saveList(list("l", ["bike", "bell"], "bike"), NOW);
    await giveList("l", "p", LATER);
    expect(await getPost("p")).toMatchObject({ keyword: "bike", supporting: ["bell"] });
    // The list that the post had stays, without a post.
    expect(await getList("list-p")).toMatchObject({ postId: null, target: "old" });
    await giveList("l", "q", LATER);
    expect(await getPost("p")).toMatchObject({ keyword: "", supporting: [] });
    expect(await getPost("q")).toMatchObject({ keyword: "bike" });
    await giveList("l", null, LATER);
    expect(await getPost("q")).toMatchObject({ keyword: "" });
  });
  it("go together where the list was made of the post, and come back together", async () => {
    await addPost(newPost("p", emptySite, NOW, { keyword: "bike" }));
    const kept = await deletePost("p");
    expect(await getList("list-p")).toBeUndefined();
    await restorePost(kept!);
    expect(await getListOfPost("p")).toMatchObject({ id: "list-p", target: "bike" });
  });
  it("part where the list is one of its own, and find each other when the post comes back", async () => {
    await addPost(newPost("p", emptySite, NOW));
    await saveList(list("l", ["bike", "bell"], "bike"), NOW);
    await giveList("l", "p", LATER);
    const kept = await deletePost("p");
    expect(await getList("l")).toMatchObject({ postId: null, target: "bike" });
    await restorePost(kept!);
    expect(await getListOfPost("p")).toMatchObject({ id: "l", target: "bike" });
  });
});

describe("lists", () => {
  it("are deleted with their post's keywords, and come back with them", async () => {
    await addPost(newPost("p", emptySite, NOW, { keyword: "bike" }));
    const gone = await deleteList("list-p", LATER);
    expect([await getList("list-p"), (await getPost("p"))!.keyword]).toEqual([undefined, ""]);
    await restoreLists(gone, LATER);
    expect([(await getList("list-p"))!.postId, (await getPost("p"))!.keyword]).toEqual(["p", "bike"]);
    expect(await deleteList("none", LATER)).toEqual({ lists: [] });
  });
  it("come back without their post where that has got another since", async () => {
    await addPost(newPost("p", emptySite, NOW, { keyword: "bike" }));
    const gone = await deleteList("list-p", LATER);
    await saveList(list("l", ["bell"], "bell"), NOW);
    await giveList("l", "p", LATER);
    await restoreLists(gone, LATER);
    expect([(await getList("list-p"))!.postId, (await getPost("p"))!.keyword]).toEqual([null, "bell"]);
  });
  it("are merged, and parted again by undoing", async () => {
    await saveList(list("a", ["bike"], "bike"), NOW);
    await saveList(list("b", ["bell", "Bike"]), NOW);
    const before = await mergeLists("a", "b", LATER);
    expect([await texts("a"), await texts("b")]).toEqual([["bike", "bell"], undefined]);
    await restoreLists(before, LATER);
    expect([await texts("a"), await texts("b")]).toEqual([["bike"], ["bell", "Bike"]]);
  });
  it("pass keywords on, both or neither", async () => {
    await saveList(list("a", ["bike", "bell"]), NOW);
    await saveList(list("b", []), NOW);
    const move = () =>
      moveKeywords(
        "a",
        "b",
        (a, b) => [withoutKeywords(a, ["bell"]), withKeywords(b, [keyword("bell")])],
        LATER,
      );
    await move();
    expect([await texts("a"), await texts("b")]).toEqual([["bike"], ["bell"]]);
    await deleteList("b", LATER);
    await expect(move()).rejects.toThrow("no longer in the workspace");
    expect(await texts("a")).toEqual(["bike"]);
  });
  it("are summed up where only their heads are shown", async () => {
    await saveList(
      { ...list("a", ["bike"]), keywords: [keyword("bike", 30), keyword("bell"), keyword("lock", 12)] },
      NOW,
    );
    expect(await db.lists.get("a")).toMatchObject({ count: 3, searches: 42 });
    expect(await allLists()).toHaveLength(1);
    await expect(changeList("none", (now) => now, NOW)).rejects.toThrow("no longer");
  });
});

describe("look-ups and ideas", () => {
  it("are kept, the latest opened first, and come back after deleting", async () => {
    const table = tableOf([{ ...bareKeyword("bike"), searches: 5 }, bareKeyword("bell")]);
    await saveLookUp(lookUp("a", NOW), { table, articles: [] });
    await saveLookUp(lookUp("b", LATER), { table, articles: [] });
    expect((await listLookUps()).map(({ id }) => id)).toEqual(["b", "a"]);
    await touchLookUp("a", "2026-11-26T00:00:00.000Z");
    expect((await listLookUps())[0]!.id).toBe("a");
    const gone = await deleteLookUp("a");
    expect(await getLookUpBody("a")).toBeUndefined();
    await restoreLookUp(gone!);
    expect(rowsOf((await getLookUpBody("a"))!.table).map(({ text }) => text)).toEqual(["bike", "bell"]);
    expect(await deleteLookUp("none")).toBeNull();
  });
  it("go into the workspace file with lists and settings, and come out whole", async () => {
    await saveSite({ ...emptySite, overlapLimit: 12 });
    await addPost(newPost("p", emptySite, NOW, { keyword: "bike", supporting: ["bell"] }));
    await saveList(list("free", ["lock", "=1+1", "ü".repeat(200)], "lock"), NOW);
    const rows = [
      { ...bareKeyword("bike"), searches: 5, months: Array(12).fill(3), lastMonth: "2026-10", standIn: true },
    ];
    await saveLookUp(lookUp("a", NOW), { table: tableOf(rows), articles: [] });
    await saveIdea(idea("i"));
    await saveHidden(["bell"]);
    await saveSearchConnection({
      kind: "address",
      address: "https://a.example/v1",
      delay: 0,
      errorRate: 0.5,
    });
    const before = [
      await allLists(),
      await listLookUps(),
      await listIdeas(),
      rowsOf((await getLookUpBody("a"))!.table),
    ];
    const packed = await readWorkspace(await packWorkspace(LATER));
    await emptyWorkspace("2026-01-01T00:00:00.000Z");
    expect([await allLists(), await getHidden(), (await getSearchConnection()).kind]).toEqual([
      [],
      [],
      "stand-in",
    ]);
    await replaceWorkspace(packed, "2026-01-01T00:00:00.000Z");
    expect([
      await allLists(),
      await listLookUps(),
      await listIdeas(),
      rowsOf((await getLookUpBody("a"))!.table),
    ]).toEqual(before);
    expect([await getHidden(), (await getSearchConnection()).address]).toEqual([
      ["bell"],
      "https://a.example/v1",
    ]);
    expect(packed.file.site.overlapLimit).toBe(12);
    await deleteIdea("i");
    expect(await listIdeas()).toEqual([]);
  });
  it("are made of a workspace from before there were any", async () => {
    const file = (await readWorkspace(await packWorkspace(NOW))).file;
    const { lists: _lists, lookUps: _lookUps, ideas: _ideas, ...old } = file;
    const post = newPost("p", emptySite, NOW, { keyword: "bike", supporting: ["bell"] });
    const keywords = [{ ...bareKeyword("Bike"), searches: 7 }];
    await replaceWorkspace(
      {
        file: { ...old, posts: [post], keywords },
        lookUps: new Map(),
        fields: new Map(),
        pictures: new Map(),
      },
      NOW,
    );
    expect((await listLookUps()).map(({ seeds, count }) => [seeds, count])).toEqual([
      [["Keywords of the site"], 1],
    ]);
    expect((await getListOfPost("p"))!.keywords.map(({ text, searches }) => [text, searches])).toEqual([
      ["bike", 7],
      ["bell", null],
    ]);
  });
});

describe("a workspace file whose lists and posts disagree", () => {
  it("is read as its posts say: no list without its post, no post without its list", async () => {
    const file = (await readWorkspace(await packWorkspace(NOW))).file;
    const posts = [
      newPost("p", emptySite, NOW, { keyword: "bike", supporting: ["bell"] }),
      newPost("q", emptySite, NOW, { keyword: "lock" }),
    ];
    const lists = [
      list("a", ["bike", "horn"], "horn", "p"),
      list("b", ["x"], "", "p"),
      list("c", ["y"], "", "gone"),
    ];
    await replaceWorkspace(
      {
        file: { ...file, posts, lists },
        lookUps: new Map(),
        fields: new Map(),
        pictures: new Map(),
      },
      NOW,
    );
    const byId = (await allLists()).map(({ id, postId, target, keywords }) => [
      id,
      postId,
      target,
      keywords.length,
    ]);
    expect(byId.sort()).toEqual([
      ["a", "p", "bike", 2],
      ["b", null, "", 1],
      ["c", null, "", 1],
      ["list-q", "q", "lock", 1],
    ]);
  });
});
