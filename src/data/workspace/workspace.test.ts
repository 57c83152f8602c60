import { readFileSync } from "node:fs";
import fc from "fast-check";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { beforeEach, describe, expect, it } from "vitest";
import { emptyDoc } from "../../core/blocks/editorJson";
import { KEPT } from "../../core/draft/documentRules";
import { defaultProfile } from "../../core/proof/profile";
import { addAsset } from "../assets";
import { getCompetitorBody, getCompetitors } from "../competitors";
import { db } from "../db";
import { newPost } from "../newPost";
import { addPost, getDoc } from "../posts";
import { saveProfile } from "../saveSettings";
import { ShapeError } from "../schemas/validate";
import { emptySite, getProfile } from "../settings";
import { VERSION } from "./format";
import { NewerWorkspaceError } from "./newer";
import { packFiles, packWorkspace } from "./pack";
import { DamagedWorkspaceError, readWorkspace } from "./read";
import { emptyFile, emptyWorkspace, replaceWorkspace } from "./replace";
import type { Workspace, WorkspaceFile } from "./workspaceFile";

const BYTES = new Uint8Array(readFileSync("public/demo/brackenford.dunesparrow.zip"));
const NOW = "2026-11-24T10:00:00.000Z";
const zipped = (bytes: Uint8Array): Blob => new Blob([bytes as BlobPart]);
const DEMO = zipped(BYTES);

/** The demo's file with its JSON changed, as one from before there was a manifest. */
function changed(change: (file: WorkspaceFile) => void): Blob {
  const entries = unzipSync(BYTES);
  const file = JSON.parse(strFromU8(entries["workspace.json"]!)) as WorkspaceFile;
  file.version = 1;
  change(file);
  return zipped(zipSync({ ...entries, "workspace.json": strToU8(JSON.stringify(file)) }));
}
async function faultsOf(blob: Blob): Promise<string> {
  try {
    await readWorkspace(blob);
    return "";
  } catch (error) {
    expect(error).toBeInstanceOf(ShapeError);
    return [(error as Error).message, ...(error as ShapeError).faults].join(" ");
  }
}

beforeEach(() => emptyWorkspace(NOW));

const sizes = ({ file, pictures }: Workspace) =>
  file.assets.map(({ id, file: path }) => [id, pictures.get(path)!.length]).sort();

