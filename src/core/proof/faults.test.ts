/** One fault planted into a strong draft: the check that it is about loses what the rules say, and no other but those named beside it. */
import { describe, expect, it } from "vitest";
import type { Block, Draft, DraftMeta } from "../draft/draft";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { filler } from "../testing/draftOf";
import { STRONG_KEYWORD, strongDraft, strongMarkdown } from "../testing/strongDraft";
import { noContext, type ProofContext } from "./context";
import type { CheckId } from "./profile";
import { proof } from "./proof";

const site = { ...noContext.site, host: "brackenford.example" };
const context: ProofContext = { ...noContext, site };

const meta =
  (fields: Partial<DraftMeta>) =>
  (draft: Draft): Draft => ({ ...draft, meta: { ...draft.meta, ...fields } });
const blocks =
  (change: (all: readonly Block[]) => Block[]) =>
  (draft: Draft): Draft => ({ ...draft, blocks: change(draft.blocks) });
const source = (from: string | RegExp, to: string) => (): Draft => {
  const text = strongMarkdown.replace(from, to);
  expect(text).not.toBe(strongMarkdown);
  const draft = draftFromMarkdown(text);
  return {
    ...draft,
    blocks: draft.blocks.map((block) => (block.kind === "picture" ? { ...block, bytes: 120 * 1024 } : block)),
  };
};
/** The same in the body alone. */
const body =
  (from: RegExp, to: string) =>
  (draft: Draft): Draft => ({
    ...source(
      /(?<=\n---\n)[\s\S]*$/,
      strongMarkdown.replace(/^---\n[\s\S]*?\n---\n/, "").replace(from, to),
    )(),
    meta: draft.meta,
  });
const pictures = (change: (block: Extract<Block, { kind: "picture" }>, n: number) => Block) =>
  blocks((all) => {
    let n = 0;
    return all.map((block) => (block.kind === "picture" ? change(block, n++) : block));
  });
const paragraph = (text: string): Block => ({
  id: text.slice(0, 8),
  kind: "paragraph",
  text,
  runs: [{ text, marks: [] }],
  within: [],
});
/** Paragraphs that follow each other become one. */
const joinedParagraphs = blocks((all) => {
  const out: Block[] = [];
  for (const block of all) {
    const last = out.at(-1);
    if (block.kind === "paragraph" && last?.kind === "paragraph")
      out[out.length - 1] = {
        ...last,
        text: `${last.text} ${block.text}`,
        runs: [...last.runs, { text: " ", marks: [] }, ...block.runs],
      };
    else out.push(block);
  }
  return out;
});

interface Fault {
  check: CheckId;
  /** What the check earns with the fault. */
  share: number;
  plant: (draft: Draft) => Draft;
  /** Checks that the same fault touches, by its nature. */
  besides?: CheckId[];
  context?: Partial<ProofContext>;
}

