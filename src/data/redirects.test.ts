import fc from "fast-check";
import { beforeEach, expect, it } from "vitest";
import { db } from "./db";
import { addRedirect, redirectsOf } from "./redirects";

const redirect = (from: string, to: string) => ({
  id: `${from} ${to} ${Math.random()}`,
  from,
  to,
  since: "2026-02-01T00:00:00.000Z",
  why: "slug changed" as const,
  postId: "a",
});
const all = async () => (await redirectsOf("a")).map(({ from, to }) => `${from} > ${to}`).sort();

beforeEach(() => db.redirects.clear());

it("leads to the page in one step, however often the address changed", async () => {
  await addRedirect(redirect("/one", "/two"));
  await addRedirect(redirect("/two", "/three"));
  expect(await all()).toEqual(["/one > /three", "/two > /three"]);
});

it("is given up where the page goes back to an old address", async () => {
  await addRedirect(redirect("/one", "/two"));
  await addRedirect(redirect("/two", "/one"));
  expect(await all()).toEqual(["/two > /one"]);
  await addRedirect(redirect("/one", "/one"));
  expect(await all()).toEqual(["/two > /one"]);
});

it("never goes in a ring, and never in two steps, whatever was changed in whatever order", async () => {
  const path = fc.constantFrom("/a", "/b", "/c", "/d");
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(path, path), { maxLength: 8 }), async (changes) => {
      await db.redirects.clear();
      for (const [from, to] of changes) await addRedirect(redirect(from, to));
      const kept = await redirectsOf("a");
      const froms = kept.map(({ from }) => from);
      expect(new Set(froms).size).toBe(froms.length);
      for (const { to } of kept) expect(froms).not.toContain(to);
    }),
    { numRuns: 60 },
  );
});
