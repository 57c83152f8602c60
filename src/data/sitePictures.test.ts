import { beforeEach, describe, expect, it } from "vitest";
import { addAsset, dropOriginals, getAsset, getOriginal } from "./assets";
import { db } from "./db";
import { newPost } from "./newPost";
import { addPost } from "./posts";
import { emptySite } from "./settings";
import { sitePictures } from "./sitePictures";

const asset = (id: string, fileName = `${id}.jpg`) => ({
  id,
  fileName,
  type: "image/jpeg",
  width: 4,
  height: 3,
  blob: new Blob(["x"]),
});
const picture = (id: string, alt = "", caption = "") => ({
  type: "picture",
  attrs: { src: `asset:${id}`, alt },
  ...(caption && { content: [{ type: "text", text: caption }] }),
});
const post = (id: string, title: string, content: object[]) =>
  addPost(newPost(id, emptySite, "2026-01-01T00:00:00.000Z", { title }), {
    type: "doc",
    content: content as never,
  });

describe("pictures of a site", () => {
  beforeEach(async () => {
    await Promise.all(db.tables.map((table) => table.clear()));
  });

  it("are told with what the posts say of them, those in most posts first", async () => {
    for (const id of ["a", "b", "c"]) await addAsset(asset(id));
    await post("p", "One", [
      picture("b", "", "A caption"),
      { type: "gallery", content: [picture("b", "Said"), picture("a")] },
    ]);
    await post("q", "", [picture("b", "Not said first"), picture("gone", "No file")]);
    expect(
      (await sitePictures()).map(({ asset: { id }, alt, caption, posts }) => [id, alt, caption, posts]),
    ).toEqual([
      ["b", "Said", "A caption", ["One", "Untitled post"]],
      ["a", "", "", ["One"]],
      ["c", "", "", []],
    ]);
  });

  it("keep what they were made of until the room is needed", async () => {
    await addAsset(asset("a"));
    await addAsset(asset("cut"), asset("a"));
    expect(await getOriginal("a")).toBeUndefined();
    expect((await getOriginal("cut"))?.id).toBe("a");
    expect(await dropOriginals()).toBe(true);
    expect(await getOriginal("cut")).toBeUndefined();
    expect((await getAsset("cut"))?.id).toBe("cut");
    expect(await dropOriginals()).toBe(false);
  });
});
