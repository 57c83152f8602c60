import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftFromHtml } from "../draft/fromHtml";
import { anyDraft } from "../testing/arbitraries";
import { draftOf } from "../testing/draftOf";
import { RUNS } from "../testing/runs";
import { blogBody } from "./blogBody";

const bodyOf = (markdown: string, form: "image" | "place" = "image", names = {}) =>
  blogBody(draftOf(markdown).blocks, form, names);

describe("the body for a blog", () => {
  it.each([
    ["a heading", "## One\n\nText.", "<h2>One</h2>\n<p>Text.</p>"],
    ["marks and links", "**a** _b_ [c](/d)", '<p><strong>a</strong> <em>b</em> <a href="/d">c</a></p>'],
    ["a list", "- a\n- b", "<ul><li>a</li><li>b</li></ul>"],
    ["code with its language", "```js\nx\n```", '<pre><code class="language-js">x\n</code></pre>'],
    ["text that looks like HTML", "1 \\< 2 & 3", "<p>1 &#x3C; 2 &#x26; 3</p>"],
  ])("keeps %s", (_what, markdown, html) => expect(bodyOf(markdown)).toBe(html));

  it("takes boxes of our own off what stands in them", () => {
    const { blocks } = draftFromHtml(
      '<main><section data-block="faq"><div data-block="pair"><h3>Why?</h3><p>So.</p></div></section><div data-block="note"><p>Mind.</p></div><blockquote data-block="pull"><p>Said.</p></blockquote></main>',
    );
    expect(blogBody(blocks, "image")).toBe(
      "<h3>Why?</h3>\n<p>So.</p>\n<p>Mind.</p>\n<blockquote><p>Said.</p></blockquote>",
    );
  });

  it("names pictures by their files, as images or as the places where they go", () => {
    const names = { "asset:1": "red bike.jpg" };
    expect(bodyOf("![A bike](asset:1)", "image", names)).toContain('<img src="red bike.jpg" alt="A bike">');
    expect(bodyOf("![A bike](asset:1)", "place", names)).toBe(
      "<p><em>[Picture: red bike.jpg; alt text: A bike]</em></p>",
    );
  });

  it("carries nothing but what a blog keeps, whatever the draft", () => {
    fc.assert(
      fc.property(anyDraft, fc.constantFrom("image" as const, "place" as const), ({ blocks }, form) => {
        const html = blogBody(blocks, form);
        const tags = html.match(/<[a-z][^>]*>/g) ?? [];
        for (const tag of tags) expect(tag).not.toMatch(/\s(?:data-|id=|style=|on\w+=)/);
        expect(html).not.toMatch(/<(?:section|div|nav|script|style)\b/);
      }),
      RUNS,
    );
  });
});