describe("the workspace file", () => {
  it("goes in and comes out whole, pictures too", async () => {
    const demo = await readWorkspace(DEMO);
    await replaceWorkspace(demo, NOW);
    const again = await readWorkspace(await packWorkspace(NOW));
    const byId = <T>(rows: T[]) =>
      [...rows].sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)));
    for (const table of ["posts", "bodies", "outlines", "keywords"] as const)
      expect(byId<unknown>(again.file[table])).toEqual(byId<unknown>(demo.file[table]));
    expect(again.file.site).toEqual(demo.file.site);
    expect(sizes(again)).toEqual(sizes(demo));
  });

  it.each([
    ["no zip at all", zipped(strToU8("nothing")), "cannot be unpacked"],
    ["a torn zip", zipped(BYTES.slice(0, BYTES.length / 2)), "cannot be unpacked"],
    ["no JSON", zipped(zipSync({ "workspace.json": strToU8("{") })), "not JSON"],
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
      "pictures/none.jpg: it is missing",
    ],
    [
      "an origin that is none",
      changed((f) => Object.assign(f.site, { origin: "javascript:x" })),
      "site.origin",
    ],
  ])("is refused where it has %s", async (_what, bytes, why) => {
    expect(await faultsOf(bytes)).toContain(why);
  });

  it("carries fields with their pages, and the drawer, and refuses fields that are none", async () => {
    const demo = await readWorkspace(DEMO);
    await replaceWorkspace(demo, NOW);
    const postId = "electric-cargo-bike-for-families";
    const competitors = (await getCompetitors(postId))!;
    expect(competitors.measure!.terms.length).toBeGreaterThan(20);
    const body = (await getCompetitorBody(competitors.id))!;
    expect(body.pages.length).toBe(competitors.pages.filter(({ state }) => state !== "failed").length);
    const again = await readWorkspace(await packWorkspace(NOW));
    expect(again.file.fields).toEqual(demo.file.fields);
    expect(again.fields).toEqual(demo.fields);
    expect(again.file.drawer!.map(({ kind }) => kind)).toEqual([
      ...Array(3).fill("outline"),
      ...Array(4).fill("suggestion"),
    ]);
    const entries = unzipSync(BYTES);
    const name = Object.keys(entries).find((one) => one.startsWith("fields/"))!;
    const { [name]: _gone, ...without } = entries;
    expect(await faultsOf(zipped(zipSync(without)))).toContain(`${name}: it is missing`);
    expect(
      await faultsOf(zipped(zipSync({ ...entries, [name]: strToU8('{"pages":[{"rank":0}],"asked":[]}') }))),
    ).toContain("page");
    expect(
      await faultsOf(changed((file) => Object.assign(file.fields![0]!, { measure: { terms: 1 } }))),
    ).toContain("measure");
  });

  it("gives an older profile the checks that it lacks", async () => {
    const { "field-terms": _terms, ...checks } = defaultProfile.checks;
    const older = {
      ...defaultProfile,
      id: "ours",
      checks: { ...checks, length: { weight: 9, range: [1, 2] } },
    };
    const read = (await readWorkspace(changed((file) => Object.assign(file, { profile: older })))).file
      .profile!;
    expect(read.checks["field-terms"]).toEqual(defaultProfile.checks["field-terms"]);
    expect(read.checks.length).toEqual({ ...defaultProfile.checks.length, weight: 9, range: [1, 2] });
  });

  it("carries a scoring profile of one's own, and refuses one that is none", async () => {
    await replaceWorkspace(await readWorkspace(DEMO), NOW);
    expect(await getProfile()).toEqual(defaultProfile);
    const own = { ...defaultProfile, id: "ours", version: 3 };
    await saveProfile(own);
    const packed = await packWorkspace(NOW);
    await emptyWorkspace(NOW);
    expect(await getProfile()).toEqual(defaultProfile);
    await replaceWorkspace(await readWorkspace(packed), NOW);
    expect(await getProfile()).toEqual(own);
    expect(await faultsOf(changed((f) => Object.assign(f, { profile: { id: "x" } })))).toContain("profile");
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
    expect(await faultsOf(await packWorkspace(NOW))).toBe("");
  });

  it("replaces everything or nothing", async () => {
    await addPost(newPost("mine", emptySite, NOW));
    const demo = await readWorkspace(DEMO);
    const twice = { ...demo, file: { ...demo.file, posts: [...demo.file.posts, demo.file.posts[0]!] } };
    await expect(replaceWorkspace(twice, NOW)).rejects.toThrow();
    expect((await db.posts.toArray()).map(({ id }) => id)).toEqual(["mine"]);
  });
});

/** A small workspace with a text, a picture and a look-up's keywords. */
async function small(): Promise<Blob> {
  await addPost(newPost("a", emptySite, NOW, { title: "Rain", slug: "rain" }), {
    type: "doc",
    content: [{ type: "paragraph", content: [{ type: "text", text: "It is dry inside the box." }] }],
  });
  const blob = new Blob([new Uint8Array(400).map((_, i) => i * 7)], { type: "image/png" });
  await addAsset({ id: "p", fileName: "box.png", type: "image/png", width: 1, height: 1, blob });
  return packWorkspace(NOW);
}
/** A zip of one entry that says of it that it has another size. */
function claimed(zip: Uint8Array, size: number): Uint8Array {
  const view = new DataView(zip.buffer);
  const central = zip.findIndex((_, i) => i + 4 <= zip.length && view.getUint32(i, true) === 0x02014b50);
  view.setUint32(central + 24, size, true);
  view.setUint32(22, size, true);
  return zip;
}
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());

