import { afterEach, expect, it, vi } from "vitest";
import { photoAddress, photoClient } from "./photoClient";

const PHOTO = {
  id: "1",
  file: "a bike.jpg",
  title: "A bike",
  credit: "Ines",
  width: 10,
  height: 10,
} as never;
const serve = (answer: () => Response | Error) =>
  vi.stubGlobal("fetch", async () => {
    const said = answer();
    if (said instanceof Error) throw said;
    return said;
  });
afterEach(() => {
  vi.unstubAllGlobals();
});

it.each([
  ["it fails", () => new Response("", { status: 500 }), "The photo shelf failed (500)."],
  ["nobody is there", () => new TypeError("fetch failed"), "The photo shelf could not be reached."],
  [
    "it answers with something else",
    () => new Response(`{"photos":1}`),
    "in a shape that is not the interface's",
  ],
  ["it answers with no JSON", () => new Response("<html>"), "in a shape that is not the interface's"],
])("says what happened where %s", async (_what, answer, says) => {
  serve(answer);
  await expect(photoClient.find({ words: "bike" })).rejects.toThrow(says);
});

it("fetches a photo as a file of its name and kind", async () => {
  serve(() => new Response(new Blob(["x"], { type: "image/jpeg" })));
  const file = await photoClient.fetch(PHOTO);
  expect([file.name, file.type, file.size]).toEqual(["a bike.jpg", "image/jpeg", 1]);
  expect(photoAddress(PHOTO)).toBe("/api/standins/photos/files/a bike.jpg");
});
