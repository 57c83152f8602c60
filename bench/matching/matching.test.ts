import { describe, expect, it } from "vitest";
import { packedLanguages } from "../../src/core/text/language";

import { type Judgement, judge } from "./judge";

import { adversarialPairs, glosses, matchingTable, typedPairs } from "./pairSets";

const figures = ({ precision, recall }: Judgement) => `${precision.toFixed(3)} ${recall.toFixed(3)}`;

describe("matching, on a table of keywords and sentences", () => {
  const judgement = judge(matchingTable);

  it("has rows enough in every language", () => {
    for (const { code } of packedLanguages)
      expect(matchingTable.filter(({ language }) => language === code).length).toBeGreaterThanOrEqual(15);
  });

  it("finds what matches, and hardly anything else", () => {
    expect(judgement.precision).toBeGreaterThanOrEqual(0.95);
    expect(judgement.recall).toBeGreaterThanOrEqual(0.95);
    // What is wrong is known by name: a change that moves it is seen.
    expect({ figures: figures(judgement), wrong: judgement.wrong }).toMatchSnapshot();
  });
});

describe("matching, on glosses of a dictionary", () => {
  it("is as good as it was", () => {
    const open = judge(glosses.open);
    expect({ figures: figures(open), wrong: open.wrong }).toMatchSnapshot("open");
    expect(figures(judge(glosses.heldOut))).toMatchSnapshot("held out");
  });
});

describe.each(Object.entries(typedPairs))("matching, on keywords as people type them, in %s", (_, pairs) => {
  it("is as good as it was: by name in the open set, by figures alone in the set that nobody made a rule by", () => {
    const open = judge(pairs.open);
    expect(open.precision).toBeGreaterThanOrEqual(0.95);
    expect(open.recall).toBeGreaterThanOrEqual(0.9);
    expect({ figures: figures(open), wrong: open.wrong }).toMatchSnapshot("open");
    expect(figures(judge(pairs.heldOut))).toMatchSnapshot("held out");
  });
});

describe.each(Object.entries(adversarialPairs))(
  "matching, on pairs that are easily got wrong, in %s",
  (_, pairs) => {
    it("has as many that match as that do not, in both sets", () => {
      for (const set of [pairs.open, pairs.heldOut]) {
        expect(set.length).toBeGreaterThanOrEqual(24);
        const matching = set.filter(({ matches }) => matches).length;
        expect(Math.abs(matching - set.length / 2)).toBeLessThanOrEqual(set.length / 20);
      }
    });

    it("is as good as it was: by name in the open set, by figures alone in the set that nobody made a rule by", () => {
      const open = judge(pairs.open);
      expect({ figures: figures(open), wrong: open.wrong }).toMatchSnapshot("open");
      expect(figures(judge(pairs.heldOut))).toMatchSnapshot("held out");
    });
  },
);
