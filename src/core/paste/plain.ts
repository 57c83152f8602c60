/** Pasted plain text: a table where its lines are parted by tabs, Markdown where it is written so, paragraphs otherwise. */

import type { Element } from "hast";
import { h } from "hastscript";
import type { EditorDoc } from "../blocks/editorJson";
import { blocksFromHast } from "../draft/fromHast";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { safeDoc } from "../draft/safeDoc";
import { blocksToEditor } from "../draft/toEditor";
import type { Pasted } from "./paste";
import { withRightSigns } from "./steps/punctuation";
import { typedLists } from "./steps/typedLists";

export function pastePlain(text: string): Pasted {
  const lines = text.replace(/\r\n?/g, "\n").replace(/\u00a0/g, " ");
  const plain = { withHeadings: null, headings: 0 };
  const rows = tableRows(lines);
  if (rows)
    return { ...plain, doc: tableOf(rows), asItIs: paragraphsOf(lines), putRight: ["read as a table"] };
  if (isMarkdown(lines)) {
    // Front matter is for files; on the clipboard it would be lost without a word.
    const { blocks } = draftFromMarkdown(lines.replace(/^---\n/, "***\n"));
    return {
      ...plain,
      doc: safeDoc(blocksToEditor(blocks)).doc,
      asItIs: paragraphsOf(lines),
      putRight: ["read as Markdown"],
    };
  }
  const right = withRightSigns(lines);
  return right === lines
    ? { ...plain, doc: paragraphsOf(lines), asItIs: null, putRight: [] }
    : {
        ...plain,
        doc: paragraphsOf(right),
        asItIs: paragraphsOf(lines),
        putRight: ["broken quotes or dashes corrected"],
      };
}

/** A blank line parts paragraphs, single line ends are soft; lines that begin with a bullet are a list. */
function paragraphsOf(text: string): EditorDoc {
  const children = text
    .split(/\n\s*\n|\n(?=\s*[-*•·]\s)/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((value): Element => h("p", [{ type: "text", value }]));
  const root = { type: "root" as const, children };
  typedLists(root);
  return blocksToEditor(blocksFromHast(root));
}

const LEAST_ROWS = 2;

/** @returns rows of cells where every line has as many tabs as the first, and at least one */
function tableRows(text: string): string[][] | null {
  const rows = text
    .replace(/\n+$/, "")
    .split("\n")
    .map((line) => line.split("\t"));
  const columns = rows[0]!.length;
  if (rows.length < LEAST_ROWS || columns < 2 || rows.some((row) => row.length !== columns)) return null;
  return rows;
}

function tableOf(rows: readonly string[][]): EditorDoc {
  const table = h(
    "table",
    rows.map((row, i) =>
      h(
        "tr",
        row.map((value) => h(i ? "td" : "th", [{ type: "text", value }])),
      ),
    ),
  );
  return blocksToEditor(blocksFromHast({ type: "root", children: [table] }));
}

/** Signs that nobody types by chance, each counted once a line. */
const SIGNS = [
  /^#{1,6} \S/,
  /^(?:```|~~~)/,
  /^\s*(?:[-*+]|\d{1,2}[.)]) \S/,
  /^> \S/,
  /!?\[[^\]\n]+\]\([^)\s]+\)/,
  /\*\*\S[^*\n]*\*\*/,
  /^\|.+\|\s*$/,
];
const LEAST_SIGNS = 2;

/** A heading or a fence alone tells; of the others it takes two kinds. */
export function isMarkdown(text: string): boolean {
  const kinds = new Set<number>();
  for (const line of text.split("\n"))
    for (const [i, sign] of SIGNS.entries()) if (sign.test(line)) kinds.add(i);
  return kinds.has(0) || kinds.has(1) || kinds.size >= LEAST_SIGNS;
}
