/** Documents that nobody here wrote: the read-me files of the packages that this project is built with, as they are installed. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { Root } from "mdast";
import rehypeStringify from "rehype-stringify";
import remarkGfm from "remark-gfm";
import remarkParse from "remark-parse";
import remarkRehype from "remark-rehype";
import { unified } from "unified";
import { visit } from "unist-util-visit";
import { describe, expect, it } from "vitest";
import type { Block } from "./draft";
import { draftFromHtml } from "./fromHtml";
import { draftFromMarkdown } from "./fromMarkdown";

const packages = join(import.meta.dirname, "../../../node_modules");
/** Characters: a hundred documents of this length are read in a few seconds. */
const LONGEST = 2500;
const folders = readdirSync(packages, { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !entry.name.startsWith("."))
  .map(({ name }) => name)
  .sort();
const documents = folders.flatMap((name) => {
  const file = readdirSync(join(packages, name)).find((one) => /^readme\.md$/i.test(one));
  const markdown = file ? readFileSync(join(packages, name, file), "utf8") : "";
  return markdown && markdown.length < LONGEST ? [{ name, markdown }] : [];
});

const words = (text: string): string[] => text.match(/[\p{L}\p{N}]+/gu) ?? [];
const wordsOf = (blocks: readonly Block[]): string[] =>
  words(
    blocks
      .map((block) => (block.kind === "picture" ? `${block.alt ?? ""} ${block.text}` : block.text))
      .join(" "),
  );

const parser = unified().use(remarkParse).use(remarkGfm);
const renderer = unified().use(remarkRehype).use(rehypeStringify);

/** What a document says outright: the text and code of its blocks, without what it wrote as HTML. */
function saidBy(tree: Root): string[] {
  const said: string[] = [];
  visit(tree, ["paragraph", "heading", "tableCell", "code"], (node) => {
    let line = "";
    visit(node, (inner) => {
      if (inner.type === "text" || inner.type === "inlineCode" || inner.type === "code") line += inner.value;
      // What parts the words on either side of it; any other HTML in a line does not.
      else if (inner.type === "break" || inner.type === "image") line += " ";
      else if (inner.type === "html" && /^<(?:br|img)/i.test(inner.value)) line += " ";
    });
    said.push(line);
  });
  return words(said.join(" "));
}

/** The first word that is missing where the others stand in their order; null where none is. */
function firstLost(said: readonly string[], read: readonly string[]): string | null {
  let at = 0;
  for (const word of said) {
    while (at < read.length && read[at] !== word) at++;
    if (at === read.length) return word;
    at++;
  }
  return null;
}

describe("real documents", () => {
  it("are there", () => expect(documents.length).toBeGreaterThan(40));
  it("lose no word as Markdown", () => {
    const lost = documents.flatMap(({ name, markdown }) => {
      const word = firstLost(
        saidBy(parser.parse(markdown)),
        wordsOf(draftFromMarkdown(`\n${markdown}`).blocks),
      );
      return word === null ? [] : [`${name}: ${word}`];
    });
    expect(lost).toEqual([]);
  });
  it("lose no word as HTML", async () => {
    const lost: string[] = [];
    for (const { name, markdown } of documents) {
      const tree = parser.parse(markdown);
      const html = renderer.stringify(await renderer.run(tree));
      const word = firstLost(saidBy(tree), wordsOf(draftFromHtml(`<main>${html}</main>`).blocks));
      if (word !== null) lost.push(`${name}: ${word}`);
    }
    expect(lost).toEqual([]);
  });
});