describe("a damaged workspace file", () => {
  it("is refused, or is whole, whatever bit of it is turned", async () => {
    const good = await bytesOf(await small());
    const expected = await readWorkspace(zipped(good));
    let refused = 0;
    for (let at = 0; at < good.length; at += 2) {
      const bad = good.slice();
      bad[at]! ^= 1 << (at % 8);
      try {
        expect(await readWorkspace(zipped(bad))).toEqual(expected);
      } catch (error) {
        expect(error).toBeInstanceOf(ShapeError);
        refused++;
      }
    }
    expect(refused).toBeGreaterThan(good.length / 4);
  });

  it("is refused wherever it is cut", async () => {
    const good = await bytesOf(await small());
    for (let length = 0; length < good.length; length += 13)
      await expect(readWorkspace(zipped(good.slice(0, length)))).rejects.toThrow(ShapeError);
  });

  it("names the damaged part, and the rest can be taken on purpose", async () => {
    const good = await bytesOf(await small());
    const bad = good.slice();
    // The picture is stored as it is: one of its bytes.
    const at = bad.findIndex((_, i) => bad[i] === 14 && bad[i + 1] === 21 && bad[i + 2] === 28);
    bad[at]! ^= 1;
    const error = await readWorkspace(zipped(bad)).catch((one: unknown) => one);
    expect(error).toBeInstanceOf(DamagedWorkspaceError);
    expect((error as DamagedWorkspaceError).faults.join()).toMatch(/pictures\/p-box\.png: its bytes are not/);
    const rest = await readWorkspace(zipped(bad), { takeTheRest: true });
    expect([rest.file.posts.length, rest.file.assets.length]).toEqual([1, 0]);
  });

  it.each<[string, (entries: Record<string, Uint8Array>) => void, RegExp]>([
    [
      "a part that is another",
      (e) => Object.assign(e, { "pictures/p-box.png": strToU8("x") }),
      /not what it was/,
    ],
    ["a part that is gone", (e) => void delete e["pictures/p-box.png"], /is missing/],
    ["a part that was added", (e) => Object.assign(e, { "pictures/q.png": strToU8("x") }), /was not there/],
    ["no manifest", (e) => void delete e["manifest.json"], /manifest.json: it is missing/],
    ["an empty manifest", (e) => Object.assign(e, { "manifest.json": strToU8("{}") }), /not a manifest/],
    [
      "bytes that are no text",
      (e) => Object.assign(e, { "workspace.json": new Uint8Array([123, 0xff, 125]) }),
      /not UTF-8/,
    ],
  ])("is refused where it has %s", async (_what, change, why) => {
    const entries = unzipSync(await bytesOf(await small()));
    change(entries);
    expect(await faultsOf(zipped(zipSync(entries)))).toMatch(why);
  });

  it.each([
    ["pictures/\u202egpj.exe", "invisible"],
    ["pictures/../../x.png", "leads out"],
    ["pictures/a\u0007.png", "was not there"],
  ])("takes no part that is named %j", async (name, why) => {
    const entries = unzipSync(await bytesOf(await small()));
    expect(await faultsOf(zipped(zipSync({ ...entries, [name]: strToU8("x") })))).toContain(why);
  });

  it("is not unpacked beyond what may be taken, whatever it claims", async () => {
    const zeros = strToU8("\0".repeat(1_000_000));
    const bomb = claimed(zipSync({ "pictures/0": zeros }, { level: 9 }), 2_000_000_000);
    expect(await faultsOf(zipped(bomb))).toContain("more than 1.1 GB");
    // One that claims to be small: its declared size lies.
    const lie = claimed(zipSync({ "workspace.json": zeros }, { level: 9 }), 100);
    expect(await faultsOf(zipped(lie))).toContain("larger or smaller than it says");
  });

  it("says how deep it is, and not that a stack ran out", async () => {
    let node: unknown = { type: "paragraph", content: [{ type: "text", text: "deep" }] };
    let json = JSON.stringify(node);
    for (let i = 0; i < 20_000; i++) json = `{"type":"blockquote","content":[${json}]}`;
    node = null;
    const file = { ...emptyFile, posts: [newPost("a", emptySite, NOW)], bodies: [] };
    const text = JSON.stringify(file).replace(
      '"bodies":[]',
      `"bodies":[{"postId":"a","doc":{"type":"doc","content":[${json}]}}]`,
    );
    const read = await readWorkspace(await packFiles([{ name: "workspace.json", content: text }]));
    expect(read.notes.join()).toContain("levels deep");
    expect(JSON.stringify(read.file.bodies[0]!.doc)).toContain("deep");
  });
});

