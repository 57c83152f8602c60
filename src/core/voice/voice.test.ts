import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { languagePack } from "../text/language";
import { bannedIn } from "./banned";
import { voiceDistance } from "./distance";
import { measureVoice } from "./measure";

const pack = languagePack("en");
const plain =
  "We mend bikes. We sell them too. Come by and look. The yard is open. We ride every day. Bring your load. We weigh it with you. You ride it once.";
const stiff =
  "It is to be noted that the maintenance of a bicycle of this kind is carried out by trained personnel at regular intervals in accordance with a schedule. The customer is informed of the result by letter. Payment is expected within the period that is named in the invoice. The vehicle is returned after payment has been received by the firm. Questions are answered by the office. The office is reached by telephone. The terms are sent on request. No liability is accepted for objects that are left behind.";
const voice = {
  samples: [plain, plain],
  banned: [
    { word: "purchase", instead: "buy" },
    { word: "game changer", instead: "" },
  ],
  person: "we" as const,
};

describe("a voice", () => {
  it("is measured from its samples", () => {
    const measure = measureVoice([plain], pack)!;
    expect(measure).toMatchObject({ sentences: 8, questions: 0, passive: 0, contractions: 0, i: 0 });
    expect(measure.we).toBeCloseTo(4 / 8);
    expect(measure.you).toBeCloseTo(3 / 8);
    expect(measure.length).toBeGreaterThan(3);
    expect(measure.openings[0]).toBe("we");
    expect(measureVoice(["Too short."], pack)).toBeNull();
    expect(
      measureVoice(["Don't go. It's late. We'd stay."].concat(Array(8).fill("A line here.")), pack)!
        .contractions,
    ).toBeGreaterThan(5);
  });
  it("is near to itself and far from another", () => {
    const same = voiceDistance(plain, voice, pack)!;
    expect(same.far).toBeLessThan(0.05);
    expect(same.different).toEqual([]);
    const other = voiceDistance(stiff, voice, pack)!;
    expect(other.far).toBeGreaterThan(0.4);
    expect(other.different[0]!.why.join()).toMatch(/far longer/);
    expect(other.different.some(({ why }) => why.join().includes("passive"))).toBe(true);
    expect(other.traits.find(({ id }) => id === "length")!.far).toBeGreaterThan(1);
  });
  it("has words that it does not use, in any form", () => {
    expect(
      bannedIn("You purchased a game changer.", voice, pack).map(({ word, instead }) => [word, instead]),
    ).toEqual([
      ["purchased", "buy"],
      ["game changer", ""],
    ]);
    expect(bannedIn("A game, changer!", { banned: [] }, pack)).toEqual([]);
    expect(voiceDistance(`${plain} You can purchase one.`, voice, pack)!.banned).toEqual([
      { word: "purchase", instead: "buy" },
    ]);
  });
  it("of a text in a language without rules is measured as far as it can be", () => {
    const czech = measureVoice([Array(9).fill("Kolo stojí ve dvoře.").join(" ")], languagePack("cs"))!;
    expect([czech.passive, czech.contractions, czech.ease]).toEqual([null, null, null]);
    expect(czech.length).toBe(4);
  });
  it("is never nearer than nothing, nor of a mean over 1", () => {
    const texts = fc
      .array(
        fc.constantFrom(
          "We ride. ",
          "It was sold by them. ",
          "Do you ride? ",
          "I can't. ",
          "A long line about nothing at all that goes on. ",
        ),
        { minLength: 10, maxLength: 30 },
      )
      .map((all) => all.join(""));
    fc.assert(
      fc.property(texts, texts, (text, sample) => {
        const distance = voiceDistance(text, { ...voice, samples: [sample] }, pack)!;
        expect(distance.far).toBeGreaterThanOrEqual(0);
        expect(distance.far).toBeLessThanOrEqual(1);
      }),
    );
  });
});
