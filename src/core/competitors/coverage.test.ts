/** What a text covers of what competing pages share: terms, topics and chosen questions. */
import { describe, expect, it } from "vitest";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { analyseText } from "../text/analyse";
import { languagePack } from "../text/language";
import {
  blockFacts,
  type CompiledShared,
  type CoveredBlock,
  compileShared,
  coverageOf,
  coversTheSame,
  sharedTermSpans,
  subjectsIn,
  termShare,
  usesIn,
} from "./coverage";
import type { CompetitorMeasure } from "./measure";

const pack = languagePack("en");
const RULES = { overShare: 0.5, overFactor: 3, answerWords: 4 };

const measure: CompetitorMeasure = {
  keyword: "cargo bike",
  pages: 6,
  medianWords: 900,
  density: [0.004, 0.02],
  terms: [
    { key: "rain cover", text: "rain cover", core: true, salience: 3, usual: [2, 4] },
    { key: "rain", text: "rain", core: false, salience: 1, usual: [1, 2] },
    { key: "work of art", text: "work of art", core: false, salience: 1, usual: [1, 2] },
  ],
  topics: [
    { label: "Mirrors", presence: 0.6, place: 0.3, level: 2, stems: [["mirror"]] },
    { label: "Price of a battery", presence: 0.5, place: 0.6, level: 2, stems: [["batteri", "price"]] },
  ],
};
const QUESTIONS = ["How long does a battery last?"];
const shared = () => compileShared(measure, QUESTIONS, pack);

function covered(markdown: string, ready: CompiledShared): CoveredBlock[] {
  return draftFromMarkdown(markdown).blocks.map((block, at) => {
    const text = analyseText(block.text, pack);
    return {
      facts: blockFacts(ready, block, text),
      words: text.tokens.length,
      heading: block.kind === "heading",
      at,
    };
  });
}
const said = (markdown: string, ready = shared()) =>
  subjectsIn(ready, covered(markdown, ready), RULES.answerWords);

describe("terms", () => {
  it.each<[string, [number, number, number]]>([
    ["A rain cover.", [1, 1, 0]],
    ["Rain covers in the rain", [1, 2, 0]],
    ["After the rain, cover it.", [0, 1, 0]],
    ["It was in the rain. Cover it!", [0, 1, 0]],
    ["The cover of the rain barrel", [0, 1, 0]],
    ["A work of art, and works of art", [0, 0, 2]],
    ["Of art and of work", [0, 0, 0]],
    ["", [0, 0, 0]],
  ])("in %j stand %j times", (text, counts) => expect([...said(text).counts]).toEqual(counts));

  it("earn by how often they stand beside what is usual in so many words", () => {
    const ready = shared();
    const shares = (count: number) => {
      const blocks = covered(Array.from({ length: count }, () => "A rain cover.").join("\n\n"), ready);
      return coverageOf(ready, blocks, 1000, RULES).terms[0]!;
    };
    expect([0, 1, 2, 4].map((count) => shares(count).share)).toEqual([0, 0.5, 1, 1]);
    // Twice the upper end is halfway down, and what is used too often keeps half.
    expect([8, 100].map((count) => shares(count).share)).toEqual([0.5, 0.5]);
    expect(shares(2)).toMatchObject({ low: 2, high: 4, count: 2 });
  });

  it.each<[readonly [number, number], number, [number, number]]>([
    [[2, 4], 1000, [2, 4]],
    [[2, 4], 100, [1, 1]],
    [[0, 0], 5000, [1, 1]],
    [[1, 3], 500, [1, 1.5]],
  ])("that stand %j times in 1,000 words are usual in %d words %j times", (usual, words, range) =>
    expect(usesIn(usual, words)).toEqual(range),
  );

  it("have no share where there are none", () => {
    expect(termShare([])).toBeNull();
    const { terms } = coverageOf(shared(), [], 0, RULES);
    expect(termShare(terms)).toBe(0);
  });

  it("are found where they stand, the longest of several", () => {
    const text = analyseText("Rain, and a rain cover.", pack);
    const spans = sharedTermSpans(
      text,
      measure.terms.map(({ key }) => key),
    );
    expect(spans.map(({ start, end }) => text.text.slice(start, end))).toEqual(["Rain", "rain cover"]);
  });
});

describe("topics", () => {
  it.each<[string, string, boolean[]]>([
    ["nothing of it", "The wheels are small.", [false, false]],
    ["one mention of a subject of one word", "It has a mirror.", [false, false]],
    ["two in one section", "It has a mirror.\n\nThe mirror is round.", [true, false]],
    ["two in two sections", "It has a mirror.\n\n## Wheels\n\nThe mirror is round.", [false, false]],
    ["a sentence with both words of another", "The price of the battery is high.", [false, true]],
    ["its words in two sentences", "The price is high. The battery is good.", [false, false]],
    ["a heading about it", "## In the mirror\n\nLook back.", [true, false]],
  ])("are covered by %s", (_what, markdown, topics) =>
    expect(said(markdown).topics.map((topic) => topic.covered)).toEqual(topics),
  );

  it("name the first heading about them", () =>
    expect(
      said("Text.\n\n## In the mirror\n\nBack.\n\n## Mirrors\n\nRound.").topics.map(({ heading }) => heading),
    ).toEqual([1, null]));
});

describe("questions", () => {
  it.each<[string, string, boolean]>([
    [
      "a heading with words enough under it",
      "## How long does a battery last?\n\nAbout three long years.",
      true,
    ],
    ["a heading with too few", "## How long does a battery last?\n\nThree long years.", false],
    [
      "words under the next heading",
      "## How long does a battery last?\n\n## Wheels\n\nThey are quite small.",
      false,
    ],
    ["a sentence that says all of it", "A battery lasts long, five years.", true],
  ])("are answered or not by %s", (_what, markdown, answered) =>
    expect(said(markdown).questions.map((question) => question.answered)).toEqual([answered]),
  );
});

describe("what stays", () => {
  it("is the very same topic or question as before", () => {
    const ready = shared();
    const first = said("## In the mirror\n\nDry.", ready);
    const second = said("## In the mirror\n\nDry, with a rain cover.", ready);
    expect(second.counts).not.toEqual(first.counts);
    expect(second.topics.map((topic, i) => topic === first.topics[i])).toEqual([true, true]);
    const third = said("Dry.", ready);
    expect(third.topics.map((topic, i) => topic === first.topics[i])).toEqual([false, true]);
  });

  it("tells blocks apart by all that they cover", () => {
    const ready = shared();
    const [a] = covered("A rain cover.", ready);
    expect(coversTheSame(a!, covered("The rain covers!", ready)[0]!)).toBe(true);
    for (const other of ["The rain.", "A wet rain cover.", "## A rain cover"])
      expect(coversTheSame(a!, covered(other, ready)[0]!)).toBe(false);
    expect(coversTheSame(a!, { ...a!, at: 1 })).toBe(false);
  });
});
