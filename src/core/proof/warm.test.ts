/** A draft that was read before gives the same report as one read for the first time, whatever changed between. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { CompetitorMeasure } from "../competitors/measure";
import type { Block, Draft } from "../draft/draft";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { RUNS } from "../testing/runs";
import { noContext, type ProofContext } from "./context";
import { ProofEngine } from "./engine";
import { defaultProfile, type Profile } from "./profile";
import { proof } from "./proof";
import { stages } from "./reading/stages";

const KEYWORDS = ["cargo bike", "bike", "cargo bikes for families", "rain and", "", "Lastenrad", "the"];
const LANGUAGES = ["en", "de", "fr", "xx"];

/** Texts in which the keywords stand in every form, links that only differ by what the site is, and prose of one keyword only. */
const TEXTS = [
  "Cargo bike. Cargo bike. A cargo bike for the whole family was bought by us in the rain and fog.",
  "The bike that we take for cargo is long; families of the town ride bikes with cargo every day of the week.",
  "Das Lastenrad wurde gekauft. Lastenräder sind lang.",
  "See [click here](https://site.example/blog/a), [the guide](/blog/a) and [the guide](https://other.example/).",
  "[a](#cargo-bike) and [our start](https://site.example/) and [this page](/blog/slug).",
  "## Cargo bike",
  "### Why families like a cargo bike",
  "# Cargo bikes",
  "![A cargo bike in the rain](cargo-bike.jpg)",
  "![](IMG_2041.jpg)",
  "> Bikes, cargo, rain.",
  "- cargo bike\n- bikes for families\n- cargo-bike",
  "How long does a cargo bike last?",
];
const blocksOf = TEXTS.flatMap((text) => draftFromMarkdown(text).blocks);

const competitors: CompetitorMeasure = {
  keyword: "cargo bike",
  pages: 6,
  medianWords: 900,
  density: [0.004, 0.02],
  terms: [
    { key: "famili", text: "families", core: true, salience: 4, usual: [2, 6] },
    { key: "rain", text: "rain", core: false, salience: 2, usual: [1, 3] },
  ],
  topics: [
    { label: "Why families like them", presence: 0.6, place: 0.3, level: 2, stems: [["famili"]] },
    { label: "In the rain", presence: 0.5, place: 0.5, level: 2, stems: [["rain"], ["fog", "rain"]] },
    { label: "By the week", presence: 0.4, place: 0.9, level: 3, stems: [["day", "week"]] },
  ],
};

const profileWith = (change: (profile: Profile) => void): Profile => {
  const profile = structuredClone(defaultProfile) as Profile;
  change(profile);
  return profile;
};
const PROFILES: Profile[] = [
  defaultProfile,
  profileWith((p) => {
    p.matching.closeWindow = 0;
  }),
  profileWith((p) => {
    p.matching.closeWindow = 12;
    p.matching.inflected = 0.3;
  }),
  profileWith((p) => {
    p.checks["anchor-text"].mostWords = 1;
    p.checks["reader-questions"].answerWords = 2;
    p.checks["field-terms"].overFactor = 1.1;
  }),
  profileWith((p) => {
    p.checks["sentence-length"].mostWords = 5;
    p.checks["paragraph-length"].mostWords = 10;
    p.checks["passive-voice"].full = 0.5;
    p.checks["reader-questions"].answerWords = 60;
  }),
];
const CONTEXTS: ProofContext[] = [
  noContext,
  { ...noContext, site: { host: "site.example", titleAsH1: "never", paths: new Set(["/blog/a"]) } },
  { ...noContext, site: { host: "other.example", titleAsH1: "always", paths: new Set() } },
  { ...noContext, others: [{ metaTitle: "Cargo bike" }], setAside: { length: "a note" } },
  { ...noContext, competitors, questions: ["How long does a cargo bike last?"] },
  {
    ...noContext,
    competitors: { ...competitors, keyword: "bike" },
    questions: ["How long", "does a cargo bike last?"],
  },
  { ...noContext, competitors: { ...competitors }, questions: ["How long\ndoes a cargo bike last?"] },
];

interface State {
  draft: Draft;
  profile: Profile;
  context: ProofContext;
}
const meta = (change: Partial<Draft["meta"]>) => (state: State) => ({
  ...state,
  draft: { ...state.draft, meta: { ...state.draft.meta, ...change } },
});
const withBlocks = (change: (blocks: readonly Block[]) => readonly Block[]) => (state: State) => ({
  ...state,
  draft: { ...state.draft, blocks: change(state.draft.blocks) },
});

