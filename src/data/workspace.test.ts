import { readFileSync } from "node:fs";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { beforeEach, describe, expect, it } from "vitest";
import { emptyDoc } from "../core/draft/editorJson";
import { noPiece } from "../core/outline/piece";
import { houseProfile } from "../core/proof/profile";
import { addAsset } from "./assets";
import { db } from "./db";
import { newPost, noPlan, postAddress, proofContext } from "./draft";
import { addToDrawer, listDrawer } from "./drawer";
import { deleteField, getField, getFieldBody, listFields, planContext, saveField } from "./fields";
import type { PostField } from "./model";
import { addPost, deletePost, getDoc, getPlan, getPost, restorePost, savePost, saveScores } from "./posts";
import { ShapeError } from "./schemas/validate";
import { emptySite, getProfile, saveProfile } from "./settings";
import {
  emptyWorkspace,
  packWorkspace,
  readWorkspace,
  replaceWorkspace,
  type WorkspaceFile,
} from "./workspace";

const DEMO = new Uint8Array(readFileSync("public/demo/brackenford.dunesparrow.zip"));
const NOW = "2026-11-24T10:00:00.000Z";

/** The demo's file with its JSON changed. */
function changed(change: (file: WorkspaceFile) => void): Uint8Array {
  const entries = unzipSync(DEMO);
  const file = JSON.parse(strFromU8(entries["workspace.json"]!)) as WorkspaceFile;
  change(file);
  return zipSync({ ...entries, "workspace.json": strToU8(JSON.stringify(file)) });
}
const faultsOf = (bytes: Uint8Array): string => {
  try {
    readWorkspace(bytes);
    return "";
  } catch (error) {
    expect(error).toBeInstanceOf(ShapeError);
    return [(error as Error).message, ...(error as ShapeError).faults].join(" ");
  }
};

beforeEach(async () => {
  await emptyWorkspace();
});

describe("the workspace file", () => {
  it("goes in and comes out whole, pictures too", async () => {
    const demo = readWorkspace(DEMO);
    await replaceWorkspace(demo);
    const again = readWorkspace(await packWorkspace(NOW));
    const byId = <T>(rows: T[]) =>
      [...rows].sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)));
    for (const table of ["posts", "bodies", "outlines", "keywords"] as const)
      expect(byId<unknown>(again.file[table])).toEqual(byId<unknown>(demo.file[table]));
    expect(again.file.site).toEqual(demo.file.site);
    expect([...again.pictures].map(([id, bytes]) => [id, bytes.length]).sort()).toEqual(
      [...demo.pictures].map(([id, bytes]) => [id, bytes.length]).sort(),
    );
  });

  it.each([
    ["no zip at all", strToU8("nothing"), "cannot be unpacked"],
    ["a torn zip", DEMO.slice(0, DEMO.length / 2), "cannot be unpacked"],
    ["no JSON", zipSync({ "workspace.json": strToU8("{") }), "not JSON"],
    ["another format", changed((f) => Object.assign(f, { format: "x" })), "format"],
    ["a field too many", changed((f) => Object.assign(f, { more: 1 })), "there is no field “more”"],
    ["an unknown stage", changed((f) => Object.assign(f.posts[0]!, { stage: "x" })), "posts.0.stage"],
    [
      "a document that is none",
      changed((f) => Object.assign(f.bodies[0]!, { doc: { type: "paragraph", content: [] } })),
      "bodies.0.doc",
    ],
    [
      "a missing picture",
      changed((f) => Object.assign(f.assets[0]!, { file: "pictures/none.jpg" })),
      "pictures/none.jpg is missing",
    ],
    [
      "an origin that is none",
      changed((f) => Object.assign(f.site, { origin: "javascript:x" })),
      "site.origin",
    ],
  ])("is refused where it has %s", (_what, bytes, why) => {
    expect(faultsOf(bytes)).toContain(why);
  });

  it("carries fields with their pages, and the drawer, and refuses fields that are none", async () => {
    const demo = readWorkspace(DEMO);
    await replaceWorkspace(demo);
    const postId = "electric-cargo-bike-for-families";
    const field = (await getField(postId))!;
    expect(field.measure!.terms.length).toBeGreaterThan(20);
    const body = (await getFieldBody(field.id))!;
    expect(body.pages.length).toBe(field.pages.filter(({ state }) => state !== "failed").length);
    const again = readWorkspace(await packWorkspace(NOW));
    expect(again.file.fields).toEqual(demo.file.fields);
    expect(again.fields).toEqual(demo.fields);
    expect(again.file.drawer).toHaveLength(3);
    const entries = unzipSync(DEMO);
    const name = Object.keys(entries).find((one) => one.startsWith("fields/"))!;
    const { [name]: _gone, ...without } = entries;
    expect(faultsOf(zipSync(without))).toContain(`${name} are missing`);
    expect(faultsOf(zipSync({ ...entries, [name]: strToU8('{"pages":[{"rank":0}],"asked":[]}') }))).toContain(
      "page",
    );
    expect(faultsOf(changed((file) => Object.assign(file.fields![0]!, { measure: { terms: 1 } })))).toContain(
      "measure",
    );
  });

  it("gives an older profile the checks that it lacks", async () => {
    const { "field-terms": _terms, ...checks } = houseProfile.checks;
    const older = {
      ...houseProfile,
      id: "ours",
      checks: { ...checks, length: { weight: 9, range: [1, 2] } },
    };
    const read = readWorkspace(changed((file) => Object.assign(file, { profile: older }))).file.profile!;
    expect(read.checks["field-terms"]).toEqual(houseProfile.checks["field-terms"]);
    expect(read.checks.length).toEqual({ ...houseProfile.checks.length, weight: 9, range: [1, 2] });
  });

  it("carries a scoring profile of one's own, and refuses one that is none", async () => {
    await replaceWorkspace(readWorkspace(DEMO));
    expect(await getProfile()).toEqual(houseProfile);
    const own = { ...houseProfile, id: "ours", version: 3 };
    await saveProfile(own);
    const packed = await packWorkspace(NOW);
    await emptyWorkspace();
    expect(await getProfile()).toEqual(houseProfile);
    await replaceWorkspace(readWorkspace(packed));
    expect(await getProfile()).toEqual(own);
    expect(faultsOf(changed((f) => Object.assign(f, { profile: { id: "x" } })))).toContain("profile");
  });

  it("reads back whatever a person may have typed, however long", async () => {
    const long = "word ".repeat(20_000);
    await addPost(
      newPost("a", emptySite, NOW, { title: long, description: long, setAside: { "one-h1": long } }),
      emptyDoc,
      [{ id: "1", level: 2, text: long, note: long }],
    );
    const fileName = `${"long-name-".repeat(25)}.jpg`;
    await addAsset({ id: "p", fileName, type: "image/jpeg", width: 1, height: 1, blob: new Blob(["x"]) });
    expect(faultsOf(await packWorkspace(NOW))).toBe("");
  });

  it("replaces everything or nothing", async () => {
    await addPost(newPost("mine", emptySite, NOW));
    const demo = readWorkspace(DEMO);
    const twice = { ...demo, file: { ...demo.file, posts: [...demo.file.posts, demo.file.posts[0]!] } };
    await expect(replaceWorkspace(twice)).rejects.toThrow();
    expect((await db.posts.toArray()).map(({ id }) => id)).toEqual(["mine"]);
  });
});

