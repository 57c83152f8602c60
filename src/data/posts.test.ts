import { beforeEach, describe, expect, it } from "vitest";
import { emptyDoc } from "../core/blocks/editorJson";
import { noPiece } from "../core/outline/piece";
import { pageAt } from "../core/site/site";
import {
  deleteCompetitors,
  getCompetitorBody,
  getCompetitors,
  listCompetitors,
  planContext,
  saveCompetitors,
} from "./competitors";
import { db } from "./db";
import { deletePost, restorePost } from "./deletePost";
import { noPlan, postAddress, proofContext, siteContext } from "./draft";
import { addToDrawer, listOutlines } from "./drawer";
import type { Competitors } from "./model";
import { newPost } from "./newPost";
import { getPlan } from "./plans";
import { addPost, getDoc, getPost, savePost, saveScores } from "./posts";
import { emptySite } from "./settings";
import { emptyWorkspace } from "./workspace/replace";

const NOW = "2026-11-24T10:00:00.000Z";

beforeEach(() => emptyWorkspace(NOW));

const score = (postId: string) => ({ postId, scoredAt: "", score: 5, words: 1, minutes: 1, findings: [] });

describe("fields", () => {
  const competitors = (id: string, collectedAt: string): Competitors => ({
    id,
    postId: "a",
    keyword: "brakes",
    language: "en",
    regionName: "",
    source: "Pages of your own",
    standIn: false,
    collectedAt,
    pages: [],
    measure: null,
    benchmark: null,
  });
  const keep = (one: Competitors, now: string) =>
    saveCompetitors(one, { fieldId: one.id, pages: [], asked: [] }, now);

  it("stay with their post: the latest is in force, and deleting the post can be undone whole", async () => {
    await addPost(newPost("a", emptySite, NOW));
    await keep(competitors("old", "2026-01-01"), "2026-01-01");
    await keep(competitors("new", "2026-02-01"), "2026-02-01");
    expect((await getCompetitors("a"))!.id).toBe("new");
    expect((await getPost("a"))!.updatedAt).toBe("2026-02-01");
    await addToDrawer([
      {
        id: "d",
        kind: "outline",
        postId: "a",
        createdAt: NOW,
        method: "order",
        title: "t",
        why: "w",
        items: [],
      },
    ]);
    const deleted = (await deletePost("a"))!;
    expect([await getCompetitors("a"), await getCompetitorBody("new"), await listOutlines("a")]).toEqual([
      null,
      undefined,
      [],
    ]);
    await restorePost(deleted);
    expect((await listCompetitors("a")).map(({ id }) => id)).toEqual(["new", "old"]);
    expect(await getCompetitorBody("old")).toBeDefined();
    expect(await listOutlines("a")).toHaveLength(1);
    await deleteCompetitors("new", NOW);
    expect((await getCompetitors("a"))!.id).toBe("old");
    await expect(keep({ ...competitors("x", NOW), postId: "none" }, NOW)).rejects.toThrow(
      "no longer in the workspace",
    );
  });

  it("and the questions of the outline are what the proof of a closed post goes by", async () => {
    await addPost(newPost("a", emptySite, NOW), emptyDoc, [
      { id: "1", level: 2, text: "How wide is it?", note: "" },
      { id: "2", level: 3, text: "And how long", note: "", faq: true },
    ]);
    expect(await planContext("a")).toEqual({
      competitors: null,
      questions: ["How wide is it?", "And how long"],
    });
    await savePost("a", { piece: { ...noPiece, audience: "us" } }, NOW);
    const plan = await getPlan("a");
    expect([plan.piece.audience, plan.items.length]).toEqual(["us", 2]);
  });
});

describe("posts", () => {
  it("save what changed, stamp it, and refuse a post that is gone", async () => {
    await addPost(newPost("a", emptySite, NOW));
    const doc = { ...emptyDoc, content: [{ type: "paragraph", content: [{ type: "text", text: "x" }] }] };
    await savePost(
      "a",
      { post: { title: "T" }, doc, outline: [{ id: "1", level: 2, text: "H", note: "" }] },
      "2026-11-25T00:00:00.000Z",
    );
    expect(await getPost("a")).toMatchObject({
      title: "T",
      updatedAt: "2026-11-25T00:00:00.000Z",
      createdAt: NOW,
    });
    expect(await getDoc("a")).toEqual(doc);
    expect((await getPlan("a")).items).toHaveLength(1);
    await expect(savePost("gone", { doc }, NOW)).rejects.toThrow("no longer in the workspace");
    expect(await db.bodies.get("gone")).toBeUndefined();
  });

  it("come back whole after being deleted", async () => {
    await addPost(newPost("a", emptySite, NOW, { title: "T" }));
    await saveScores([score("a"), score("gone")]);
    const kept = await deletePost("a");
    expect([
      await db.posts.count(),
      await db.bodies.count(),
      await db.outlines.count(),
      await db.scores.count(),
    ]).toEqual([0, 0, 0, 0]);
    await restorePost(kept!);
    expect([
      await db.posts.count(),
      await db.bodies.count(),
      await db.outlines.count(),
      await db.scores.count(),
    ]).toEqual([1, 1, 1, 1]);
    expect(await deletePost("none")).toBeNull();
  });

  it("know their address and their site", () => {
    const site = {
      ...emptySite,
      origin: "https://x.example",
      basePath: "/journal/",
      pages: [pageAt("/"), pageAt("/hire")],
    };
    const a = newPost("a", site, NOW, { slug: "one", title: "One" });
    const b = newPost("b", site, NOW, { slug: "two", metaTitle: "Two" });
    expect(postAddress(a, site)).toBe("https://x.example/journal/one");
    expect(postAddress({ slug: "", canonical: "", categories: [] }, site)).toBe("");
    expect(postAddress({ slug: "one", canonical: "https://y.example/z", categories: [] }, site)).toBe(
      "https://y.example/z",
    );
    const context = proofContext(a, [a, b], site, noPlan);
    expect(context.others).toEqual([{ metaTitle: "Two" }]);
    expect([...context.site.paths!].sort()).toEqual(["/", "/hire", "/journal/one", "/journal/two"]);
    // Where it is said what is too near, those that cannot be are left out.
    const near = newPost("c", site, NOW, { title: "One of two" });
    expect(siteContext([a, b, near], site, 0.9)(a, noPlan).others).toEqual([{ metaTitle: "One of two" }]);
  });
});
