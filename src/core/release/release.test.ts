/** Gates, signs of raw pastes, and the page that leaves. */
import fc from "fast-check";
import { HtmlValidate } from "html-validate/node";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import type { PictureBlock } from "../draft/draft";
import { draftFromHtml } from "../draft/fromHtml";
import { proof } from "../proof/proof";
import { draftToPage } from "../site/pages/standalone";
import { anyDraft } from "../testing/arbitraries";
import { draftOf } from "../testing/draftOf";
import { RUNS } from "../testing/runs";
import { type GateLevels, gates, holding } from "./gates/registry";
import { cleanDocument, rawPasteSigns } from "./rawPaste";

const meta = {
  title: 'Care & "repair" <b>',
  metaTitle: "Care </script> and repair",
  description: "What to check.",
  slug: "care",
  canonical: "https://x.example/journal/care",
  keyword: "cargo bike care",
  supporting: ["oil", "chain"],
  tags: ["a", "b"],
  category: "Workshop",
  author: "Dev Raman",
  date: "2026-03-14",
  titleSuffix: " | The Long Haul",
};
const options = { siteName: "Brackenford", fileAddress: (picture: Pick<PictureBlock, "src">) => picture.src };

it("gates do what the site says of them", () => {
  const context = {
    sameSlug: [],
    rawSigns: [],
    leftovers: null,
    toReview: null,
    listedOn: ["Journal"],
    deadLinks: [],
    leadPicture: null,
    openClaims: 0,
    score: 20,
    approved: null,
    leastScore: 70,
  };
  const draft = draftOf("", { ...meta, category: "" });
  const at = (levels: GateLevels) => holding(gates(draft, context, levels)).map(({ id }) => id);
  expect(at({})).toEqual(["lead-picture"]);
  expect(at({ "lead-picture": "warn", category: "must", score: "must" })).toEqual(["category", "score"]);
  expect(gates(draft, context, { "lead-picture": "off" }).some(({ id }) => id === "lead-picture")).toBe(
    false,
  );
});

/** A megabyte and a half as data, whose size is what counts. */
const HEAVY_PICTURE = `![A bike](data:image/png;base64,${"A".repeat(2_000_000)})`;

describe("gates", () => {
  const open = (body: string, changes = {}, context = {}) =>
    gates(draftOf(body, { ...meta, ...changes }), {
      sameSlug: [],
      rawSigns: [],
      leftovers: null,
      toReview: null,
      listedOn: ["Journal"],
      deadLinks: [],
      leadPicture: null,
      openClaims: 0,
      score: 80,
      approved: null,
      leastScore: 70,
      ...context,
    })
      .filter((gate) => !gate.passed)
      .map(({ id }) => id);
  it.each([
    ["all is well", "![A bike](a.jpg)", {}, {}, []],
    [
      "nothing is there",
      "",
      { title: "", keyword: "", description: "", slug: "" },
      {},
      ["title", "keyword", "description", "slug", "lead-picture"],
    ],
    ["another post has the slug", "![A bike](a.jpg)", {}, { sameSlug: ["Older"] }, ["slug"]],
    ["it is in no category", "![A bike](a.jpg)", { category: "" }, {}, ["category"]],
    ["no list page shows it", "![A bike](a.jpg)", {}, { listedOn: [] }, ["list-page"]],
    [
      "its own lead picture has no alt text",
      "![A bike](a.jpg)",
      {},
      { leadPicture: { alt: " " } },
      ["lead-picture"],
    ],
    [
      "its own lead picture has one, though no other has",
      "Text.",
      {},
      { leadPicture: { alt: "A bike" } },
      [],
    ],
    ["a picture is heavy", HEAVY_PICTURE, {}, {}, ["picture-weight"]],
    ["claims have no source", "![A bike](a.jpg)", {}, { openClaims: 2 }, ["claims"]],
    ["a link leads nowhere", "![A bike](a.jpg)", {}, { deadLinks: ["/journal/none"] }, ["own-links"]],
    // Nobody is asked for a score unless the site does.
    ["the score is low", "![A bike](a.jpg)", {}, { score: 20 }, []],
    ["the first picture has no alt text", "![](a.jpg)\n\n![B](b.jpg)", {}, {}, ["lead-picture"]],
    ["the first picture is decoration", '<img src="a.jpg" alt="">', {}, {}, ["lead-picture"]],
    ["the text is raw", "![A bike](a.jpg)", {}, { rawSigns: ["x"] }, ["raw-paste"]],
    [
      "the source is still in it",
      "![A bike](a.jpg)",
      {},
      { leftovers: { title: "Old", names: ["Slug"] } },
      ["leftovers"],
    ],
    ["an alt text that was begun", "![A bike](a.jpg)", {}, { toReview: ["A bike"] }, ["to-review"]],
    ["nothing of the source is left", "![A bike](a.jpg)", {}, { leftovers: { title: "Old", names: [] } }, []],
  ])("shut where %s", (_what, body, changes, context, shut) => {
    expect(open(body, changes, context)).toEqual(shut);
  });
});