describe("a workspace of another version", () => {
  const timeline = { type: "timeline", attrs: { from: 1 }, content: [{ type: "text", text: "1950" }] };

  it("brings texts in with what is unknown kept, and takes it out again as it came", async () => {
    const doc = { type: "doc" as const, content: [{ type: "paragraph" }, timeline] };
    const file: WorkspaceFile = {
      ...emptyFile,
      posts: [newPost("a", emptySite, NOW, { title: "T" })],
      bodies: [{ postId: "a", doc }],
    };
    const packed = await packFiles([{ name: "workspace.json", content: JSON.stringify(file) }]);
    const read = await readWorkspace(packed);
    expect(read.notes.join()).toMatch(/“T”: A block holds what this version does not know \(“timeline”\)/);
    await replaceWorkspace(read, NOW);
    expect((await getDoc("a")).content[1]!.type).toBe(KEPT);
    const again = await packWorkspace(NOW);
    const json = strFromU8(unzipSync(await bytesOf(again))["workspace.json"]!);
    expect((JSON.parse(json) as WorkspaceFile).bodies[0]!.doc.content[1]).toEqual(timeline);
  });

  it.each([1, 2])("of version %i comes in with categories of its own, and none is lost", async (version) => {
    const { categories: _ids, ...post } = newPost("a", emptySite, NOW, { title: "T" });
    const { addressPattern: _a, timeZone: _t, listPages: _l, ...site } = emptySite;
    const file = {
      ...emptyFile,
      version,
      site: { ...site, authors: ["Ines"], categories: ["Care"], pages: ["/", "/hire"] },
      posts: [
        { ...post, category: "Care" },
        { ...post, id: "b", category: "Rain" },
      ],
      bodies: [{ postId: "a", doc: emptyDoc }],
    };
    const read = await readWorkspace(
      await packFiles([{ name: "workspace.json", content: JSON.stringify(file) }]),
    );
    expect(read.file.posts.map(({ categories }) => categories)).toEqual([["care"], ["rain"]]);
    expect(read.file.site.categories.map(({ name }) => name)).toEqual(["Care", "Rain"]);
    expect(read.file.site.pages.map(({ path }) => path)).toEqual(["/", "/hire"]);
    await replaceWorkspace(read, NOW);
    expect((await readWorkspace(await packWorkspace(NOW))).file.version).toBe(VERSION);
  });

  it("that is newer is read, and never takes the place of what is there", async () => {
    const newer = {
      format: "dune-sparrow-workspace",
      version: VERSION + 1,
      site: { name: "Later" },
      posts: [{ id: "a", title: "From later", mood: "new" }, { id: "none" }, 7],
      bodies: [{ postId: "a", doc: { type: "doc", content: [timeline] }, extra: 1 }],
    };
    const error = await readWorkspace(
      await packFiles([{ name: "workspace.json", content: JSON.stringify(newer) }]),
    ).catch((one: unknown) => one);
    expect(error).toBeInstanceOf(NewerWorkspaceError);
    const { workspace } = error as NewerWorkspaceError;
    expect(workspace).toMatchObject({
      version: VERSION + 1,
      siteName: "Later",
      posts: [{ title: "From later" }],
    });
    expect(workspace.posts[0]!.doc.content[0]!.type).toBe(KEPT);
  });
});

describe("any file that claims to be a workspace", () => {
  it("is taken whole or refused with a reason, and never throws anything else", async () => {
    const anyJson = fc.jsonValue({ maxDepth: 3 });
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...Object.keys(emptyFile), "lookUps", "versions"),
        anyJson,
        async (key, value) => {
          const content = JSON.stringify({ ...emptyFile, [key]: value });
          await readWorkspace(await packFiles([{ name: "workspace.json", content }])).catch(
            (error: unknown) => {
              expect(error instanceof ShapeError || error instanceof NewerWorkspaceError).toBe(true);
            },
          );
        },
      ),
      { numRuns: 100 },
    );
  });
});