const score = (postId: string) => ({ postId, scoredAt: "", score: 5, words: 1, minutes: 1, findings: [] });

describe("fields", () => {
  const field = (id: string, collectedAt: string): PostField => ({
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
  const keep = (one: PostField, now: string) =>
    saveField(one, { fieldId: one.id, pages: [], asked: [] }, now);

  it("stay with their post: the latest is in force, and deleting the post can be undone whole", async () => {
    await addPost(newPost("a", emptySite, NOW));
    await keep(field("old", "2026-01-01"), "2026-01-01");
    await keep(field("new", "2026-02-01"), "2026-02-01");
    expect((await getField("a"))!.id).toBe("new");
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
    expect([await getField("a"), await getFieldBody("new"), await listDrawer("a")]).toEqual([
      null,
      undefined,
      [],
    ]);
    await restorePost(deleted);
    expect((await listFields("a")).map(({ id }) => id)).toEqual(["new", "old"]);
    expect(await getFieldBody("old")).toBeDefined();
    expect(await listDrawer("a")).toHaveLength(1);
    await deleteField("new", NOW);
    expect((await getField("a"))!.id).toBe("old");
    await expect(keep({ ...field("x", NOW), postId: "none" }, NOW)).rejects.toThrow(
      "no longer in the workspace",
    );
  });

  it("and the questions of the outline are what the proof of a closed post goes by", async () => {
    await addPost(newPost("a", emptySite, NOW), emptyDoc, [
      { id: "1", level: 2, text: "How wide is it?", note: "" },
      { id: "2", level: 3, text: "And how long", note: "", faq: true },
    ]);
    expect(await planContext("a")).toEqual({ field: null, questions: ["How wide is it?", "And how long"] });
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
    const site = { ...emptySite, origin: "https://x.example", basePath: "/journal/", pages: ["/", "/hire"] };
    const a = newPost("a", site, NOW, { slug: "one", title: "One" });
    const b = newPost("b", site, NOW, { slug: "two", metaTitle: "Two" });
    expect(postAddress(a, site)).toBe("https://x.example/journal/one");
    expect(postAddress({ slug: "", canonical: "" }, site)).toBe("");
    expect(postAddress({ slug: "one", canonical: "https://y.example/z" }, site)).toBe("https://y.example/z");
    const context = proofContext(a, [a, b], site, noPlan);
    expect(context.others).toEqual([{ metaTitle: "Two" }]);
    expect([...context.site.paths!].sort()).toEqual(["/", "/hire", "/journal/one", "/journal/two"]);
  });
});
