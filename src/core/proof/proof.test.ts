/** What must hold of a proof, whatever the draft. */
import { isDeepStrictEqual } from "node:util";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Block, Draft } from "../draft/draft";
import { blocksFromEditor } from "../draft/fromEditor";
import { draftFromHtml } from "../draft/fromHtml";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { rangeShare } from "../shares";
import { anyDoc, anyDraft, anyMeta, anyText } from "../testing/arbitraries";
import { draftOf, filler, paragraphs } from "../testing/draftOf";
import { RUNS } from "../testing/runs";
import { noContext, type ProofContext } from "./context";
import { type DraftUpdate, ProofEngine, UnknownBlocksError } from "./engine";
import { bestNextStep, byWorth, type Finding, scoreOf } from "./finding";
import { defaultProfile } from "./profile";
import { proof } from "./proof";
import { shownGains } from "./shownGains";

function expectSound(draft: Draft): void {
  const report = proof(draft);
  expect(report.score).toBeGreaterThanOrEqual(0);
  expect(report.score).toBeLessThanOrEqual(100);
  expect(Number.isFinite(report.score)).toBe(true);
  for (const { share, gain, weight, evidence } of report.findings) {
    expect(share >= 0 && share <= 1 && gain >= 0 && weight > 0).toBe(true);
    // All places at once: a megabyte has a hundred thousand.
    const unsound = evidence.filter(
      ({ quote, block, field, start, end, worth = 0 }) =>
        // No place brings more than is missing.
        !(worth >= 0 && worth <= 1 - share + 1e-9) ||
        !(start >= 0 && start <= end) ||
        source(draft, block, field)?.slice(start, end) !== quote,
    );
    expect(unsound).toEqual([]);
  }
  expect(isDeepStrictEqual(proof(draft), report)).toBe(true);
}

/** The text that an evidence span lies in. */
function source(
  draft: Draft,
  block: number | undefined,
  field: string | undefined,
): string | null | undefined {
  if (block === undefined) return draft.meta[field as "title"].trim();
  const of = draft.blocks[block]!;
  if (field === "alt") return of.kind === "picture" ? of.alt : undefined;
  if (field === "fileName") return of.kind === "picture" ? of.fileName : undefined;
  return of.text;
}

