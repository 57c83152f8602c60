import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readSource } from "../files/source";
import { pastePlain } from "../paste/plain";
import { proof } from "../proof/proof";
import { anyText } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { boundMarkdown } from "./boundMarkdown";
import { draftFromHtml } from "./fromHtml";
import { draftFromMarkdown } from "./fromMarkdown";

const textOf = (markdown: string) =>
  draftFromMarkdown(markdown)
    .blocks.map(({ text }) => text)
    .join("\n");

describe("Markdown that nobody writes", () => {
  it.each([
    ["stars around a letter", `${"*".repeat(20_000)}a${"*".repeat(20_000)}`, 40_001],
    ["links that are never ended", "[a](b".repeat(16_000), 80_000],
    ["pictures that are never ended", "![a](b".repeat(16_000), 96_000],
    ["emphasis that is never ended", "*a ".repeat(30_000), 89_999],
    ["emphasis that ends what never started", "a* ".repeat(30_000), 89_999],
    ["underscores in turn", "_a__b_".repeat(10_000), 60_000],
    ["tags that are never ended", "<a ".repeat(20_000), 59_999],
    ["nested brackets", `${"[".repeat(20_000)}a${"]".repeat(20_000)}`, 40_001],
  ])("%s: is read as the signs that it is, in no time", (_what, markdown, letters) => {
    const text = textOf(markdown);
    expect(text).toHaveLength(letters);
  });

  it("leaves every text that somebody may have written as it is", () => {
    fc.assert(
      fc.property(anyText, (text) => {
        expect(boundMarkdown(text)).toBe(text);
      }),
      RUNS,
    );
    const list = Array.from({ length: 3000 }, (_, i) => `- *${i}* [a](/b) __c__`).join("\n\n");
    expect(boundMarkdown(list)).toBe(list);
    const code = `\`\`\`\n${"*".repeat(500)}\n\`\`\`\n\n~~~\n${"_".repeat(300)}\n~~~`;
    expect(boundMarkdown(code)).toBe(code);
  });
});

describe("what would run out of stack", () => {
  it.each([
    ["div", `${"<div>".repeat(20_000)}x${"</div>".repeat(20_000)}`],
    ["b", `${"<b>".repeat(20_000)}x`],
    ["lists", `${"<ul><li>".repeat(20_000)}x`],
    ["quotes", `${"> ".repeat(20_000)}x`],
  ])("is read all the same: %s", (_what, text) => {
    for (const kind of ["html", "markdown"] as const)
      expect(JSON.stringify(readSource(text, kind).doc)).toContain("x");
    expect(JSON.stringify(pastePlain(text).doc)).toContain("x");
  });

  it.each([
    ["lists", "<ul><li>w"],
    ["lists of paragraphs", "<ol><li><p>w</p>"],
    ["tables", "<table><tr><td>w"],
    ["tables in lists", "<section><ul><li><table><tbody><tr><td>w"],
    ["boxes", "<div>w"],
    ["terms", "<dl><dd>w"],
  ])("keeps every word, however deep its %s go", (_what, opening) => {
    for (const depth of [20, 39, 40, 41, 49, 50, 66, 67, 98, 99, 100, 101, 150, 199, 200, 201, 400]) {
      const { blocks } = draftFromHtml(`${opening.repeat(depth)} innermost`);
      const text = blocks.map((block) => block.text).join(" ");
      expect([depth, text.match(/w/g)?.length, text.includes("innermost")]).toEqual([depth, depth, true]);
    }
  });

  it("scores a word of two million letters", () => {
    const { score } = proof(draftFromMarkdown(`${"a".repeat(2_000_000)}\n\nAnd a sentence.`));
    expect(Number.isFinite(score)).toBe(true);
  });
});
