import { readFileSync } from "node:fs";
import { join } from "node:path";
import express from "express";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { ShelfPhoto } from "../../../data/schemas/photos";
import { api } from "../../api";
import { listen } from "../../listen";

const folder = join(import.meta.dirname, "../../../../demo/photos");
const photos = JSON.parse(readFileSync(join(folder, "photos.json"), "utf8")) as ShelfPhoto[];

describe("the stand-in photo shelf", () => {
  let running: Awaited<ReturnType<typeof listen>>;
  beforeAll(async () => {
    running = await listen(
      express().use("/api", api({ demo: join(folder, ".."), reach: "this-machine" })),
      4600,
    );
  });
  afterAll(() => {
    running.server.close();
  });
  const base = () => `http://127.0.0.1:${running.port}/api/standins/photos`;
  const ask = (body: unknown) =>
    fetch(`${base()}/search`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });

  it.each([
    ["batteries", ["battery-on-the-shelf", "battery-in-the-cold"]],
    ["Snowing", ["box-bike-in-snow"]],
    ["helmets for children", ["child-helmet"]],
    ["zebra", []],
  ])("finds by words in any form: %s", async (words, expected) => {
    const { photos } = (await (await ask({ words })).json()) as { photos: ShelfPhoto[] };
    expect(photos.slice(0, expected.length).map(({ id }) => id)).toEqual(expected);
    if (!expected.length) expect(photos).toEqual([]);
  });
  it("shows all of it where nothing is asked for, labelled, every picture with its maker and its file", async () => {
    const answer = (await (await ask({ words: " " })).json()) as { standIn: boolean; photos: ShelfPhoto[] };
    expect(answer.standIn).toBe(true);
    expect(answer.photos).toEqual(photos);
    expect(photos.length).toBeGreaterThanOrEqual(24);
    for (const { file, credit } of photos) {
      expect(credit).toMatch(/\S+ \S+/);
      expect([...readFileSync(join(folder, file)).subarray(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
    }
    const file = await fetch(`${base()}/files/${photos[0]!.file}`);
    expect(file.headers.get("content-type")).toBe("image/jpeg");
  });
  it.each([[{}], [{ words: 4 }], [{ words: "a".repeat(300) }], [{ words: "a", more: 1 }]])(
    "refuses what is no question: %j",
    async (body) => expect((await ask(body)).status).toBe(400),
  );
  it.each(["../photos.json", "..%2f..%2fpackage.json", "none.jpg"])("gives no other file: %s", async (path) =>
    expect((await fetch(`${base()}/files/${path}`)).status).toBeGreaterThanOrEqual(400),
  );
});