describe("proof", () => {
  it("gives a finite score from 0 to 100, the same on repeat, with evidence that quotes the draft exactly", () => {
    fc.assert(fc.property(anyDraft, expectSound), RUNS);
  });

  it("never throws on any text read as Markdown or HTML", () => {
    const anything = fc.oneof(
      anyText,
      fc.string({ unit: "binary", maxLength: 200 }),
      fc.string({ maxLength: 200 }),
    );
    fc.assert(
      fc.property(anything, anyMeta, (text, meta) => {
        expectSound({ ...draftFromHtml(text), meta });
        if (!/^\uFEFF?---/.test(text)) expectSound({ ...draftFromMarkdown(text), meta });
      }),
      RUNS,
    );
  });

  it.each([
    ["nothing", ""],
    ["half a megabyte of words", filler(85_000, "cargo")],
    ["a megabyte in one word", "a".repeat(1 << 20)],
    ["half a megabyte of the keyword", filler(47_000, "cargo bike.")],
    ["deep nesting", `${"<div>".repeat(3000)}text${"</div>".repeat(3000)}`],
    ["deep lists", "<ul><li>".repeat(500)],
    ["deep quotes", `${"> ".repeat(200)}text`],
    ["very deep nesting", `${"<div><b>".repeat(30_000)}text`],
    ["very deep lists of Markdown", `${"- ".repeat(3000)}text`],
    ["very deep quotes", `${">".repeat(6000)}text`],
    ["right to left", "שלום עולם. مرحبا بالعالم."],
    ["emoji", "🚲👩‍👧‍👦🏳️‍🌈 ".repeat(200)],
    ["control characters", "\u0000\u0001\u001b[31m\u007f\u2028\u202e text"],
    ["lone surrogates", "a\ud800b\udc00c"],
    ["half an entity, half a tag", "&#x110000; &amp <b <a href='"],
  ])("stands %s", (_what, text) => {
    const meta = { title: "Cargo bike", keyword: "cargo bike" };
    expectSound({ ...draftFromHtml(text), meta: { ...draftFromHtml("").meta, ...meta } });
    expectSound({ ...draftFromMarkdown(text), meta: { ...draftFromMarkdown("").meta, ...meta } });
  });

  it("never raises the score for repeating the keyword beyond the range", () => {
    const { high } = defaultProfile.checks["keyword-use"];
    fc.assert(
      fc.property(
        fc.integer({ min: 700, max: 1500 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 1, max: 30 }),
        (words, over, more) => {
          const uses = Math.ceil(words * high) + 1 + over;
          const text = (n: number) => [filler(words), filler(n, "Cargo bike.")];
          const meta = { title: "Cargo bike", keyword: "cargo bike" };
          const before = proof(paragraphs(text(uses), meta));
          if (before.keywordUses / before.words <= high) return;
          expect(proof(paragraphs(text(uses + more), meta)).score).toBeLessThanOrEqual(before.score + 1e-9);
        },
      ),
      RUNS,
    );
  });

  it("never lowers the score when one check earns more", () => {
    const state = fc.constantFrom<Finding["state"]>("judged", "waiting", "not-applicable", "set-aside");
    const finding = fc
      .record({
        state,
        share: fc.double({ min: 0, max: 1, noNaN: true }),
        weight: fc.double({ min: 0.1, max: 30, noNaN: true }),
      })
      .map((f) => ({ ...f, share: f.state === "judged" ? f.share : 0 }));
    fc.assert(
      fc.property(
        fc.array(finding, { minLength: 1, maxLength: 30 }),
        fc.nat(),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (findings, at, more) => {
          const i = at % findings.length;
          const f = findings[i]!;
          const raised = findings.map((other, n) =>
            n === i && f.state === "judged" ? { ...f, share: f.share + (1 - f.share) * more } : other,
          );
          const before = scoreOf(findings);
          expect(scoreOf(raised).score).toBeGreaterThanOrEqual(before.score - 1e-9);
          // A gain is what the score rises by when that check alone earns all of its weight.
          const whole = findings.map((other, n) =>
            n === i
              ? { ...f, share: 1, state: f.state === "waiting" ? ("judged" as const) : f.state }
              : other,
          );
          expect(scoreOf(whole).score).toBeCloseTo(before.score + before.gains[i]!, 6);
        },
      ),
      RUNS,
    );
  });

  it("leaves checks that are set aside out of the sum, and keeps them in sight", () => {
    const draft = draftOf("Text about a cargo bike.", { title: "Cargo bike", keyword: "cargo bike" });
    const plain = proof(draft);
    const aside = proof(draft, { ...noContext, setAside: { "has-picture": "a poem" } });
    expect(aside.findings.find(({ id }) => id === "has-picture")).toMatchObject({
      state: "set-aside",
      reason: "a poem",
      gain: 0,
    });
    expect(aside.uncapped).toBeGreaterThan(plain.uncapped);
    expect(proof(draft, { ...noContext, setAside: { toString: "no check" } }).uncapped).toBe(plain.uncapped);
  });

  it("says so where a language has no pack, and scores what needs none", () => {
    const report = proof(
      draftOf("Ein Lastenrad.", { title: "Lastenrad", keyword: "Lastenrad", language: "xx" }),
    );
    expect(report.notes.join(" ")).toContain("“xx”");
    expect(report.findings.find(({ id }) => id === "keyword-in-title")).toMatchObject({ share: 1 });
  });
});

