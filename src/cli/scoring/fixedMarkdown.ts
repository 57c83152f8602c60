/**
 * Safe fixes made in the source of a Markdown file: only the characters that must change do. Whether the file then scores what
 * was promised is proved by reading it again; where it does not, it is left alone.
 */
import type { Definition, Heading, Link, Root } from "mdast";
import remarkGfm from "remark-gfm";
import remarkParse from "remark-parse";
import { unified } from "unified";
import { visit } from "unist-util-visit";
import { boundMarkdown } from "../../core/draft/boundMarkdown";
import type { Draft } from "../../core/draft/draft";
import { draftFromMarkdown } from "../../core/draft/fromMarkdown";
import { readFrontMatter } from "../../core/draft/frontMatter";
import type { Fix } from "../../core/proof/fixes/fix";
import { foldPlain } from "../../core/text/fold";

interface Edit {
  from: number;
  to: number;
  text: string;
}

const parser = unified().use(remarkParse).use(remarkGfm);

/**
 * The source with fixes made that set heading levels or write https.
 *
 * @param before the draft that the source reads as
 * @param after the draft as fixed
 * @returns null where the source cannot be brought there by such edits alone
 */
export function fixedMarkdown(
  source: string,
  before: Draft,
  after: Draft,
  fixes: readonly Fix[],
): string | null {
  const { body } = readFrontMatter(source);
  // Its places are not those of the text that was read.
  if (boundMarkdown(body) !== body) return null;
  const head = source.length - body.length;
  const tree = parser.parse(body) as Root;
  const edits: Edit[] = [];
  if (!headingEdits(tree, body, before, after, edits)) return null;
  const addresses = new Map(
    fixes
      .filter(({ fix }) => fix === "secure-links")
      .flatMap(({ lines }) => lines.map(({ before: old, after: now }) => [old, now])),
  );
  visit(tree, (node) => {
    if (node.type === "link" || node.type === "definition" || node.type === "image")
      linkEdit(node as Link | Definition, body, addresses, edits);
  });
  const fixed = edits
    .sort((a, b) => b.from - a.from)
    .reduce(
      (text, { from, to, text: now }) => text.slice(0, head + from) + now + text.slice(head + to),
      source,
    );
  return sameWords(draftFromMarkdown(fixed), after) ? fixed : null;
}

/** @returns false where the headings of the source are not those of the draft: some are written as HTML */
function headingEdits(tree: Root, body: string, before: Draft, after: Draft, edits: Edit[]): boolean {
  const nodes: Heading[] = [];
  visit(tree, "heading", (node) => {
    nodes.push(node);
  });
  const [old, now] = [before, after].map(({ blocks }) =>
    blocks.flatMap((block) => (block.kind === "heading" ? [block] : [])),
  );
  if (old!.every(({ level }, i) => level === now![i]?.level)) return true;
  if (nodes.length !== old!.length || nodes.some(({ depth }, i) => depth !== old![i]!.level)) return false;
  for (const [i, node] of nodes.entries()) {
    const level = now![i]!.level;
    const { start, end } = node.position!;
    if (node.depth === level) continue;
    const text = body.slice(start.offset, end.offset);
    const marks = "#".repeat(level);
    const atx = /^#{1,6}(?=[ \t]|$)/.exec(text);
    edits.push(
      atx
        ? { from: start.offset!, to: start.offset! + atx[0].length, text: marks }
        : // A heading that is underlined can only be of the first or second level.
          {
            from: start.offset!,
            to: end.offset!,
            text: `${marks} ${text.replace(/\n[=-]+[ \t]*$/, "").replace(/\s*\n\s*/g, " ")}`,
          },
    );
  }
  return true;
}

function linkEdit(
  node: Link | Definition,
  body: string,
  addresses: ReadonlyMap<string, string>,
  edits: Edit[],
): void {
  const now = addresses.get(node.url);
  const { start, end } = node.position!;
  if (!now) return;
  const source = body.slice(start.offset, end.offset);
  // What stands between brackets is text, and stays.
  const text = node.type === "link" && source.startsWith("[") ? source.lastIndexOf("](") : 0;
  const at = source.indexOf("http://", Math.max(0, text));
  if (at >= 0)
    edits.push({ from: start.offset! + at, to: start.offset! + at + "http".length, text: "https" });
}

const sameWords = (a: Draft, b: Draft): boolean => {
  const words = ({ blocks }: Draft) =>
    foldPlain(blocks.map(({ text }) => text).join("\n")).replace(/\bhttps\b/g, "http");
  return words(a) === words(b);
};
