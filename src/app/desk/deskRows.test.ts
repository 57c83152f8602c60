import { describe, expect, it } from "vitest";
import { categoriesOfLines } from "../../core/site/makeCategories";
import type { ListedFinding, Post, PostScore } from "../../data/model";
import { newPost } from "../../data/newPost";
import { emptySite } from "../../data/settings";
import { deskGroups, deskRows, noSift, type Sift, type Sort } from "./deskRows";

const post = (id: string, fields: Partial<Post>): Post => ({
  ...newPost(id, emptySite, "2026-11-01T08:00:00.000Z", fields),
});
const finding = (id: string, gain: number): ListedFinding =>
  ({
    id,
    name: id,
    gain,
    effort: "seconds",
    reason: "",
    state: "judged",
    share: 0,
    weight: 1,
  }) as unknown as ListedFinding;
const score = (value: number, ...findings: ListedFinding[]): PostScore =>
  ({ score: value, findings, words: 100 }) as unknown as PostScore;

const CATEGORIES = categoriesOfLines("Care\n  Locks\nWork", []);
const POSTS = [
  post("a", {
    title: "Über Schlösser",
    keyword: "folding lock",
    categories: ["locks"],
    stage: "write",
    status: "draft",
    due: "2026-12-02",
  }),
  post("b", {
    title: "Baskets",
    keyword: "front basket",
    categories: [],
    stage: "find",
    status: "draft",
    due: "",
  }),
  post("c", {
    title: "Cargo in winter",
    keyword: "winter cargo bike",
    author: "Ines",
    categories: ["work"],
    stage: "write",
    status: "live",
    date: "2026-10-01",
  }),
];
const SCORES = {
  a: score(40, finding("description-width", 2), finding("keyword-in-title", 6)),
  c: score(80, finding("description-width", 5)),
};
const ids = (sift: Partial<Sift>, sort: Sort = "stage") =>
  deskRows(POSTS, SCORES, { ...noSift, ...sift }, sort, CATEGORIES).map(({ post: { id } }) => id);

describe("the rows of the Desk", () => {
  it.each<[string, Partial<Sift>, string[]]>([
    ["all", {}, ["b", "c", "a"]],
    ["a title without its accents", { query: "uber schlosser" }, ["a"]],
    ["an author", { query: "INES" }, ["c"]],
    ["a category", { category: "locks" }, ["a"]],
    ["a category with those under it", { category: "care" }, ["a"]],
    ["posts without a category", { category: "-" }, ["b"]],
    ["a finding", { finding: "description-width" }, ["c", "a"]],
    ["a finding nobody has", { finding: "slug" as Sift["finding"] }, []],
    ["two at once", { finding: "description-width", query: "lock" }, ["a"]],
  ])("are narrowed down to %s", (_, sift, expected) => {
    expect(ids(sift)).toEqual(expected);
  });

  it.each<[Sort, string[]]>([
    ["score", ["a", "c", "b"]],
    ["gain", ["a", "c", "b"]],
    ["date", ["c", "a", "b"]],
    ["title", ["b", "c", "a"]],
  ])("are ordered by %s", (sort, expected) => {
    expect(ids({}, sort)).toEqual(expected);
  });

  it("say what is worth most next, or the finding they are narrowed down to", () => {
    expect(deskRows(POSTS, SCORES, noSift, "title").find(({ post: { id } }) => id === "a")?.next?.id).toBe(
      "keyword-in-title",
    );
    expect(deskRows(POSTS, SCORES, { ...noSift, finding: "description-width" }, "title")[1]?.next?.id).toBe(
      "description-width",
    );
  });

  it("stand under their stages, and together in any other order", () => {
    const rows = deskRows(POSTS, SCORES, noSift, "stage");
    expect(deskGroups(rows, "stage").map(([heading, members]) => [heading, members.length])).toEqual([
      ["Find", 1],
      ["Write", 2],
    ]);
    expect(deskGroups(rows, "title")).toEqual([["Title", rows]]);
  });
});