describe("signs of a raw paste", () => {
  const doc = (...content: EditorNode[]): EditorDoc => ({ type: "doc", content });
  const p = (...texts: string[]): EditorNode => ({
    type: "paragraph",
    content: texts.map((text) => (text === "/" ? { type: "hardBreak" } : { type: "text", text })),
  });
  const empty: EditorNode = { type: "paragraph" };
  it.each([
    ["clean text", doc(p("A clean line, 1.5 bar - so."), empty), 0],
    ["empty paragraphs", doc(p("a"), empty, empty, p("b")), 1],
    ["doubled blanks", doc(p("a  b")), 1],
    ["no-break spaces in a row", doc(p("a\u00a0\u00a0b")), 1],
    ["doubled breaks", doc(p("a", "/", "/", "b")), 1],
    ["typed markers", doc(p("• one"), p("2) two")), 1],
    ["tags and entities", doc(p("a<br>b &nbsp;")), 1],
    ["all at once", doc(p("•  a"), empty, empty, p("b", "/", "/", "<p>c</p>")), 5],
    [
      "code may look as it likes",
      doc({ type: "codeBlock", content: [{ type: "text", text: "<p>  a</p>" }] }),
      0,
    ],
  ])("%s", (_what, document, signs) => {
    expect(rawPasteSigns(document)).toHaveLength(signs);
    // Cleaning leaves no sign, and no word out.
    const cleaned = cleanDocument(document);
    expect(rawPasteSigns(cleaned)).toEqual([]);
    const letters = (node: EditorNode): string =>
      (node.text ?? "") + (node.content ?? []).map(letters).join("");
    const plain = (text: string) => text.replace(/<[^>]+>|&nbsp;|[^a-z]/g, "");
    expect(plain(letters(cleaned))).toBe(plain(letters(document)));
  });
});