describe("the proof engine", () => {
  const update = (
    blocks: readonly Block[],
    draft: Draft,
    revision: number,
    changed = blocks,
  ): DraftUpdate => ({
    postId: "p",
    revision,
    meta: draft.meta,
    headingIds: draft.headingIds,
    order: blocks.map((block) => block.id),
    changed: changed.map((block) => [block.id, block]),
    context: noContext,
    profile: defaultProfile,
  });
  const numbered = (blocks: readonly Block[]): Block[] =>
    blocks.map((block, i) => ({ ...block, id: `b${i}` }));

  it("rescores after one edited block as if afresh", () => {
    fc.assert(
      fc.property(anyDraft, anyDoc, fc.nat(), (draft, doc, at) => {
        const blocks = numbered(draft.blocks);
        const [replacement] = blocksFromEditor(doc);
        const engine = new ProofEngine();
        engine.update(update(blocks, draft, 1));
        if (!blocks.length || !replacement) return;
        const edited = { ...replacement, id: "new" };
        const next = blocks.toSpliced(at % blocks.length, 1, edited);
        expect(engine.update(update(next, draft, 2, [edited])).report).toEqual(
          proof({ ...draft, blocks: next }),
        );
      }),
      RUNS,
    );
  });

  it("follows a change of keyword, context and profile though every block is known", () => {
    const draft = draftOf("A cargo bike and a trailer.\n\n## Trailers", {
      title: "Trailers",
      keyword: "cargo bike",
    });
    const engine = new ProofEngine();
    engine.update(update(draft.blocks, draft, 1));
    const meta = { ...draft.meta, keyword: "trailer" };
    const context: ProofContext = { ...noContext, others: [{ metaTitle: "Trailers" }] };
    const profile = { ...defaultProfile, openingWords: 1 };
    const { report, revision } = engine.update({
      ...update(draft.blocks, draft, 2, []),
      meta,
      context,
      profile,
    });
    expect(revision).toBe(2);
    expect(report).toEqual(proof({ ...draft, meta }, context, profile));
  });

  it("asks for blocks that it does not hold", () => {
    const draft = draftOf("Text");
    const engine = new ProofEngine();
    expect(() => engine.update(update(draft.blocks, draft, 1, []))).toThrow(UnknownBlocksError);
    engine.update(update(draft.blocks, draft, 1));
    engine.close("p");
    expect(() => engine.update(update(draft.blocks, draft, 2, []))).toThrow(UnknownBlocksError);
  });
});

describe("worth", () => {
  const finding = (id: string, gain: number, effort: Finding["effort"]) => ({ id, gain, effort });
  it.each([
    ["by gain", [finding("a", 1, "seconds"), finding("b", 3, "longer")], ["b", "a"]],
    [
      "equal gains by effort",
      [finding("a", 2, "longer"), finding("b", 2 + 1e-12, "minutes"), finding("c", 2, "seconds")],
      ["c", "b", "a"],
    ],
    ["without what has nothing to gain", [finding("a", 0, "seconds")], []],
  ])("is %s", (_what, findings, order) => {
    expect(byWorth(findings).map(({ id }) => id)).toEqual(order);
    expect(bestNextStep(findings)?.id).toBe(order[0]);
  });
});

describe("gains as they are shown", () => {
  it("add up to the shown sum, in tenths, none of them nothing", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 8, noNaN: true }), { maxLength: 32 }), (gains) => {
        const findings = gains.map((gain, i) => ({ id: `f${i}`, gain }));
        const shown = shownGains(findings);
        for (const [id, points] of shown) {
          expect(points).toBeGreaterThanOrEqual(0.1);
          expect(Math.abs(points - findings.find((f) => f.id === id)!.gain)).toBeLessThan(0.2);
        }
        const seen = gains.filter((gain) => gain >= 0.05);
        const sum = [...shown.values()].reduce((all, points) => all + points, 0);
        expect(shown.size).toBe(seen.length);
        // What is too small to be seen alone may add up to a tenth that others show.
        if (seen.length === gains.length && seen.every((gain) => gain >= 1))
          expect(sum).toBeCloseTo(Math.round(gains.reduce((all, gain) => all + gain, 0) * 10) / 10, 9);
      }),
      RUNS,
    );
  });
});

describe("a text too short for a full score", () => {
  const meta = {
    title: "Cargo bike care",
    keyword: "cargo bike",
    slug: "cargo-bike",
    description: "Cargo bike care.",
  };
  it.each([
    ["no text", 0, 0],
    ["one word", 1, 1],
    ["half of what is asked", 50, 50],
  ])("has at most its part of 100: %s", (_what, words, most) => {
    const report = proof(draftOf(filler(words), meta));
    expect(report.score).toBe(Math.min(most, report.uncapped));
    expect(report.notes.length).toBe(report.uncapped > most ? 1 : 0);
  });
  it("says how many words it has", () => {
    expect(proof(draftOf("", meta)).notes).toEqual([
      "The text has 0 words: under 100 words the score is at most 0.",
    ]);
    expect(proof(draftOf(filler(100), meta))).toMatchObject({ notes: [] });
  });
});

describe("rangeShare", () => {
  it.each([
    [0, 0],
    [10, 0],
    [15, 0.5],
    [20, 1],
    [30, 1],
    [35, 0.5],
    [40, 0],
    [99, 0],
  ])("of %d in 10, 20, 30, 40 is %d", (x, share) => {
    expect(rangeShare(x, [10, 20, 30, 40])).toBe(share);
  });
  it("stays at 1 with two bounds", () => expect(rangeShare(1e9, [10, 20])).toBe(1));
});
