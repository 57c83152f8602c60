/** Reading posts: HTML pages, Markdown files, front matter. */
import { describe, expect, it } from "vitest";
import { linksOf } from "../blocks/runs";
import { languagePack } from "../text/language";
import { makeSlug, slugOf } from "../text/slug";
import { draftFromHtml } from "./fromHtml";
import { draftFromMarkdown } from "./fromMarkdown";
import { FrontMatterError, writeFrontMatter } from "./frontMatter";

const kinds = (draft: ReturnType<typeof draftFromHtml>) =>
  draft.blocks.map((b) => `${b.kind}${b.kind === "heading" ? b.level : ""}: ${b.text}`);

describe("an HTML page", () => {
  it("gives what its head says", () => {
    const { meta } = draftFromHtml(`<!doctype html><html lang="en-GB"><head><title> Care &amp;
      repair </title><meta name="description" content="What to check."><link rel="canonical" href="https://x.example/journal/care/">
      <meta name="author" content="Dev Raman"><meta name="keywords" content="care, repair , oil"><meta property="article:tag" content="a"><meta property="article:tag" content="b">
      <meta property="article:section" content="Workshop"><meta property="article:published_time" content="2026-03-14T10:00:00Z"></head><body><p>x</p></body></html>`);
    expect(meta).toMatchObject({
      metaTitle: "Care & repair",
      description: "What to check.",
      canonical: "https://x.example/journal/care/",
      slug: "care",
      language: "en-GB",
      author: "Dev Raman",
      keyword: "care",
      supporting: ["repair", "oil"],
      tags: ["a", "b"],
      category: "Workshop",
      date: "2026-03-14",
    });
  });

  it.each([
    [
      "main, whatever else there is",
      "<nav>N</nav><main><p>Text</p></main><footer>F</footer>",
      ["paragraph: Text"],
    ],
    ["role main", '<div role="main"><p>Text</p></div><p>Else</p>', ["paragraph: Text"]],
    ["article where there is no main", "<p>Else</p><article><p>Text</p></article>", ["paragraph: Text"]],
    [
      "the body without furniture",
      "<nav>N</nav><p>Text</p><aside>A</aside><footer>F</footer>",
      ["paragraph: Text"],
    ],
    [
      "text outside any block",
      "<main>One <b>two</b><p>Three</p>four</main>",
      ["paragraph: One two", "paragraph: Three", "paragraph: four"],
    ],
    [
      "nothing that acts or is filled in",
      "<main><script>a</script><style>b</style><button>c</button><select><option>d</option></select><p>Text</p></main>",
      ["paragraph: Text"],
    ],
    [
      "lists, quotes and cells",
      "<main><ul><li>a<ol><li>b</li></ol></li></ul><blockquote>q</blockquote><table><tr><td>c</td><td></td></tr></table></main>",
      ["listItem: a", "listItem: b", "quote: q", "cell: c", "cell: "],
    ],
    [
      "pictures with their captions",
      "<main><figure><img src=a.jpg alt=x><figcaption>A <i>bike</i></figcaption></figure></main>",
      ["picture: A bike"],
    ],
    [
      "code as it stands",
      "<main><pre><code class=language-js>a  b\n c</code></pre></main>",
      ["code: a  b\n c"],
    ],
    ["one blank for many", "<main><p>  a \n\t b&nbsp;c  </p></main>", ["paragraph: a b\u00a0c"]],
  ])("is read for its content: %s", (_what, body, expected) => {
    expect(kinds(draftFromHtml(`<body>${body}</body>`))).toEqual(expected);
  });

  it.each([
    [
      "from a header of the content",
      "<main><header><h1>Title</h1></header><p>x</p></main>",
      "Title",
      ["paragraph: x"],
    ],
    ["from outside the content", "<h1>Title</h1><main><p>x</p></main>", "Title", ["paragraph: x"]],
    [
      "from no heading that stands among the blocks",
      "<main><h1>Title</h1><p>x</p></main>",
      "",
      ["heading1: Title", "paragraph: x"],
    ],
    ["from no title element", "<title>Tab</title><main><p>x</p></main>", "", ["paragraph: x"]],
  ])("has its title %s", (_what, html, title, expected) => {
    const draft = draftFromHtml(html);
    expect(draft.meta.title).toBe(title);
    expect(kinds(draft)).toEqual(expected);
  });

  it("keeps faults that somebody meets: empty links, and their place among the blocks", () => {
    const [block] = draftFromHtml('<main><p>See <a href="/x"></a> <a href="/y">why</a></p></main>').blocks;
    expect(linksOf(block!.runs).map(({ link, text }) => [link.href, text])).toEqual([
      ["/y", "why"],
      ["/x", ""],
    ]);
  });

  it("reads pictures by data-src where src is not there", () => {
    expect(draftFromHtml('<main><img data-src="/pics/red-bike.jpg" alt="x"></main>').blocks[0]).toMatchObject(
      { src: "/pics/red-bike.jpg", fileName: "red-bike.jpg" },
    );
  });
});