describe("the page", () => {
  it("is valid HTML, whatever stands in it", async () => {
    const page = draftToPage(
      draftOf(
        "Text with [a link](/x).\n\n## A\n\n- one\n- two\n\n> quote\n\n| a | b |\n|---|---|\n| c | d |\n\n![A bike](a.jpg)\n\n---\n\n```js\n<p>\n```\n",
        meta,
      ),
      options,
    );
    const validator = new HtmlValidate({
      extends: ["html-validate:standard"],
      rules: { "no-inline-style": "off", "long-title": "off", "require-sri": "off" },
    });
    const { results } = await validator.validateString(page);
    expect(
      results.flatMap(({ messages }) =>
        messages.map(({ ruleId, message, line }) => `${line} ${ruleId}: ${message}`),
      ),
    ).toEqual([]);
  });

  it.each([
    ["its lead picture", "", "https://x.example/a.jpg"],
    ["a picture of its own", "https://x.example/card.jpg", "https://x.example/card.jpg"],
  ])("is shared with %s", (_what, socialPicture, shared) => {
    const body = "![A bike](https://x.example/a.jpg)";
    const page = draftToPage(draftOf(body, { ...meta, socialPicture }), options);
    expect(page).toContain(`<meta property="og:image" content="${shared}">`);
    expect(draftFromHtml(page).meta.socialPicture).toBe(socialPicture);
  });

  it("names no picture to share that stands nowhere", () => {
    const draft = draftOf("![A bike](https://x.example/a.jpg)", { ...meta, socialPicture: "asset:card" });
    expect(draftToPage(draft, options)).not.toContain("og:image");
  });

  it.each([
    ["the lead picture", "", "https://x.example/journal/red%20bike.jpg"],
    ["a picture of its own", "asset:card", "https://x.example/journal/card.jpg"],
  ])(
    "names where %s is looked for that is embedded, and reads back as before",
    (_what, socialPicture, address) => {
      const draft = draftOf("![A bike](asset:lead)", { ...meta, socialPicture });
      const page = draftToPage(draft, {
        siteName: "X",
        fileAddress: () => "data:image/jpeg;base64,AA==",
        pictureName: (src) => (src === "asset:lead" ? "red bike.jpg" : "card.jpg"),
      });
      expect(page).toContain(`<meta property="og:image" content="${address}" data-upload`);
      expect(draftFromHtml(page).meta.socialPicture).toBe("");
    },
  );

  it.each([
    ["he", '<html lang="he" dir="rtl">'],
    ["en", '<html lang="en">'],
  ])("is written in the direction of its language: %s", (language, start) => {
    expect(draftToPage(draftOf("Text", { ...meta, language }), options)).toContain(start);
  });

  it("carries title, description, canonical, Open Graph and BlogPosting", () => {
    const page = draftToPage(draftOf("![A bike](https://x.example/a.jpg)", meta), options);
    expect(page).toContain('<link rel="canonical" href="https://x.example/journal/care">');
    expect(page).toContain('<meta name="description" content="What to check.">');
    expect(page).toContain('<meta property="og:url" content="https://x.example/journal/care">');
    const json = /<script type="application\/ld\+json">(.*?)<\/script>/s.exec(page)![1]!;
    expect(JSON.parse(json)).toMatchObject({
      "@type": "BlogPosting",
      headline: meta.title,
      description: meta.description,
      datePublished: meta.date,
      author: { name: "Dev Raman" },
      image: "https://x.example/a.jpg",
    });
  });

  it("says questions with their answers in structured data, and half pairs nowhere", () => {
    const pair = (q: string, a: string) => `<div data-block="pair"><h3>${q}</h3>${a && `<p>${a}</p>`}</div>`;
    const draft = draftOf(
      `<section data-block="faq">${pair("How wide?", "Ninety.</p><p>Or less.")}${pair("Why?", "")}</section>`,
      meta,
    );
    const scripts = [
      ...draftToPage(draft, options).matchAll(/<script type="application\/ld\+json">(.*?)<\/script>/gs),
    ];
    expect(JSON.parse(scripts[1]![1]!)).toMatchObject({
      "@type": "FAQPage",
      mainEntity: [{ name: "How wide?", acceptedAnswer: { text: "Ninety.\nOr less." } }],
    });
    expect(draftToPage(draftOf("Text.", meta), options)).not.toContain("FAQPage");
  });

  it("reads back as the same post", () => {
    const draft = draftOf("Text.\n\n## A\n\n![A bike](a.jpg)", meta);
    const read = draftFromHtml(draftToPage(draft, options));
    expect(read.meta).toEqual({ ...draft.meta, language: "en" });
    expect(read.blocks.map(({ kind, text }) => [kind, text])).toEqual(
      draft.blocks.map(({ kind, text }) => [kind, text]),
    );
  });

  it("reads back with the same report, whatever the draft", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        const shares = (of: typeof draft) =>
          proof(of).findings.map(({ id, state, share }) => `${id} ${state} ${share.toFixed(9)}`);
        expect(shares(draftFromHtml(draftToPage(draft, options)))).toEqual(shares(draft));
      }),
      RUNS,
    );
  });
});
