import { HtmlValidate } from "html-validate/node";
import { parseHTML } from "linkedom";
import { describe, expect, it } from "vitest";
import type { EditorDoc } from "../blocks/editorJson";
import { type ReviewFile, writeReview } from "./reviewFile";

const doc: EditorDoc = {
  type: "doc",
  content: [
    {
      type: "paragraph",
      attrs: { id: "p1" },
      content: [{ type: "text", text: 'It "rains" </script><script>x()</script>.' }],
    },
    { type: "paragraph", attrs: { id: "empty" } },
    { type: "heading", attrs: { id: "h1", level: 2 }, content: [{ type: "text", text: "How" }] },
    { type: "picture", attrs: { id: "pic", src: "asset:a", alt: "A bike", fileName: "a.jpg" } },
    { type: "embed", attrs: { id: "e", href: "https://video.example/1", label: "A ride" } },
    {
      type: "paragraph",
      attrs: { id: "l" },
      content: [
        { type: "text", text: "a link", marks: [{ type: "link", attrs: { href: "javascript:x()" } }] },
      ],
    },
  ],
};
const review: ReviewFile = {
  reviewId: "r",
  postId: "p",
  hash: "h",
  title: "Rain </title>",
  description: "What rain does.",
  language: "en",
  siteName: "The Long Haul",
  doc,
  score: 71.4,
  findings: ["Alt text: one picture has none. (+2)"],
  fileAddress: () => "data:image/png;base64,AA==",
};

describe("the review page", () => {
  const html = writeReview(review);
  const { document } = parseHTML(html);

  it("has a box at every block that says something, and one for the whole", () =>
    expect([...document.querySelectorAll("textarea")].map((box) => box.getAttribute("data-block"))).toEqual([
      "p1",
      "h1",
      "pic",
      "e",
      "l",
      "",
    ]));

  it("runs its own script and nothing of the post, and fetches nothing", () => {
    expect(document.querySelectorAll("script")).toHaveLength(2);
    expect(document.querySelectorAll("iframe, [href^=javascript], main script")).toHaveLength(0);
    expect(document.querySelector("[http-equiv]")!.getAttribute("content")).toContain("default-src 'none'");
    for (const image of document.querySelectorAll("img")) expect(image.getAttribute("src")).toMatch(/^data:/);
    expect(document.querySelector("main p:not(.about)")!.textContent).toContain("</script>");
  });

  it("says which post it is of, and which state of it", () =>
    expect(JSON.parse(document.getElementById("about")!.textContent!)).toEqual({
      format: "dune-sparrow-review",
      version: 1,
      reviewId: "r",
      postId: "p",
      hash: "h",
    }));

  it("is valid HTML", async () => {
    const { results } = await new HtmlValidate({
      extends: ["html-validate:standard"],
      rules: { "no-inline-style": "off", "require-sri": "off" },
    }).validateString(html);
    expect(
      results.flatMap(({ messages }) => messages.map(({ ruleId, message }) => `${ruleId}: ${message}`)),
    ).toEqual([]);
  });
});
