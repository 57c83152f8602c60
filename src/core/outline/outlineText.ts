/** An outline as text, and text as an outline. */
import { faqStart, type OutlineItem, settled } from "./outline";

/** Indented text: an H3 two blanks in, a note four behind its heading. */
export function outlineToText(items: readonly OutlineItem[], faqTitle = "FAQ"): string {
  return lines(items, faqTitle, (level) => (level === 2 ? "" : "  "), "    ");
}

/** Markdown headings, notes as paragraphs. */
export function outlineToMarkdown(
  items: readonly OutlineItem[],
  faqTitle = "Frequently asked questions",
): string {
  return lines(items, faqTitle, (level) => (level === 2 ? "## " : "### "), "");
}

function lines(
  items: readonly OutlineItem[],
  faqTitle: string,
  mark: (level: 2 | 3) => string,
  noteIndent: string,
): string {
  const faq = faqStart(items);
  return items
    .flatMap(({ level, text, note }, i) => [
      ...(i === faq ? [`${mark(2)}${faqTitle}`] : []),
      `${mark(level)}${text.trim()}`,
      ...note
        .split("\n")
        .filter((line) => line.trim())
        .map((line) => `${noteIndent}${line.trim()}`),
    ])
    .join("\n");
}

/** A pasted list longer than this is no outline; the rest is left out. */
const MOST_ITEMS = 500;
const LONGEST = 300;
const TAB = "    ";
const HEADING = /^(#{1,6})\s+(.*?)\s*#*$/;
const LISTED = /^(?:[-*+•–]|\(?(?:\d+(?:\.\d+)*|[a-z])[.)])\s+(.*)$/i;

/** An item of a pasted list, before it has an id. */
export type PastedItem = Omit<OutlineItem, "id">;

/**
 * Reads an indented, bulleted, numbered or Markdown list. The least deep lines become H2, all deeper ones H3; what stands
 * under a Markdown heading is its note, and in a list of headings and bullets the bullets are H3.
 */
export function parseOutline(text: string): PastedItem[] {
  const read = text
    .replace(/^\uFEFF/, "")
    .split(/\r?\n|\r/)
    .map((line) => line.replace(/\t/g, TAB).replace(/\u00A0/g, " "))
    .filter((line) => line.trim())
    .map(readLine);
  const marked = read.some(({ kind }) => kind === "heading");
  const listed = read.some(({ kind }) => kind === "listed");
  const depths = [
    ...new Set(read.filter(({ kind }) => !marked || kind === "heading").map(({ depth }) => depth)),
  ];
  const top = topDepth(
    read,
    depths.sort((a, b) => a - b),
    marked,
  );
  const items: PastedItem[] = [];
  for (const { kind, depth, text: own } of read) {
    if (items.length >= MOST_ITEMS) break;
    // The title of the whole is no heading of its own.
    if (kind === "heading" && depth < top) continue;
    const prose = marked ? kind === "plain" : listed && kind === "plain" && items.length > 0 && depth > 0;
    if (prose) {
      const last = items.at(-1);
      if (last) last.note = [last.note, own].filter(Boolean).join("\n");
      continue;
    }
    const deeper = marked && kind === "listed" ? true : depth > top;
    items.push({ level: deeper && items.length ? 3 : 2, text: own.slice(0, LONGEST), note: "" });
  }
  return items;
}

interface ReadLine {
  kind: "heading" | "listed" | "plain";
  depth: number;
  text: string;
}

function readLine(line: string): ReadLine {
  const indent = line.length - line.trimStart().length;
  const bare = line.trim();
  const heading = HEADING.exec(bare);
  if (heading) return { kind: "heading", depth: heading[1]!.length, text: plain(heading[2]!) };
  const item = LISTED.exec(bare);
  // "1.2 Brakes" is deeper than "1 Wheels" without an indent.
  const dots = /^(\d+(?:\.\d+)+)[.)]?\s+(.*)$/.exec(bare);
  if (dots) return { kind: "listed", depth: indent + dots[1]!.split(".").length - 1, text: plain(dots[2]!) };
  if (item) return { kind: "listed", depth: indent, text: plain(item[1]!) };
  return { kind: "plain", depth: indent, text: plain(bare) };
}

/** Marks of Markdown inside a line say nothing in a heading. */
const plain = (text: string): string =>
  text
    .replace(/^\[[ x]\]\s+/i, "")
    .replace(/!?\[([^\]]*)\]\([^)]*\)/g, "$1")
    .replace(/(\*\*|__|\*|_|`)(?=\S)(.+?)(?<=\S)\1/g, "$2")
    .trim();

/** Depth of the H2: the least, but one title above everything else is no heading of the outline's own level. */
function topDepth(read: readonly ReadLine[], depths: readonly number[], marked: boolean): number {
  const [least = 0, next] = depths;
  const alone =
    read.filter((line) => line.depth === least && (!marked || line.kind === "heading")).length === 1;
  return marked && least === 1 && alone && next !== undefined ? next : least;
}

/** Pasted items as items of an outline, behind what is there and before its FAQ. */
export function withPasted(
  items: readonly OutlineItem[],
  pasted: readonly PastedItem[],
  freshId: () => string,
): OutlineItem[] {
  const at = faqStart(items);
  const added = pasted.map((item) => ({ ...item, id: freshId() }));
  return settled([...items.slice(0, at), ...added, ...items.slice(at)]);
}