describe("a Markdown file", () => {
  it("gives its front matter and its body", () => {
    const { meta, blocks, headingIds } = draftFromMarkdown(`---
title: Care
metaTitle: "Care: the list"
description: What to check.
slug: care
keyword: cargo bike care
supporting: one, two
tags: [a, 3]
canonical: https://x.example/care
language: de
category: Workshop
author: Dev
date: 2026-03-14
unknown: kept out
---
# Head

Text with **bold**, _italic_ and [a link](/x "t").

| a | b |
|---|---|
| c | d |
`);
    expect(meta).toMatchObject({
      title: "Care",
      metaTitle: "Care: the list",
      supporting: ["one", "two"],
      tags: ["a", "3"],
      language: "de",
      date: "2026-03-14",
    });
    expect(headingIds).toBe("derived");
    expect(blocks.map(({ kind }) => kind)).toEqual(["heading", "paragraph", "cell", "cell", "cell", "cell"]);
  });

  it.each([
    ["no front matter", "Text", ""],
    ["an empty one", "---\n---\nText", ""],
    ["a byte order mark and Windows line ends", "\ufeff---\r\ntitle: T\r\n---\r\nText", "T"],
    ["a rule that is none", "Text\n\n---\n\nMore", ""],
    ["a list where a text should be", "---\ntitle: [a]\n---\nText", ""],
    ["null", "---\ntitle:\n---\nText", ""],
  ])("stands %s", (_what, file, title) => {
    const draft = draftFromMarkdown(file);
    expect(draft.meta.title).toBe(title);
    expect(draft.blocks[0]!.text).toBe("Text");
  });

  it.each([
    ["broken", "---\ntitle: [a\n---\n"],
    ["a list", "---\n- a\n---\n"],
    ["a text", "---\njust text\n---\n"],
    [
      "a bomb of aliases",
      `---\na: &a [x,x]\n${"bcdefghij"
        .split("")
        .map((c, i, all) => `${c}: &${c} [${`*${all[i - 1] ?? "a"},`.repeat(9)}]`)
        .join("\n")}\n---\n`,
    ],
  ])("refuses a front matter that is %s", (_what, file) => {
    expect(() => draftFromMarkdown(file)).toThrow(FrontMatterError);
  });

  it("writes only the fields that say something, and they read back", () => {
    const { meta } = draftFromMarkdown("---\ntitle: 'Yes: \"no\" # 1'\ntags: ['true', '2026-01-01']\n---\n");
    const written = writeFrontMatter(meta);
    expect(written).not.toContain("description");
    expect(draftFromMarkdown(written).meta).toEqual(meta);
  });

  it("reads footnotes as text: neither their heading nor their numbers are the writer's", () => {
    const { blocks } = draftFromMarkdown(
      "Pads last 900 km[^1].\n\n[^1]: The [council](https://c.example) counted.",
    );
    expect(blocks.map(({ kind, text }) => `${kind}: ${text}`)).toEqual([
      "paragraph: Pads last 900 km.",
      "listItem: The council counted.",
    ]);
    expect(blocks.flatMap(({ runs }) => linksOf(runs)).map(({ text }) => text)).toEqual(["council"]);
  });

  it("treats HTML in it as HTML, with nothing that acts", () => {
    const { blocks } = draftFromMarkdown(
      '<script>alert(1)</script>\n\n<figure><img src="a.jpg" alt=""><figcaption>C</figcaption></figure>\n\n<p onclick="x()">Text</p>',
    );
    expect(JSON.stringify(blocks)).not.toMatch(/alert|onclick/);
    expect(blocks.map(({ kind, text }) => [kind, text])).toEqual([
      ["picture", "C"],
      ["paragraph", "Text"],
    ]);
  });
});

describe("slugs", () => {
  it.each([
    ["https://x.example/journal/care/", "care"],
    ["https://x.example/care.html?x=1#y", "care"],
    ["/a/caf%C3%A9", "café"],
    ["https://x.example/", ""],
    ["", ""],
    ["/a/%E0%A4%A", "%E0%A4%A"],
  ])("of the address %j: %j", (address, slug) => expect(slugOf(address)).toBe(slug));
  it.each([
    ["Electric cargo bike for families: how to choose", "electric-cargo-bike-families-choose"],
    ["How to park a cargo bike", "how-to-park-a-cargo-bike"],
    ["Cargo bike for families", "cargo-bike-for-families"],
    ["What is it that you do with a bike?", "what-is-it-that-you-do"],
    ["What is it?", "what-is-it"],
    ["Café Ñandú’s", "cafe-nandus"],
    ["…", ""],
  ])("made from %j: %j", (title, slug) => expect(makeSlug(title, languagePack("en"))).toBe(slug));
});