const faults: [name: string, fault: Fault][] = [
  [
    "the keyword late in the title",
    {
      check: "keyword-in-title",
      share: 0.85,
      plant: meta({ metaTitle: "Through the whole year, month by month: cargo bike care" }),
    },
  ],
  [
    "the keyword scattered in the title",
    {
      check: "keyword-in-title",
      share: 0.4,
      plant: meta({ metaTitle: "Cargo on the move, a bike in the yard: how to take good care" }),
    },
  ],
  [
    "a title about something else",
    {
      check: "keyword-in-title",
      share: 0,
      plant: meta({ metaTitle: "How to keep a family wheel going for years and years" }),
    },
  ],
  [
    "an H1 about something else",
    { check: "keyword-in-h1", share: 0, plant: meta({ title: "Through the whole year" }) },
  ],
  [
    "no keyword in the opening",
    {
      check: "keyword-in-opening",
      share: 0,
      plant: source("Cargo bike care takes an hour a month.", "It takes an hour a month."),
    },
  ],
  [
    "no keyword in the subheads",
    {
      check: "keyword-in-subheads",
      share: 0,
      plant: source("## Cargo bike care in spring", "## What to do in spring"),
    },
  ],
  [
    "the keyword in every subhead",
    {
      check: "keyword-in-subheads",
      share: 0.5,
      plant: source(
        /## (What to do in summer|Autumn, leaf by leaf|When winter comes)/g,
        "## Cargo bike care: $1",
      ),
    },
  ],
  [
    "the keyword again and again",
    {
      check: "keyword-use",
      share: 0,
      plant: blocks((all) => [...all, paragraph("Cargo bike care. ".repeat(40).trim())]),
      besides: ["section-length"],
    },
  ],
  [
    "the keyword nowhere in the text",
    {
      check: "keyword-use",
      share: 0,
      plant: body(/cargo bike care/gi, "bike work"),
      besides: ["keyword-in-opening", "keyword-in-subheads", "keyword-in-alt"],
    },
  ],
  ["a slug about something else", { check: "keyword-in-slug", share: 0, plant: meta({ slug: "yard-hour" }) }],
  [
    "a title of three words",
    { check: "title-width", share: (141.16 - 120) / 165, plant: meta({ metaTitle: "Cargo bike care" }) },
  ],
  [
    "a title that is cut off",
    {
      check: "title-width",
      share: 0,
      plant: meta({ metaTitle: `Cargo bike care ${filler(20, "through")}` }),
    },
  ],
  [
    "a description that is cut off",
    {
      check: "description-width",
      share: 0.3,
      plant: meta({ description: `Cargo bike care ${filler(60, "through")}` }),
    },
  ],
  [
    "a description about something else",
    {
      check: "keyword-in-description",
      share: 0,
      plant: meta({
        description:
          "What to wash, what to oil and what to leave to a workshop, with a list for each season of the year and each month.",
      }),
    },
  ],
  ["a slug with a year", { check: "slug-form", share: 0.8, plant: meta({ slug: "cargo-bike-care-2026" }) }],
  [
    "a slug with capitals and underscores",
    {
      check: "slug-form",
      share: 0.6,
      plant: meta({ slug: "Cargo_bike_care" }),
      besides: ["keyword-in-slug"],
    },
  ],
  [
    "another post of the same title",
    {
      check: "title-distinct",
      share: 0,
      plant: (draft) => draft,
      context: { others: [{ metaTitle: "Cargo bike care through the whole year, month by month!" }] },
    },
  ],
  [
    "a second H1",
    {
      check: "one-h1",
      share: 0.5,
      plant: blocks((all) =>
        all.map((b) => (b.kind === "heading" && /Autumn/.test(b.text) ? { ...b, level: 1 } : b)),
      ),
      context: { site: { ...site, titleAsH1: "always" } },
    },
  ],
  [
    "a heading that skips a level",
    {
      check: "heading-order",
      share: 0.75,
      plant: source("## What to do in summer", "#### What to do in summer"),
    },
  ],
  [
    "a section without end",
    {
      check: "section-length", // Of the words under headings, those of spring and summer together.
      share: 0.527,
      plant: source("## What to do in summer\n", ""),
      besides: [],
    },
  ],
  [
    "two headings alike",
    {
      check: "heading-quality",
      share: 0.75,
      plant: source("## When winter comes", "## What to do in summer"),
    },
  ],
  [
    "a text of a few lines",
    {
      check: "length",
      share: 0,
      plant: blocks((all) => all.slice(0, 1)),
      besides: [
        "keyword-in-subheads",
        "heading-quality",
        "keyword-use",
        "has-picture",
        "alt-text",
        "keyword-in-alt",
        "picture-names",
        "picture-weight",
        "internal-links",
        "external-links",
        "anchor-text",
        "link-health",
        "passive-voice",
      ],
    },
  ],
  [
    "no picture",
    {
      check: "has-picture",
      share: 0,
      plant: blocks((all) => all.filter(({ kind }) => kind !== "picture")),
      besides: ["alt-text", "keyword-in-alt", "picture-names", "picture-weight"],
    },
  ],
  [
    "a picture without alt text",
    { check: "alt-text", share: 0.5, plant: pictures((block, n) => (n ? block : { ...block, alt: null })) },
  ],
  [
    "an alt text that is a file name",
    {
      check: "alt-text",
      share: 0.5,
      plant: pictures((block, n) => (n ? block : { ...block, alt: "IMG_2041.jpg" })),
    },
  ],
  [
    "the keyword in no alt text",
    {
      check: "keyword-in-alt",
      share: 0,
      plant: pictures((block) => ({ ...block, alt: "A wet yard in spring" })),
    },
  ],
  [
    "a camera's file name",
    {
      check: "picture-names",
      share: 0.5,
      plant: pictures((block, n) => (n ? block : { ...block, fileName: "IMG_2041.jpg" })),
    },
  ],
  [
    "a picture of a megabyte",
    {
      check: "picture-weight",
      share: 0.5,
      plant: pictures((block, n) => (n ? block : { ...block, bytes: 1024 * 1024 })),
    },
  ],
  [
    "no link to an own page",
    { check: "internal-links", share: 0, plant: source(/\[([^\]]+)\]\(\/blog\/[^)]+\)/g, "$1") },
  ],
  [
    "no link to another site",
    { check: "external-links", share: 0, plant: source(/\[([^\]]+)\]\(https:[^)]+\)/g, "$1") },
  ],
  [
    "a link over plain http",
    { check: "external-links", share: 0.5, plant: source("https://roads", "http://roads") },
  ],
  [
    "a link that says click here",
    { check: "anchor-text", share: 0.75, plant: source("[guide to winter roads]", "[click here]") },
  ],
  [
    "a link to a missing fragment",
    {
      check: "link-health",
      share: 0,
      plant: source("## When winter comes\n", "## When winter comes\n\nSee [the part on rust](#rust) too.\n"),
      besides: [],
    },
  ],
  [
    "long paragraphs",
    {
      check: "paragraph-length",
      // Every paragraph of a section in one: of 21, those three, by count of the draft.
      share: 0,
      plant: joinedParagraphs,
      besides: [],
    },
  ],
  [
    "long sentences",
    {
      check: "sentence-length",
      share: 0,
      plant: body(/\. (?=[A-Z])/g, ", and "),
      besides: ["reading-ease"],
    },
  ],
  [
    "the passive in more than half of the sentences",
    {
      check: "passive-voice",
      share: 0,
      plant: body(/(Humidity|Inspect|Salt|Your|Most|The hydraulic|A decent)(?= )/g, "It is often said: $1"),
    },
  ],
];

