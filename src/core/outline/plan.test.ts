/** From competing pages to an outline that covers what they cover: gaps, places, assembly, text, terms of the piece, brief. */

import fc from "fast-check";
import { strFromU8, unzipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { analyseCompetitors } from "../benchmark/competitors";
import { readPage } from "../competitors/page";
import { blocksFromEditor } from "../draft/fromEditor";
import { draftToDocx } from "../draft/toDocx";
import { draftToMarkdown } from "../draft/toMarkdown";
import { defaultProfile } from "../proof/profile";
import { draftToPage } from "../site/pages/standalone";
import { RUNS } from "../testing/runs";
import { assemble, mergeAssembled } from "./assemble";
import { BRIEF_PARTS, type BriefMaterial, briefDraft, briefPrompt } from "./brief";
import { chosenQuestions } from "./chosenQuestions";
import {
  type GapRules,
  gapsOf,
  outlineBlocks,
  withAllGaps,
  withBudgets,
  withQuestion,
  withTerm,
  withTopic,
} from "./gaps";
import { readHeadings } from "./headingFaults";
import { branchLength, type OutlineItem, settled } from "./outline";
import { outlineToMarkdown, outlineToText, parseOutline, withPasted } from "./outlineText";
import { noPiece, pieceWithDefaults } from "./piece";
import { pieceFaults } from "./pieceFaults";
import { writeUp } from "./writeUp";

const KEYWORD = "kayak";
const page = (name: string, sections: [heading: string, text: string][]) =>
  readPage(
    `<html lang="en"><title>${name}</title><main><h1>${name}</h1>${sections
      .map(([heading, text]) => `<h2>${heading}</h2><p>${text}</p>`)
      .join("")}</main></html>`,
    `https://${name}.example/kayak`,
  );
const PADDLE = "A paddle of carbon is lighter than a paddle of aluminium, and a paddle must fit your height.";
const HULL =
  "The hull decides how the kayak glides; a long hull is fast and a wide hull is calm on the lake.";
const COST =
  "A used kayak costs 400 to 900, and the price of a new one is twice that, with the paddle apart.";
const fieldPages = [
  page("a", [
    ["Choose the hull", HULL],
    ["The right paddle", PADDLE],
    ["What does a kayak cost?", COST],
    ["Where can you store it?", "Under a roof, on two slings, dry."],
  ]),
  page("b", [
    ["Hull shapes", HULL],
    ["Paddles", PADDLE],
    ["Prices", COST],
    ["Kayak or canoe?", "A canoe carries more."],
  ]),
  page("c", [
    ["Step 1: the hull", HULL],
    ["Step 2: the paddle", PADDLE],
    ["Step 3: the spray skirt", "A spray skirt keeps the lake out of the kayak."],
    ["Where can you store it?", "In a shed."],
  ]),
  page("d", [
    ["The hull", HULL],
    ["Paddle length", PADDLE],
    ["What does a kayak cost?", COST],
  ]),
];
const rules: GapRules = { leastPresence: 0.3, answerWords: 25, overShare: 0.5, overFactor: 3 };
const analysis = analyseCompetitors(
  fieldPages.map((one, rank) => ({ rank, page: one })),
  { keyword: KEYWORD, language: "en", profile: defaultProfile },
);
const ids = { last: 0 };
const freshId = () => `i${++ids.last}`;
const item = (text: string, level: 2 | 3 = 2, more: Partial<OutlineItem> = {}): OutlineItem => ({
  id: freshId(),
  level,
  text,
  note: "",
  ...more,
});
const texts = (items: readonly { text: string }[]) => items.map(({ text }) => text);
const gaps = (items: readonly OutlineItem[]) =>
  gapsOf(analysis, outlineBlocks(items), rules, "by a heading")!;

describe("gaps", () => {
  it("are all that the competing pages have, for an empty outline", () => {
    const { topics, questions, terms, own } = gaps([]);
    const labels = topics.map(({ label }) => label).join();
    for (const word of [/hull/i, /paddle/i, /cost|price/i, /store/i]) expect(labels).toMatch(word);
    expect(topics[0]!.presence).toBe(1);
    expect(texts(questions)).toContain("Where can you store it?");
    expect(texts(terms)).toEqual(expect.arrayContaining(["hull", "paddle"]));
    expect(own).toEqual([]);
  });
  it("close, one by one, by a heading that says it in other words", () => {
    const before = gaps([]).topics.length;
    const after = gaps([item("Our hulls"), item("Prices of kayaks"), item("Fishing for pike")]);
    expect(after.topics.length).toBeLessThan(before);
    expect(after.own).toEqual(["Fishing for pike"]);
    expect(after.covered.topics[0]).toBe(before - after.topics.length);
  });
  it("are closed by putting all in, and putting all in again adds nothing", () => {
    const all = withAllGaps([], gaps([]), analysis, freshId);
    const left = gaps(all);
    expect([left.topics, left.questions, left.terms]).toEqual([[], [], []]);
    expect(withAllGaps(all, left, analysis, freshId)).toEqual(all);
    expect(all.at(-1)!.faq ?? false).toBe(all.some(({ faq }) => faq));
  });
  it("land where their place in the competing pages suggests", () => {
    const topics = gaps([]).topics;
    const find = (word: RegExp) => topics.find(({ label }) => word.test(label))!;
    const outline = [item("The paddle"), item("Where to store it?")];
    expect(texts(withTopic(outline, find(/hull/i), analysis, "n"))[0]).toMatch(/hull/i);
    expect(texts(withTopic(outline, find(/cost|price/i), analysis, "n"))[1]).toMatch(/cost|price/i);
    const paddle = analysis.terms.find(({ text }) => text === "paddle")!;
    const noted = withTerm(withTerm(outline, paddle, analysis), { ...paddle, text: "carbon" }, analysis);
    expect(noted.map(({ note }) => note)).toEqual(["Use: paddle, carbon", ""]);
  });
  it("give word budgets to the headings that are about a topic, and leave what somebody has said", () => {
    const [hull, own, other] = withBudgets(
      [item("The hull"), item("Paddles", 2, { budget: 7 }), item("Fishing for pike")],
      analysis,
    );
    expect(hull!.budget).toBeGreaterThanOrEqual(20);
    expect([own!.budget, other!.budget]).toEqual([7, undefined]);
  });
  it("share out the length that is aimed at, in proportion to the competing pages' sections", () => {
    const shared = withBudgets(
      [
        item("The hull"),
        item("Paddles", 2, { budget: 100 }),
        item("Fishing for pike"),
        item("Sinks?", 3, { faq: true }),
      ],
      analysis,
      700,
    );
    expect(shared.reduce((sum, { budget = 0 }) => sum + budget, 0)).toBeCloseTo(700, -2);
    expect([shared[1]!.budget, shared[3]!.budget]).toEqual([100, undefined]);
    expect(withBudgets([item("A"), item("B")], null, 500).map(({ budget }) => budget)).toEqual([250, 250]);
    expect(withBudgets([item("A", 2, { budget: 600 }), item("B")], null, 500)[1]!.budget).toBeUndefined();
  });
  it("of a draft ask for words, not for a heading alone", () => {
    const heading = outlineBlocks([item("Where can you store it?")]);
    const looked = (blocks: typeof heading) => texts(gapsOf(analysis, blocks, rules, "by words")!.questions);
    expect(looked(heading)).toContain("Where can you store it?");
    const answer = `${"Under the roof of the shed on slings. ".repeat(4)}`;
    expect(
      looked([...heading, { id: "p", kind: "paragraph", text: answer, runs: [], within: [] }]),
    ).not.toContain("Where can you store it?");
  });
});

describe("assembled outlines", () => {
  it("are up to three, different, explained, and the same each time", () => {
    const outlines = assemble(analysis, ["Our own lake"], 0.3);
    expect(outlines.map(({ method }) => method)).toEqual(["order", "questions", "steps"]);
    expect(assemble(analysis, ["Our own lake"], 0.3)).toEqual(outlines);
    for (const { items, why } of outlines) {
      expect(why).toMatch(/\d/);
      expect(texts(items)).toContain("Our own lake");
      expect(items.every(({ from }) => from)).toBe(true);
    }
    const [order, questions, steps] = outlines;
    expect(order!.items[0]!).toMatchObject({ level: 2, from: "from 4 of 4 pages" });
    expect(texts(questions!.items)).toContain("What does a kayak cost?");
    expect(texts(steps!.items).slice(0, 3)).toEqual(["1. The hull", "2. The paddle", "3. The spray skirt"]);
  });
  it("do not depend on the order in which the pages were collected", () => {
    const other = analyseCompetitors(fieldPages.map((one, rank) => ({ rank, page: one })).reverse(), {
      keyword: KEYWORD,
      language: "en",
      profile: defaultProfile,
    });
    expect(other).toEqual(analysis);
  });
  it("are none where the competing pages have too little", () => {
    const one = analyseCompetitors([{ rank: 0, page: fieldPages[0]! }], {
      keyword: KEYWORD,
      language: "en",
      profile: defaultProfile,
    });
    expect(assemble(one, [], 0.3)).toEqual([]);
  });
  it("merge without losing, moving or changing what is there", () => {
    const there = [
      item("Paddles for us", 2, { note: "mine" }),
      item("Something else", 3),
      item("Must it float?", 3, { faq: true }),
    ];
    const [order] = assemble(analysis, [], 0.3);
    const { items, added } = mergeAssembled(there, order!.items, analysis, freshId);
    expect(items.filter(({ id }) => there.some((one) => one.id === id))).toEqual(there);
    expect(added).toBe(items.length - there.length);
    expect(texts(items).filter((text) => /paddle/i.test(text))).toEqual(["Paddles for us"]);
    expect(texts(items).indexOf("Paddles for us")).toBeGreaterThan(0);
    // Small words alone tell no two headings apart, but the same heading is the same.
    const bare = { ...order!.items[0]!, text: "Who it is for" };
    const once = mergeAssembled(items, [bare], analysis, freshId).items;
    expect(mergeAssembled(once, [bare], analysis, freshId).added).toBe(0);
    expect(mergeAssembled(items, order!.items, analysis, freshId).added).toBe(0);
  });
});

describe("an outline as text", () => {
  const outline = [
    item("Hull", 2, { note: "Long ones\nWide ones" }),
    item("Wood", 3),
    item("Paddle"),
    item("Does it float?", 3, { faq: true }),
  ];
  it("is indented, or Markdown", () => {
    expect(outlineToText(outline)).toBe(
      "Hull\n    Long ones\n    Wide ones\n  Wood\nPaddle\nFAQ\n  Does it float?",
    );
    expect(outlineToMarkdown(outline)).toBe(
      "## Hull\nLong ones\nWide ones\n### Wood\n## Paddle\n## Frequently asked questions\n### Does it float?",
    );
  });
  it.each<[string, string, string]>([
    ["indented by blanks", "One\n  Two\n  Three\nFour", "2 One|3 Two|3 Three|2 Four"],
    ["indented by tabs, three deep", "One\n\tTwo\n\t\tThree", "2 One|3 Two|3 Three"],
    ["bullets", "- One\n  - Two\n* Four\n• Five", "2 One|3 Two|2 Four|2 Five"],
    ["numbers", "1. One\n2) Two\n(a) Three", "2 One|2 Two|2 Three"],
    ["numbers with dots", "1 One\n1.1 Two\n1.2. Three\n2 Four", "2 1 One|3 Two|3 Three|2 2 Four"],
    ["Markdown headings", "# Title\n## One\nSome text\n### Two\n## **Three** `x`", "2 One|3 Two|2 Three x"],
    ["Markdown of first level", "# One\n# Two\n## Three", "2 One|2 Two|3 Three"],
    [
      "headings with bullets under them",
      "## One\n- Two\n- [Three](https://x.example)\n## Four",
      "2 One|3 Two|3 Three|2 Four",
    ],
    ["a task list", "- [ ] One\n- [x] Two", "2 One|2 Two"],
    ["an indent before all", "    One\n      Two", "2 One|3 Two"],
    ["Windows line ends and blank lines", "One\r\n\r\n  Two\r\n", "2 One|3 Two"],
    ["a first line that is deeper", "  Two\nOne", "2 Two|2 One"],
    ["nothing", " \n\n", ""],
  ])("is read from %s", (_what, text, expected) => {
    expect(
      parseOutline(text)
        .map(({ level, text: own }) => `${level} ${own}`)
        .join("|"),
    ).toBe(expected);
  });
  it("keeps what stands under a Markdown heading as its note", () => {
    expect(parseOutline("# T\n## One\nA line\nAnother\n## Two").map(({ note }) => note)).toEqual([
      "A line\nAnother",
      "",
    ]);
  });
  it("comes back from its own Markdown and indented text", () => {
    const word = fc.stringMatching(/^[A-Za-z]{2,9}$/);
    const items = fc.array(fc.record({ level: fc.constantFrom<2 | 3>(2, 3), text: word }), {
      minLength: 2,
      maxLength: 12,
    });
    fc.assert(
      fc.property(items, (list) => {
        const own = list.map((one, i) => item(one.text, i === 0 ? 2 : one.level));
        const bare = own.map(({ level, text }) => ({ level, text, note: "" }));
        expect(parseOutline(outlineToMarkdown(own))).toEqual(bare);
        expect(parseOutline(outlineToText(own))).toEqual(bare);
      }),
      RUNS,
    );
  });
  it("never throws, whatever is pasted, and goes before the FAQ", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        expect(parseOutline(text).length).toBeLessThanOrEqual(500);
      }),
      RUNS,
    );
    expect(texts(withPasted(outline, parseOutline("New"), freshId)).slice(-2)).toEqual([
      "New",
      "Does it float?",
    ]);
  });
});

