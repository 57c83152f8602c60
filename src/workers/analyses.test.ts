import { expect, it } from "vitest";
import type { CompetitorAnalysis } from "../core/benchmark/competitors";
import { defaultProfile } from "../core/proof/profile";
import { Analyses, type CompetitorsOf } from "./analyses";

const of = (fieldId: string, more: Partial<CompetitorsOf> = {}): CompetitorsOf => ({
  fieldId,
  keyword: fieldId,
  language: "en",
  kept: ["https://a.example/"],
  profile: defaultProfile,
  ...more,
});

function fields(gone: string[] = []) {
  const runs: string[] = [];
  const held = new Analyses(async ({ fieldId, kept }) => {
    runs.push(`${fieldId} ${kept.length}`);
    await new Promise((resolve) => setTimeout(resolve, fieldId === "slow" ? 20 : 0));
    if (fieldId === "broken") throw new Error("no");
    return gone.includes(fieldId) ? null : ({ keyword: fieldId } as CompetitorAnalysis);
  });
  return { held, runs };
}
const keywordOf = async (analysis: Promise<CompetitorAnalysis | null>) => (await analysis)?.keyword;

it("answers about the competing pages that are named, whichever job ended last", async () => {
  const { held, runs } = fields();
  const slow = keywordOf(held.of(of("slow")));
  const other = keywordOf(held.of(of("other")));
  expect([await slow, await other, await keywordOf(held.of(of("slow")))]).toEqual(["slow", "other", "slow"]);
  expect(runs).toEqual(["slow 1", "other 1"]);
});

it("makes another analysis where other pages are kept, or another profile holds", async () => {
  const { held, runs } = fields();
  await held.of(of("a"));
  await held.of(of("a", { kept: [] }));
  await held.of(of("a", { profile: { ...defaultProfile, openingWords: 7 } }));
  expect(runs).toEqual(["a 1", "a 0", "a 1"]);
});

it("makes again what it no longer holds", async () => {
  const { held, runs } = fields();
  for (const id of ["a", "b", "c", "a"]) expect(await keywordOf(held.of(of(id)))).toBe(id);
  expect(runs).toEqual(["a 1", "b 1", "c 1", "a 1"]);
});

it("asks again for what failed or was not there", async () => {
  const { held, runs } = fields(["gone"]);
  expect(await held.of(of("gone"))).toBeNull();
  expect(await held.of(of("gone"))).toBeNull();
  await expect(held.of(of("broken"))).rejects.toThrow("no");
  await expect(held.of(of("broken"))).rejects.toThrow("no");
  expect(runs).toEqual(["gone 1", "gone 1", "broken 1", "broken 1"]);
});
