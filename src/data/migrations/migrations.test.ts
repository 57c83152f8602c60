/** Databases of every older version, as files: each is opened by today's code, and all that it held is there. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import Dexie from "dexie";
import { afterEach, describe, expect, it } from "vitest";
import { rowsOf } from "../../core/keywords/table";
import { bodyOf } from "../bodies";
import { Database } from "../db";
import type { Site } from "../model";
import { MIGRATIONS } from "./registry";

interface Kept {
  version: number;
  tables: Record<string, object[]>;
}
const OLDER = [1, 2, 3, 4, 5, 6].map((version) => `version${version}`);
const kept = (name: string): Kept =>
  JSON.parse(readFileSync(join(import.meta.dirname, "testing", `${name}.json`), "utf8")) as Kept;

const category = (id: string, name: string) => ({ id, name, slug: id, description: "", parent: null });

/** Opens what a file holds as the database of its version, closes it, and opens that with today's code. */
async function opened(name: string): Promise<Database> {
  const { version, tables } = kept(name);
  const old = new Dexie(name);
  for (const { version: each, stores } of MIGRATIONS.filter((one) => one.version <= version))
    old.version(each).stores(stores);
  for (const [table, rows] of Object.entries(tables)) await old.table(table).bulkAdd(rows);
  old.close();
  return new Database(name);
}
afterEach(() => Promise.all(OLDER.map((name) => Dexie.delete(name))));

describe("an older database", () => {
  it.each(OLDER)("%s opens with all that it held", async (name) => {
    const db = await opened(name);
    for (const [table, rows] of Object.entries(kept(name).tables)) {
      // What became another table is told of below.
      if (table === "keywords") continue;
      expect(await db.table(table).count(), table).toBe(rows.length);
    }
    expect((await db.posts.get("p"))!.title).toBe("Post p");
    const { doc } = bodyOf((await db.bodies.get("p"))!);
    expect(doc.content[0]!.content![0]!.text).toBe("Öl – “so”");
    db.close();
  });

  it("of the first release: the flat keywords become a look-up, each post's keywords a list", async () => {
    const db = await opened("version1");
    const lists = await db.lists.toArray();
    // A keyword that the post has twice, in another case, is one.
    expect(lists.map(({ id, target, count, searches }) => [id, target, count, searches])).toEqual([
      ["list-p", "Cargo Bike", 2, 90],
    ]);
    const [lookUp] = await db.lookUps.toArray();
    expect(lookUp).toMatchObject({ kind: "file", count: 1, standIn: true });
    const { table } = (await db.lookUpBodies.get(lookUp!.id))!;
    expect(rowsOf(table)).toMatchObject([
      { text: "cargo bike", searches: 90, difficulty: 30, intent: "commercial", lastMonth: "2024-12" },
    ]);
    expect(rowsOf(table)[0]!.months).toHaveLength(12);
    db.close();
  });

  it("keeps notes of keywords that were in lists already", async () => {
    const db = await opened("version2");
    expect((await db.listBodies.get("list-p"))!.keywords[0]!.note).toBe("kept");
    db.close();
  });
});

it("categories by name become a tree with ids, and posts keep theirs", async () => {
  const db = await opened("version6");
  const site = (await db.settings.get("site"))!.value as Site;
  expect(site.categories).toEqual([
    category("care-and-repair", "Care and repair"),
    category("care-and-repair-2", "Care, and repair!"),
    // What only a post had is not lost.
    category("öl-fett", "Öl & Fett"),
  ]);
  expect(site.authors).toEqual([
    { name: "Ottilie Marsh", slug: "ottilie-marsh", biography: "", guest: false },
  ]);
  expect(site.pages.map(({ path, title }) => [path, title])).toEqual([
    ["/", ""],
    ["/cargo-bike-hire", "Cargo bike hire"],
  ]);
  const posts = await db.posts.toArray();
  expect(posts.map(({ id, categories }) => [id, categories])).toEqual([
    ["p", ["care-and-repair"]],
    ["q", ["öl-fett"]],
    ["r", []],
  ]);
  expect(posts.some((post) => "category" in post)).toBe(false);
  db.close();
});

it("versions are in order, each once", () =>
  expect(MIGRATIONS.map(({ version }) => version)).toEqual(MIGRATIONS.map((_, at) => at + 1)));