describe("the FAQ", () => {
  it("stays last, whatever happens, and is no part of the section before it", () => {
    const items = [item("Q", 3, { faq: true }), item("A"), item("B", 3)];
    expect(texts(settled(items))).toEqual(["A", "B", "Q"]);
    expect(branchLength(settled(items), 0)).toBe(2);
  });
  it("is written up under a heading of its own, and its questions are those to answer", () => {
    const items = withQuestion([item("Does it float?"), item("Hull")], "Can it sink?", "q");
    expect(chosenQuestions(items)).toEqual(["Does it float?", "Can it sink?"]);
    const { doc, added, first } = writeUp(items, { type: "doc", content: [] });
    expect(added).toBe(3);
    expect(first).toBe(1);
    expect(doc.content.map(({ type }) => type)).toEqual([
      "paragraph",
      "heading",
      "paragraph",
      "heading",
      "paragraph",
      "heading",
      "faq",
    ]);
    expect(JSON.stringify(doc.content.at(-1))).toContain("Can it sink?");
    const blocks = blocksFromEditor(doc);
    expect(blocks.filter(({ kind }) => kind === "heading").map(({ text }) => text)).toEqual([
      "Does it float?",
      "Hull",
      "Frequently asked questions",
      "Can it sink?",
    ]);
    expect(writeUp(items, doc)).toEqual({ doc, added: 0, first: null });
    // A question that comes later joins those that are there.
    const more = writeUp(withQuestion(items, "Is it dry?", "r"), doc);
    expect(more).toMatchObject({ added: 1, first: 6 });
    expect(more.doc.content[6]!.content).toHaveLength(2);
  });
});

