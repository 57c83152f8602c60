/** What the client makes of what a blog, or something in its place, answers. */
import { afterEach, describe, expect, it, vi } from "vitest";
import { standInBlog } from "../../data/settings";
import { createBlogClient } from "./blogClient";

const answer = (more: object) => ({
  status: 200,
  location: null,
  date: null,
  body: null,
  rubbish: false,
  ...more,
});
function client(...answers: object[]) {
  const left = [...answers];
  vi.stubGlobal("fetch", async () => new Response(JSON.stringify(left.shift() ?? answers.at(-1))));
  return createBlogClient(async () => "token");
}
afterEach(() => void vi.unstubAllGlobals());

const RUBBISH = answer({ rubbish: true });
const BLOG = standInBlog;

describe("an answer that is not Micropub", () => {
  it.each([
    [
      "to an update",
      (one: ReturnType<typeof client>) => one.update(BLOG, "/a", { replace: { name: ["A"] } }),
      true,
    ],
    ["to a deletion", (one: ReturnType<typeof client>) => one.remove(BLOG, "/a"), true],
    ["to an undeletion", (one: ReturnType<typeof client>) => one.restore(BLOG, "/a"), true],
    [
      "to a new post",
      (one: ReturnType<typeof client>) => one.create(BLOG, { type: ["h-entry"], properties: {} }),
      true,
    ],
    ["to a question", (one: ReturnType<typeof client>) => one.config(BLOG), false],
    ["to a look at a post", (one: ReturnType<typeof client>) => one.source(BLOG, "/a"), false],
  ])("%s is asked again, and says whether something may have been done", async (_what, ask, perhapsDone) => {
    await expect(ask(client(RUBBISH))).rejects.toMatchObject({
      code: "bad-answer",
      again: true,
      perhapsDone,
    });
  });

  it("with an address is one all the same: what was made is there", async () => {
    const made = client(answer({ status: 201, location: "https://b.example/1", rubbish: true }));
    expect(await made.create(BLOG, { type: ["h-entry"], properties: {} })).toBe("https://b.example/1");
  });
});

describe("an answer without anything in it", () => {
  it("to a change says that it was made, and where the post is now", async () => {
    expect(await client(answer({ status: 204 })).update(BLOG, "/a", {})).toBe("/a");
    expect(await client(answer({ status: 201, location: "/b" })).update(BLOG, "/a", {})).toBe("/b");
  });
});

describe("what a blog can do", () => {
  it("is read from its configuration, whatever is missing in it", async () => {
    expect(await client(answer({ body: {} })).config(BLOG)).toEqual({
      media: null,
      syndicateTo: [],
      subscribers: null,
      holdsFuture: false,
      clockAhead: 0,
      onceByUid: false,
      takesSite: false,
    });
    const told = answer({
      body: { "syndicate-to": [{ uid: "a", name: "A" }, "x"], "x-mail": { subscribers: 7 } },
    });
    expect(await client(told).config(BLOG)).toMatchObject({
      syndicateTo: [{ uid: "a", name: "A" }],
      subscribers: 7,
    });
  });

  it.each([
    [10 * 60_000, true],
    [-10 * 60_000, true],
    [5000, false],
  ])("its clock is %i ms behind ours: told %s", async (apart, told) => {
    const date = new Date(Date.now() - apart).toUTCString();
    const { clockAhead } = await client(answer({ body: {}, date })).config(BLOG);
    if (told) expect(Math.abs(clockAhead - apart)).toBeLessThan(5000);
    else expect(clockAhead).toBe(0);
  });
});

it("a refusal is in the blog's words", async () => {
  const refusal = answer({ status: 403, body: { error: "forbidden", error_description: "Not this token." } });
  await expect(client(refusal).config(BLOG)).rejects.toMatchObject({
    again: false,
    message: expect.stringContaining("Not this token.") as string,
  });
});
