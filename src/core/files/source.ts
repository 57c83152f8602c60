/** The text as source, to be edited by hand: Markdown or HTML out, and back in with what is wrong and what would be lost. */
import type { Root } from "hast";
import rehypeParse from "rehype-parse";
import { unified } from "unified";
import { visit } from "unist-util-visit";
import { VFile } from "vfile";
import type { EditorDoc } from "../blocks/editorJson";
import type { Block } from "../draft/draft";
import { blocksFromEditor } from "../draft/fromEditor";
import { blocksFromHast } from "../draft/fromHast";
import { parseHtml } from "../draft/fromHtml";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { emptyMeta } from "../draft/meta";
import { safeDoc } from "../draft/safeDoc";
import { TAG, UNENDED } from "../draft/tags";
import { blocksToEditor } from "../draft/toEditor";
import { blocksToHtml } from "../draft/toHtml";
import { draftToMarkdown } from "../draft/toMarkdown";
import { sanitizeTree } from "../paste/sanitize";

export type SourceKind = "markdown" | "html";

export interface SourceFault {
  /** From 1. */
  line: number;
  message: string;
}

export interface ReadSource {
  doc: EditorDoc;
  faults: SourceFault[];
  /** What the editor cannot hold, in words; it is gone once the source is taken. */
  lost: string[];
}

/** The body of a post as source; pictures stand with the address that the workspace knows them by. */
export function writeSource(doc: EditorDoc, kind: SourceKind): string {
  const blocks = blocksFromEditor(doc);
  if (kind === "html") return blocksToHtml(blocks, { headingIds: false, keepFileNames: true });
  const markdown = draftToMarkdown({ meta: emptyMeta, blocks, headingIds: "derived" });
  return markdown.replace(/^---\n[\s\S]*?\n---\n\n?/, "");
}

/** Reads source back. Never throws: what is wrong is said by line, and the rest is read as a browser would. */
export function readSource(text: string, kind: SourceKind): ReadSource {
  if (kind === "markdown") {
    // Front matter belongs to the fields of the post; a rule at the very start is one.
    const body = text.replace(/^---(?=\s*\n)/, "***");
    const { blocks } = draftFromMarkdown(body);
    return { ...taken(blocks), faults: fenceFaults(text) };
  }
  const root = parseHtml(text);
  const { doc, lost } = taken(blocksFromHast(sanitizeTree(structuredClone(root) as Root)));
  return { doc, faults: htmlFaults(text), lost: [...elementsLost(root), ...lost] };
}

function taken(blocks: readonly Block[]): Pick<ReadSource, "doc" | "lost"> {
  const { doc, removed } = safeDoc(blocksToEditor(blocks));
  const lost = removed ? [`${removed} ${removed === 1 ? "address" : "addresses"} that could act`] : [];
  return { doc, lost };
}

const parser = unified().use(rehypeParse, { fragment: true, emitParseErrors: true });

/** Faults that the parser of the HTML Standard (section 13.2.2) names; a missing doctype is none in a fragment. */
function htmlFaults(html: string): SourceFault[] {
  const file = new VFile(html);
  try {
    parser.parse(file);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return [
      { line: 1, message: "It is nested deeper than can be read: its words are kept, the nesting is not" },
    ];
  }
  return [
    ...file.messages
      .filter(({ ruleId }) => ruleId !== "missing-doctype")
      .map(({ line, reason }) => ({ line: line ?? 1, message: reason })),
    ...unbalanced(html),
  ].sort((a, b) => a.line - b.line);
}

/** Tags that are opened and not ended, or ended and not opened: a browser fixes them without a word. */
function unbalanced(html: string): SourceFault[] {
  const faults: SourceFault[] = [];
  const open: { name: string; line: number }[] = [];
  let [line, seen] = [1, 0];
  // Of equal length, so that lines stay where they are.
  const bare = html.replace(/<!--[\s\S]*?-->/g, (comment) => comment.replace(/[^\n]/g, " "));
  for (const { index, 1: ends, 2: name = "", 3: closed } of bare.matchAll(TAG)) {
    line += bare.slice(seen, index).split("\n").length - 1;
    seen = index;
    const tag = name.toLowerCase();
    if (closed || UNENDED.has(tag)) continue;
    if (!ends) {
      open.push({ name: tag, line });
      continue;
    }
    const at = open.findLastIndex((one) => one.name === tag);
    if (at < 0) faults.push({ line, message: `</${tag}> ends what was never opened` });
    else for (const left of open.splice(at).slice(1)) faults.push(neverEnded(left));
  }
  return [...faults, ...open.map(neverEnded)];
}

const neverEnded = ({ name, line }: { name: string; line: number }): SourceFault => ({
  line,
  message: `<${name}> is opened here and never ended`,
});

/** A fence that is opened and never closed takes the rest of the post along (CommonMark 0.31, section 4.5). */
function fenceFaults(markdown: string): SourceFault[] {
  let open: { mark: string; line: number } | null = null;
  for (const [i, line] of markdown.split("\n").entries()) {
    const mark = /^ {0,3}(`{3,}|~{3,})(.*)$/.exec(line);
    if (!mark) continue;
    if (!open) open = { mark: mark[1]!, line: i + 1 };
    else if (mark[1]!.startsWith(open.mark) && !mark[2]!.trim()) open = null;
  }
  return open
    ? [{ line: open.line, message: `The code that begins here with ${open.mark} is never ended` }]
    : [];
}

const UNKNOWN = new Set(
  "script style template noscript form button input select textarea svg math canvas object map meta link title base".split(
    " ",
  ),
);

/** Elements and attributes of the source that no block can hold, counted. */
function elementsLost(root: Root): string[] {
  const counts = new Map<string, number>();
  const count = (what: string) => counts.set(what, (counts.get(what) ?? 0) + 1);
  visit(root, "element", ({ tagName, properties }) => {
    if (UNKNOWN.has(tagName)) count(`<${tagName}>`);
    if (properties.style !== undefined) count("style=");
    if (properties.className !== undefined && tagName !== "code") count("class=");
    for (const name of Object.keys(properties)) if (/^on[A-Z]/i.test(name)) count(`${name.toLowerCase()}=`);
  });
  return [...counts].map(([what, n]) => (n > 1 ? `${n} × ${what}` : what));
}
