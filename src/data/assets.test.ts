import { beforeEach, expect, it } from "vitest";
import { addAsset, getAsset, getOriginal, sweepFreshAssets } from "./assets";
import { db } from "./db";
import type { Asset } from "./model";
import { newPost } from "./newPost";
import { addPost } from "./posts";
import { emptySite } from "./settings";
import { keepVersion } from "./versionTexts";

const NOW = "2026-02-01T00:00:00.000Z";
const picture = (id: string, fresh = true): Asset => ({
  id,
  fileName: `${id}.png`,
  type: "image/png",
  width: 1,
  height: 1,
  blob: new Blob(["x"]),
  ...(fresh && { fresh }),
});
const showing = (id: string) => ({
  type: "doc" as const,
  content: [{ type: "picture", attrs: { src: `asset:${id}` } }],
});

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
});

it("pictures that came into no text are swept, with what they were made of; all others stay", async () => {
  await addPost(newPost("a", emptySite, NOW, { socialPicture: "asset:shared" }), showing("shown"));
  await keepVersion(
    {
      id: "v",
      postId: "a",
      savedAt: NOW,
      name: "",
      why: "by hand",
      words: 0,
      score: null,
      fields: { title: "", metaTitle: "", description: "" },
    },
    showing("earlier"),
  );
  for (const id of ["shown", "shared", "earlier", "lost"])
    await addAsset(picture(id), picture(`${id}-original`));
  await addAsset(picture("on-the-shelf", false));
  expect(await sweepFreshAssets()).toBe(1);
  expect((await db.assets.toCollection().primaryKeys()).sort()).toEqual([
    "earlier",
    "on-the-shelf",
    "shared",
    "shown",
  ]);
  expect(await getOriginal("lost")).toBeUndefined();
  expect(await getOriginal("shown")).toBeDefined();
  // One that was in a text stays when it is taken out of it: it is on the shelf.
  expect((await getAsset("shown"))!.fresh).toBeUndefined();
  await db.bodies.clear();
  expect(await sweepFreshAssets()).toBe(0);
  expect(await getAsset("shown")).toBeDefined();
});