const anyStep: fc.Arbitrary<(state: State) => State> = fc.oneof(
  fc.constantFrom(...KEYWORDS).map((keyword) => meta({ keyword })),
  fc.constantFrom(...LANGUAGES).map((language) => meta({ language })),
  fc.constantFrom("", "Cargo bike", "Rain and families").map((title) => meta({ title })),
  fc.constantFrom("", "Bikes with cargo").map((metaTitle) => meta({ metaTitle })),
  fc.constantFrom("", "slug", "cargo-bike").map((slug) => meta({ slug })),
  fc
    .constantFrom("", "https://site.example/", "https://site.example/blog/slug", "https://other.example/")
    .map((canonical) => meta({ canonical })),
  fc.constantFrom(...PROFILES).map((profile) => (state: State) => ({ ...state, profile })),
  fc.constantFrom(...CONTEXTS).map((context) => (state: State) => ({ ...state, context })),
  fc
    .tuple(fc.constantFrom(...blocksOf), fc.nat())
    .map(([block, at]) =>
      withBlocks((blocks) => blocks.toSpliced(at % (blocks.length + 1), 0, { ...block })),
    ),
  fc.nat().map((at) => withBlocks((blocks) => blocks.toSpliced(at % (blocks.length + 1), 1))),
  fc
    .tuple(fc.constantFrom(" families", " in the fog and rain", ".", " was bought", " x"), fc.nat())
    .map(([added, at]) => withBlocks((blocks) => writtenAt(blocks, at % (blocks.length + 1), added))),
  fc.constant(withBlocks((blocks) => blocks.toReversed())),
);

/** The blocks with something written at the end of one, where it has text. */
const writtenAt = (blocks: readonly Block[], at: number, added: string): readonly Block[] =>
  blocks.map((block, i) => {
    if (i !== at || !block.text) return block;
    const text = block.text + added;
    return { ...block, text, runs: [{ text, marks: [] }] };
  });

/** Reports as they are stored: to the byte. */
const written = (value: unknown): string => JSON.stringify(value);

describe("a warm engine", () => {
  it("reports as a fresh one after any sequence of changes", () => {
    fc.assert(
      fc.property(fc.array(anyStep, { minLength: 2, maxLength: 12 }), (steps) => {
        const engine = new ProofEngine();
        const keys = new Map<Block, string>();
        let state: State = {
          draft: { ...draftFromMarkdown(TEXTS.join("\n\n")) },
          profile: defaultProfile,
          context: noContext,
        };
        for (const [revision, step] of steps.entries()) {
          state = step(state);
          const { draft, profile, context } = state;
          const changed: [string, Block][] = [];
          const order = draft.blocks.map((block) => {
            let key = keys.get(block);
            if (!key) {
              key = `k${keys.size}`;
              keys.set(block, key);
            }
            changed.push([key, block]);
            return key;
          });
          const warm = engine.update({
            postId: "post",
            revision,
            meta: draft.meta,
            headingIds: draft.headingIds,
            order,
            changed,
            context,
            profile,
          }).report;
          // The stages themselves remember nothing at all.
          expect(written(warm)).toBe(written(proof(structuredClone(draft), context, profile, stages)));
        }
      }),
      RUNS,
    );
  });

  it("asks no check again whose counts stay, and says the same topics with the same words", () => {
    const { meta, headingIds, blocks } = draftFromMarkdown(
      `---\nkeyword: cargo bike\n---\n${TEXTS.join("\n\n")}\n\nIt was bought ${"and used ".repeat(20)}again.\n\nShort ones too`,
    );
    const engine = new ProofEngine();
    const order = blocks.map((_, i) => `b${i}`);
    const report = (changed: readonly Block[]) =>
      engine.update({
        postId: "post",
        revision: 1,
        meta,
        headingIds,
        order,
        changed: changed.map((block, i): [string, Block] => [`b${i}`, block]),
        context: CONTEXTS[4]!,
        profile: defaultProfile,
      }).report;
    const before = report(blocks);
    const after = report(writtenAt(blocks, blocks.length - 1, ", and a word more"));
    const evidence = ({ findings }: typeof before, id: string) =>
      findings.find((one) => one.id === id)!.evidence;
    expect(after.words).toBe(before.words + 4);
    for (const id of ["sentence-length", "passive-voice"]) {
      expect(evidence(before, id)).not.toEqual([]);
      // A sentence is longer, and none is one of the long: how many there are stays as well.
      expect(evidence(after, id)).toBe(evidence(before, id));
    }
    expect(after.coverage!.topics).toBe(before.coverage!.topics);
  });

  it.each<[string, (state: State) => State, (state: State) => State]>([
    ["taking the keyword away", meta({ keyword: "cargo bike" }), meta({ keyword: "" })],
    ["a narrower window", (state) => state, (state) => ({ ...state, profile: PROFILES[1]! })],
  ])("forgets what rested on what was before: %s", (_what, first, then) => {
    const draft = draftFromMarkdown(TEXTS.join("\n\n"));
    const engine = new ProofEngine();
    const blocks = draft.blocks.map((block, i): [string, Block] => [`b${i}`, block]);
    const report = ({ draft: { meta, headingIds }, context, profile }: State, revision: number) =>
      engine.update({
        postId: "post",
        revision,
        meta,
        headingIds,
        order: blocks.map(([key]) => key),
        changed: blocks,
        context,
        profile,
      }).report;
    const before = first({
      draft: { ...draft, meta: { ...draft.meta, keyword: "cargo bike" } },
      context: noContext,
      profile: defaultProfile,
    });
    report(before, 1);
    const after = then(before);
    expect(written(report(after, 2))).toBe(
      written(proof(structuredClone(after.draft), after.context, after.profile)),
    );
  });
});
