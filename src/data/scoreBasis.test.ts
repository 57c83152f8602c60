/** A score that was kept holds until something that it rests on is another. */
import { describe, expect, it } from "vitest";
import { defaultProfile } from "../core/proof/profile";
import { type ScoringTerms, scoreBasis } from "./scoreBasis";
import { emptySite } from "./settings";

const title = (id: string, metaTitle = "") => ({ id, slug: id, metaTitle, title: id, categories: [] });
const post = { updatedAt: "2026-11-30T10:00:00.000Z" };
const terms: ScoringTerms = {
  site: emptySite,
  profile: defaultProfile,
  titles: [title("gears"), title("brakes")],
  rules: "1",
};
const basis = scoreBasis(post, terms);

describe("what a score rests on", () => {
  it("is the same for the same, whoever holds it and in whatever order", () => {
    expect(scoreBasis({ ...post }, structuredClone(terms))).toBe(basis);
    expect(scoreBasis(post, { ...terms, titles: terms.titles.toReversed() })).toBe(basis);
  });

  it.each<[string, Partial<ScoringTerms>]>([
    ["another version's rules", { rules: "2" }],
    ["another profile", { profile: { ...defaultProfile, version: defaultProfile.version + 1 } }],
    ["another address of the site", { site: { ...emptySite, origin: "https://other.example" } }],
    ["another title beside it", { titles: [title("gears", "All about gears"), title("brakes")] }],
    [
      "another category beside it",
      { titles: [{ ...title("gears"), categories: ["parts"] }, title("brakes")] },
    ],
    ["a post more", { titles: [...terms.titles, title("tyres")] }],
  ])("is another with %s", (_name, change) => {
    expect(scoreBasis(post, { ...terms, ...change })).not.toBe(basis);
  });

  it("is another for a post that was saved again", () => {
    expect(scoreBasis({ updatedAt: "2026-11-30T10:00:01.000Z" }, terms)).not.toBe(basis);
  });
});