describe("the keyword in an outline", () => {
  const read = (items: OutlineItem[]) =>
    readHeadings(items, {
      keyword: "water a snake plant",
      language: "en",
      mostCharacters: 70,
      values: defaultProfile.matching,
    }).keyword;
  it("is found as the check of the subheadings finds it, its words apart too", () => {
    expect(read([item("Your snake plant, and how often it wants water"), item("Light")])).toMatchObject({
      in: 1,
      of: 2,
      says: null,
    });
  });
  it("is not asked of the questions of the FAQ", () => {
    expect(read([item("Light"), item("How to water a snake plant?", 3, { faq: true })])).toMatchObject({
      in: 0,
      of: 1,
    });
  });
});

describe("headings as they are typed", () => {
  const read = (...lines: string[]) =>
    readHeadings(
      lines.map((text, i) => ({ id: String(i), level: 2, text, note: "" })),
      { keyword: KEYWORD, language: "en", mostCharacters: 70, values: defaultProfile.matching },
    );
  it("say what is wrong with them", () => {
    const { notes } = read("x".repeat(71), "Hulls", "hulls!", "", "Kayaks");
    expect([0, 1, 2, 3, 4].map((i) => notes.get(String(i))?.map(({ kind }) => kind))).toEqual([
      ["long"],
      ["repeated"],
      ["repeated"],
      ["empty"],
      ["keyword"],
    ]);
  });
  it.each<[string, string[], string | null]>([
    ["none", [], null],
    ["one", ["A kayak", "b"], null],
    ["no heading", ["a", "b"], "No heading has"],
    ["most headings", ["A kayak", "Kayaks", "My kayak", "b"], "Most headings have"],
  ])("say whether the keyword is in %s of them", (_what, lines, says) => {
    const said = read(...lines).keyword.says;
    if (says === null) expect(said).toBeNull();
    else expect(said).toContain(says);
  });
});

