/** Each fix: what it does, that it never lowers the score, that what it promises is what it gains, and that the draft before stays as it was. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Draft, DraftMeta } from "../../draft/draft";
import { blocksToEditor } from "../../draft/toEditor";
import type { LinkTarget } from "../../links/linkChoices";
import { anyDraft } from "../../testing/arbitraries";
import { draftOf, filler } from "../../testing/draftOf";
import { RUNS } from "../../testing/runs";
import { noContext } from "../context";
import { defaultProfile } from "../profile";
import { proof } from "../proof";
import { fixAll, fixesOf, type Terms } from "./fix";
import { fixedDoc } from "./fixed";
import { changed, noHelp } from "./fixRule";
import { fixRules } from "./registry";

const terms: Terms = { context: noContext, profile: defaultProfile, help: noHelp };
const only = (id: string, draft: Draft, more: Partial<Terms> = {}) =>
  fixesOf(draft, { ...terms, ...more }, new Set([id]));
const best = (id: string, body: string, meta: Partial<DraftMeta> = {}, more: Partial<Terms> = {}) => {
  const draft = draftOf(body, meta);
  const [fix] = only(id, draft, more);
  return fix && { fix, after: changed(draft, fix.change) };
};
const target = (href: string, keyword: string): LinkTarget => ({
  kind: "post",
  href,
  title: keyword,
  keyword,
});
const long = (from: number, words: number) =>
  Array.from(
    { length: words / 10 },
    (_, i) => `Sentence ${from + i} says ${filler(7, from > 50 ? "rain" : "motor")}.`,
  ).join(" ");

describe("a fix", () => {
  it("sets heading levels right, one after the other", () => {
    const { after } = best("heading-levels", "#### A\n\n##### B\n\n## C\n\n#### D", { title: "T" })!;
    expect(after.blocks.map((block) => block.kind === "heading" && block.level)).toEqual([2, 3, 2, 3]);
  });

  it("makes the second H1 an H2", () => {
    const { after, fix } = best("extra-h1", "# A\n\n# B\n\nText.")!;
    expect(after.blocks.slice(0, 2).map((block) => block.kind === "heading" && block.level)).toEqual([1, 2]);
    expect(fix.lines).toEqual([{ before: "H1 B", after: "H2 B" }]);
  });

  it("writes https for http, on other sites alone", () => {
    const context = { ...noContext, site: { ...noContext.site, host: "own.example" } };
    const { after, fix } = best(
      "secure-links",
      "[a](http://other.example/x) [b](http://own.example/y) [c](https://third.example/)",
      {},
      { context },
    )!;
    expect(after.blocks[0]!.runs.flatMap(({ link }) => link?.href ?? [])).toEqual([
      "https://other.example/x",
      "http://own.example/y",
      "https://third.example/",
    ]);
    expect(fix.safe).toBe(true);
  });

  it.each([
    [
      "How often to water a snake plant (and how to tell when it needs less than you think)",
      "snake plant",
      "How often to water a snake plant",
    ],
    [
      "How often to water a snake plant: less than most of the people who keep one on the sill ever think",
      "snake plant",
      "How often to water a snake plant",
    ],
    [
      "Do you need a permit for a garden shed? What the rules of most towns say about small buildings",
      "garden shed permit",
      "Do you need a permit for a garden shed?",
    ],
    [
      "How to store a cargo bike through the winter, and what to do about the battery when it freezes",
      "store a cargo bike",
      "How to store a cargo bike through the winter",
    ],
  ])("cuts the title “%s” where a clause ends", (title, keyword, expected) => {
    const { fix } = best("meta-title", "", { title, keyword })!;
    expect(fix.change.meta!.metaTitle).toBe(expected);
    expect(fix.caution).toBeUndefined();
    expect(fix.gain).toBeGreaterThan(0);
  });

  it("cuts no title inside a clause, and says what a proposal from a heading or without the keyword is", () => {
    const title =
      "Cargo bike care through the whole year for families with two children and a dog in the city";
    expect(best("meta-title", "", { title, keyword: "bike care" })).toBeUndefined();
    const [offered, ...others] = only(
      "meta-title",
      draftOf("## What a cargo bike needs in winter\n\nText.\n\n## Where to keep the tools\n\nText.", {
        title,
        keyword: "cargo bike",
      }),
    );
    expect(offered).toMatchObject({
      change: { meta: { metaTitle: "What a cargo bike needs in winter" } },
      caution: "about one section",
    });
    expect(others.map(({ caution }) => caution)).not.toContain(undefined);
    expect(
      fixAll(draftOf("", { title, keyword: "bike care" }), [{ fix: "meta-title" }], terms).fixes,
    ).toEqual([]);
  });

  it("puts the keyword in front of a title that lacks it", () => {
    const { fix } = best("meta-title", "", {
      title: "Through the whole year",
      keyword: "cargo bike care",
    })!;
    expect(fix.change.meta!.metaTitle).toBe("Cargo bike care: Through the whole year");
    // What stood behind a colon stands behind one again, as it was written.
    const titles = only(
      "meta-title",
      draftOf("", {
        title:
          "Looking after what the family rides to school, to work and to the market: through the whole year",
        keyword: "cargo bike care",
      }),
    );
    expect(titles.map(({ change }) => change.meta!.metaTitle)).toContain(
      "Cargo bike care: through the whole year",
    );
  });

  it("makes a description of the draft's own sentences, one with the keyword if it can", () => {
    const body = `${filler(40, "Lorem ipsum")}.\n\nRain is wet. A cargo bike wants an hour of care in the month, and a dry place to sleep in every night of the year. Snow falls.`;
    const { fix } = best("description", body, { keyword: "cargo bike" })!;
    const description = fix.change.meta!.description!;
    expect(body).toContain(description);
    expect(description).toContain("cargo bike");
    expect(fix).toMatchObject({ source: "the opening", width: { most: 920 } });
  });

  it("makes no description of a sentence that leans on another, points elsewhere or ends nowhere", () => {
    const body = [
      "But it wants an hour of care in the month, and a dry place for your cargo bike to sleep in every night of the year.",
      "The following table lists all that a cargo bike wants in a month, in a year and in all the years that come after.",
      "A cargo bike wants an hour of care in the month (and a dry place to sleep in every night of the year, whatever falls.",
      "For a cargo bike that is to last for many years you want an hour in the month, a dry place and these three tools:",
    ].join("\n\n");
    expect(best("description", body, { keyword: "cargo bike" })).toBeUndefined();
  });

  it("cuts a description that is too long", () => {
    const description = `A cargo bike wants an hour of care in the month. ${filler(40, "And more of it")}.`;
    const { fix } = best("description", "", { keyword: "cargo bike", description })!;
    expect(description.startsWith(fix.change.meta!.description!)).toBe(true);
  });

  it("makes a slug of the keyword", () => {
    const { fix } = best("slug", "", { keyword: "care for cargo bikes", slug: "Post_2024_01" })!;
    expect(fix.change.meta).toEqual({ slug: "care-for-cargo-bikes" });
  });

  it("splits a long section where its subject changes, under a heading made of what follows", () => {
    const body = `## Start\n\n${[0, 10, 20].map((n) => long(n, 100)).join("\n\n")}\n\n${[100, 110, 120].map((n) => long(n, 100)).join("\n\n")}`;
    const { after, fix } = best("long-sections", body)!;
    const headings = after.blocks.filter(({ kind }) => kind === "heading");
    expect(headings.length).toBeGreaterThan(1);
    expect(after.blocks.findIndex(({ text }) => text === headings[1]!.text)).toBe(4);
    expect(headings[1]!.text.toLowerCase()).toContain("rain");
    expect(fix.toCheck).toBe(true);
  });

  it("splits a long paragraph between two sentences, with marks and links where they were", () => {
    const body = `${long(0, 100)} **Bold** and [linked](/x). ${long(100, 100)}`;
    const { after } = best("long-paragraphs", body)!;
    expect(after.blocks.length).toBeGreaterThan(1);
    expect(after.blocks.map(({ text }) => text).join(" ")).toBe(draftOf(body).blocks[0]!.text);
    for (const block of after.blocks) expect(block.runs.map(({ text }) => text).join("")).toBe(block.text);
    expect(after.blocks.flatMap(({ runs }) => runs).filter(({ link }) => link)).toHaveLength(1);
  });

  it.each([
    [
      "the caption",
      '<figure><img src="a.jpg"><figcaption>Two children in a box</figcaption></figure>',
      "Two children in a box",
    ],
    ["the alt text less its opening", "![Image of a long bike](a.jpg)", "A long bike"],
    [
      "the sentence beside it",
      "We met. The roof of the shed is wet in spring.\n\n![](a.jpg)",
      "The roof of the shed is wet in spring",
    ],
    ["the file name", "Rain fell.\n\n![](two-children-in-a-box.jpg)", "Two children in a box"],
    ["the heading", "## A wet roof\n\n![](a.jpg)", "A wet roof"],
  ])("starts an alt text from %s", (_from, body, expected) => {
    const { after, fix } = best("alt-texts", body, { title: "T" })!;
    expect(after.blocks.flatMap((block) => (block.kind === "picture" ? block.alt : []))).toEqual([expected]);
    expect(fix.toCheck).toBe(true);
  });

  it.each([
    ["a sentence of thoughts", "We think that patience matters most.\n\n![](IMG_2041.jpg)"],
    ["what the whole post is about", "Most bikes want care.\n\n![](IMG_2041.jpg)"],
    ["a sentence that leans on another", "It stands beside the roof of the shed.\n\n![](IMG_2041.jpg)"],
    ["the title", "![](IMG_2041.jpg)"],
  ])("starts no alt text from %s", (_from, body) => {
    expect(best("alt-texts", body, { title: "A shed with a roof", keyword: "bike care" })).toBeUndefined();
  });

  it("gives a picture of the post a name made of words, each its own", () => {
    const draft = draftOf("![A wet yard](a.jpg)\n\n![A wet yard](b.jpg)");
    const named = {
      ...draft,
      blocks: draft.blocks.map((block, i) =>
        block.kind === "picture" ? { ...block, src: `asset:${i}`, fileName: `IMG_${2041 + i}.jpg` } : block,
      ),
    };
    const [fix] = only("picture-names", named);
    expect(fix!.lines.map(({ after }) => after)).toEqual(["a-wet-yard.jpg", "a-wet-yard-2.jpg"]);
  });

  it("links phrases to the posts that are about them, none twice, none in a heading or a link", () => {
    const body =
      "## Rain covers\n\nA [rain cover](/x) and rain covers. **Cargo bikes** carry.\n\nMore cargo bikes.";
    const help = { targets: [target("/blog/cover", "rain cover"), target("/blog/bikes", "cargo bike")] };
    const { after } = best("own-links", body, {}, { help })!;
    const links = after.blocks.flatMap(({ runs }) => runs).filter(({ link }) => link);
    expect(links.map(({ link, text }) => [link!.href, text])).toEqual([
      ["/x", "rain cover"],
      ["/blog/cover", "rain covers"],
    ]);
    // The links wanted are there: one that was, and one more.
    expect(after.blocks.map(({ text }) => text)).toEqual(draftOf(body).blocks.map(({ text }) => text));
  });

  it("is not offered where its check is set aside", () => {
    const context = { ...noContext, setAside: { "heading-order": "A list of commands" } };
    expect(best("heading-levels", "## A\n\n#### B", { title: "T" }, { context })).toBeUndefined();
  });
});

describe("fixes in the editor's document", () => {
  const doc = blocksToEditor(draftOf("## Start\n\n![](two-children-in-a-box.jpg)\n\n#### Deep").blocks);

  it("change the nodes that they touch, write their fields, and say what they began", () => {
    const draft = draftOf("## Start\n\n![](two-children-in-a-box.jpg)\n\n#### Deep", { title: "T" });
    const { fixes } = fixAll(
      draft,
      ["heading-levels", "alt-texts", "slug"].map((fix) => ({ fix })),
      terms,
    );
    const { doc: after, meta, toReview } = fixedDoc(doc, fixes);
    expect(toReview).toEqual(["Two children in a box"]);
    expect(meta).toEqual({ slug: "t" });
    expect(after.content.map(({ attrs }) => attrs?.level ?? attrs?.alt)).toEqual([
      2,
      "Two children in a box",
      3,
    ]);
    expect(after.content[0]).toBe(doc.content[0]);
    expect(fixedDoc(doc, []).doc).toBe(doc);
  });
});

describe("whatever the draft", () => {
  const help = { targets: [target("/blog/a", "cargo bike"), target("/blog/b", "lorem")] };

  it("a fix never lowers the score, gains what it promised, and leaves the draft before as it was", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        const before = JSON.stringify(draft);
        const { uncapped } = proof(draft);
        for (const { change, gain, lines } of fixesOf(draft, { ...terms, help })) {
          const after = changed(draft, change);
          expect(gain).toBeGreaterThanOrEqual(0);
          expect(proof(after).uncapped - uncapped).toBeCloseTo(gain, 9);
          expect(lines.length).toBeGreaterThan(0);
          for (const block of after.blocks)
            expect(block.runs.map(({ text }) => text).join("")).toBe(block.text);
          // The editor can hold what comes out.
          blocksToEditor(after.blocks);
        }
        expect(JSON.stringify(draft)).toBe(before);
      }),
      RUNS,
    );
  });

  it("several at once gain together what each gained on the way", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        const { draft: after, fixes } = fixAll(
          draft,
          fixRules.map(({ id }) => ({ fix: id })),
          { ...terms, help },
        );
        const promised = fixes.reduce((sum, { gain }) => sum + gain, 0);
        expect(proof(after).uncapped - proof(draft).uncapped).toBeCloseTo(promised, 9);
      }),
      RUNS,
    );
  });
});
