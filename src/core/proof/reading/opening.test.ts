import { describe, expect, it } from "vitest";
import { draftOf } from "../../testing/draftOf";
import { noContext } from "../context";
import { defaultProfile } from "../profile";
import { proof } from "../proof";

const inOpening = (markdown: string, openingWords: number) => {
  const draft = draftOf(markdown, { title: "Trailers", keyword: "cargo bike" });
  const { findings } = proof(draft, noContext, { ...defaultProfile, openingWords });
  return findings.find(({ id }) => id === "keyword-in-opening")!;
};

describe("the keyword in the opening", () => {
  it("is found in a later block of it, and quoted there", () => {
    const finding = inOpening("Short.\n\nA cargo bike is long.", 100);
    expect(finding).toMatchObject({ share: 1, evidence: [{ quote: "cargo bike", block: 1, start: 2 }] });
  });

  it.each([
    ["stands behind its last word", "One two three.\n\nA cargo bike is long.", 4],
    ["is cut in two by its last word", "One two three.\n\nA cargo bike is long.", 5],
  ])("does not count where it %s", (_, markdown, words) => {
    expect(inOpening(markdown, words).share).toBe(0);
  });

  it("counts to the end of a first paragraph that is longer", () => {
    expect(inOpening("One two three four five and a cargo bike.", 3).share).toBe(1);
  });

  it("is the best of several, and scattered words where there is none", () => {
    expect(inOpening("A bike for every cargo. The cargo bike.", 100).evidence[0]).toMatchObject({
      form: "exact",
    });
    expect(inOpening("The cargo came late.\n\nEverybody took a bike.", 100)).toMatchObject({
      share: defaultProfile.matching.scattered,
    });
  });
});