describe("a strong draft", () => {
  const strong = proof(strongDraft(), context);

  it("earns everything", () => {
    expect(strong.score).toBe(100);
  });

  it.each(faults)("with %s", (_name, { check, share, plant, besides = [], context: more }) => {
    const report = proof(plant(strongDraft()), { ...context, ...more });
    const lost = report.findings.filter(
      (f, i) => f.state !== strong.findings[i]!.state || Math.abs(f.share - strong.findings[i]!.share) > 1e-9,
    );
    expect(report.findings.find(({ id }) => id === check)!.share).toBeCloseTo(share, 2);
    const expected = new Set([...(share < 1 ? [check] : []), ...besides]);
    expect(lost.map(({ id }) => id).filter((id) => !expected.has(id))).toEqual([]);
    if (share < 1) expect(report.score).toBeLessThan(100);
  });
});

/** Two terms, two topics and a question that the strong draft covers in full; 941 words, five saddles, seven brakes. */
const measured: Partial<ProofContext> = {
  competitors: {
    pages: 10,
    keyword: STRONG_KEYWORD,
    medianWords: 900,
    density: [0.002, 0.02],
    terms: [
      { key: "saddl", text: "saddle", salience: 4, usual: [4, 12], core: true },
      { key: "brake", text: "brakes", salience: 1, usual: [4, 12], core: false },
    ],
    topics: [
      { label: "When winter comes", presence: 0.6, place: 0.9, level: 2, stems: [["winter"]] },
      { label: "Rain covers", presence: 0.4, place: 0.5, level: 2, stems: [["rain", "cover"]] },
    ],
  },
  questions: ["How is salt spread?"],
};

describe("a strong draft beside competing pages", () => {
  const strong = proof(strongDraft(), { ...context, ...measured });

  it("earns everything", () => {
    expect(strong.score).toBe(100);
  });

  it.each<[string, CheckId, number, (draft: Draft) => Draft]>([
    ["a term left out", "field-terms", 0.2, body(/saddle/g, "seat")],
    // Beyond its range a term keeps half: (4 · 0.5 + 1) / 5.
    [
      "a term again and again",
      "field-terms",
      0.6,
      body(/\bdecent\b/g, "saddle saddle saddle saddle saddle saddle"),
    ],
    ["a subject left out", "heading-topics", 0.6, body(/rain cover/g, "tarpaulin")],
    ["a question left open", "reader-questions", 0, body(/how salt is spread/, "more of it")],
  ])("with %s", (_name, check, share, plant) => {
    const report = proof(plant(strongDraft()), { ...context, ...measured });
    expect(report.findings.find(({ id }) => id === check)!.share).toBeCloseTo(share, 2);
    expect(report.score).toBeLessThan(100);
    const lost = report.findings.filter((f, i) => Math.abs(f.share - strong.findings[i]!.share) > 1e-9);
    expect(lost.map(({ id }) => id)).toEqual([check]);
  });
});