describe("the terms of a piece", () => {
  it.each<[string, string[], number | null, number | null, string[]]>([
    ["nothing said", [], null, null, []],
    ["tones that go together", ["formal", "serious"], 1000, 1000, []],
    ["opposite tones", ["formal", "casual"], null, null, ["tones"]],
    ["two such pairs", ["formal", "casual", "playful", "serious"], null, null, ["tones", "tones"]],
    ["far too short", [], 500, 1000, ["length"]],
    ["far too long", [], 1900, 1000, ["length"]],
    ["a little longer", [], 1700, 1000, []],
    ["a length without competing pages", [], 50, null, []],
  ])("%s", (_what, tones, length, median, faults) => {
    expect(pieceFaults({ ...noPiece, tones, length }, median).map((fault) => fault.field)).toEqual(faults);
  });
  it("fall back to what the site says, field by field", () => {
    const site = { ...noPiece, audience: "Paddlers", tones: ["warm"], length: 900 };
    expect(pieceWithDefaults({ ...noPiece, audience: "Beginners" }, site)).toMatchObject({
      audience: "Beginners",
      tones: ["warm"],
      length: 900,
    });
  });
});

describe("the brief", () => {
  const material = (): BriefMaterial => ({
    title: "Which <kayak>?",
    keyword: KEYWORD,
    keywords: [
      { text: KEYWORD, searches: 100 },
      { text: "sea kayak", searches: 1900 },
      { text: "river | kayak", searches: null },
    ],
    piece: { ...noPiece, audience: "Beginners", tones: ["warm"], length: 800, avoid: ["brands"] },
    analysis,
    collectedAt: "2026-03-04T10:00:00Z",
    items: [
      item("Hull", 2, { budget: 120, note: "Use: hull" }),
      item("Wood", 3),
      item("Does it float?", 3, { faq: true }),
    ],
    questions: [{ text: "Does it float?" }],
    statistics: analysis.statistics,
    links: [{ title: "Our paddles", address: "https://shop.example/paddles" }],
  });
  it("holds every part that is chosen, and none that is not", () => {
    const markdown = draftToMarkdown(briefDraft(material(), BRIEF_PARTS));
    for (const part of [
      "## Keywords",
      "sea kayak (1,900 searches a month)",
      "For: Beginners",
      "4 pages that rank for",
      "### Hull (120 words)",
      "### Frequently asked questions",
      "hull (core)",
      "Our paddles: https",
    ])
      expect(markdown).toContain(part);
    const few = draftToMarkdown(briefDraft(material(), ["outline"]));
    expect(few).toContain("Hull");
    expect(few).not.toContain("Keywords");
  });
  it("is HTML in which nothing of the material acts", () => {
    const html = draftToPage(briefDraft({ ...material(), title: "<script>x</script>" }, BRIEF_PARTS), {
      siteName: "",
      fileAddress: () => "",
    });
    expect(html).toContain("&#x3C;script>x");
    expect(html).toContain("<table>");
  });
  it("is a DOCX that holds the same, hostile characters left out", async () => {
    const bytes = await draftToDocx(
      briefDraft({ ...material(), title: "Kayaks \u0001\uD800 & <b>" }, BRIEF_PARTS),
    );
    const xml = strFromU8(unzipSync(bytes)["word/document.xml"]!);
    expect(xml).toContain("Kayaks ");
    expect(xml).toContain("&amp; &lt;b&gt;");
    for (const part of ["Hull (120 words)", "sea kayak (1,900 searches a month)", "<w:tbl>", "Heading3"])
      expect(xml).toContain(part);
    expect(xml).not.toContain(String.fromCharCode(1));
  });
  it("is plain text that says what to write and how often to use which term", () => {
    const text = briefPrompt(material(), BRIEF_PARTS);
    expect(text).toMatch(/^Write a blog post titled “Which <kayak>\?” about “kayak”, of about 800 words\./);
    expect(text).toContain(
      "## Hull (about 120 words)\n   Use: hull\n### Wood\n## Frequently asked questions",
    );
    expect(text).toMatch(/- hull: \d+( to \d+)? times/);
    expect(briefPrompt(material(), ["outline"])).not.toContain("Use these terms");
  });
  it("is made of nothing too", () => {
    const empty: BriefMaterial = {
      title: "",
      keyword: "",
      keywords: [],
      piece: noPiece,
      analysis: null,
      collectedAt: "",
      items: [],
      questions: [],
      statistics: [],
      links: [],
    };
    expect(briefDraft(empty, BRIEF_PARTS)).toMatchObject({
      meta: { title: "Brief: untitled post" },
      blocks: [],
    });
    expect(briefPrompt(empty, BRIEF_PARTS)).toContain("Write a blog post.");
  });
});
