/** From the editor's document to draft blocks, top-level node by top-level node, so that a keystroke costs one of them. */

import { readFocus } from "../pictures/focus";
import {
  type Block,
  type Container,
  GALLERY_LAYOUTS,
  type HeadingLevel,
  type Link,
  type Mark,
  oneOf,
  PICTURE_SIDES,
  type Run,
} from "./draft";
import { type EditorDoc, type EditorNode, LEAVES, nodeSize } from "./editorJson";
import { kindIn } from "./fromHast";
import { cleanAddress, normaliseRuns, withMark } from "./runs";

const MARKS: Record<string, Mark> = { bold: "bold", italic: "italic", strike: "strike", code: "code" };

/** All blocks of a document. Run positions (`at`) are relative to the block's top-level node, whose id begins the block's. */
export function blocksFromEditor(doc: EditorDoc): Block[] {
  return doc.content.flatMap((node, i) => blocksFromNode(node, String(node.attrs?.id ?? `n${i}`)));
}

/**
 * Blocks of one top-level node.
 *
 * @param key id of the node; block and container ids are made from it, so equal nodes under one key give equal blocks
 */
export function blocksFromNode(node: EditorNode, key: string): Block[] {
  const blocks: Block[] = [];
  walk(node, 0, [], key, blocks);
  return blocks;
}

/** @param at position just before the node, relative to the top-level node's own */
function walk(node: EditorNode, at: number, within: readonly Container[], key: string, out: Block[]): void {
  const attrs = node.attrs ?? {};
  const id = () => (out.length ? `${key}.${out.length}` : key);
  const inside = (container: Container) => {
    let place = at + 1;
    for (const [i, child] of (node.content ?? []).entries()) {
      walk(child, place, [...within, container], `${key}-${i}`, out);
      place += nodeSize(child);
    }
  };
  switch (node.type) {
    case "heading":
      out.push({ id: id(), kind: "heading", level: level(attrs.level), within, ...textOf(node, at) });
      return;
    case "paragraph": {
      const content = textOf(node, at);
      // Empty paragraphs are gaps on the sheet, not text; in a cell they hold the column open.
      if (content.text || within.at(-1)?.type === "cell")
        out.push({ id: id(), kind: kindIn(within), within, ...content });
      return;
    }
    case "codeBlock":
      out.push({ id: id(), kind: "code", language: text(attrs.language), within, ...textOf(node, at, true) });
      return;
    case "contents":
      out.push({ id: id(), kind: "contents", within, text: "", runs: [] });
      return;
    case "button": {
      const href = cleanAddress(text(attrs.href));
      const { text: label, runs } = textOf(node, at);
      out.push({
        id: id(),
        kind: "button",
        href,
        within,
        text: label,
        runs: runs.map((run) => ({ ...run, link: { href } })),
      });
      return;
    }
    case "faq":
      inside({ type: "faq", id: `${key}f` });
      return;
    case "faqPair":
      inside({ type: "pair", id: `${key}p` });
      return;
    case "faqQuestion":
      out.push({ id: id(), kind: "heading", level: 3, within, ...textOf(node, at) });
      return;
    case "note":
      inside({ type: "note", id: `${key}n` });
      return;
    case "gallery":
      inside({ type: "gallery", id: `${key}g`, layout: oneOf(GALLERY_LAYOUTS, attrs.layout) });
      return;
    case "horizontalRule":
      out.push({ id: id(), kind: "divider", within, text: "", runs: [] });
      return;
    case "embed":
      out.push({
        id: id(),
        kind: "embed",
        href: cleanAddress(text(attrs.href)),
        poster: cleanAddress(text(attrs.poster)),
        label: text(attrs.label),
        within,
        text: "",
        runs: [],
      });
      return;
    case "picture": {
      const decorative = attrs.decorative === true;
      const alt = text(attrs.alt).replace(/\s+/g, " ").trim();
      const block: Block = {
        id: id(),
        kind: "picture",
        within,
        ...textOf(node, at),
        src: cleanAddress(text(attrs.src)),
        fileName: text(attrs.fileName),
        alt: decorative ? "" : alt || null,
        decorative,
        bytes: number(attrs.bytes),
        width: number(attrs.width),
        height: number(attrs.height),
        side: oneOf(PICTURE_SIDES, attrs.side),
        focus: readFocus(attrs.focus),
      };
      if (attrs.href) block.link = { href: cleanAddress(text(attrs.href)) };
      out.push(block);
      return;
    }
    case "bulletList":
    case "orderedList":
      inside({
        type: "list",
        id: `${key}l`,
        ordered: node.type === "orderedList",
        start: number(attrs.start) ?? 1,
      });
      return;
    case "listItem":
      inside({ type: "item", id: `${key}i` });
      return;
    case "blockquote":
      inside({ type: "quote", id: `${key}q`, pull: attrs.pull === true });
      return;
    case "table":
      inside({ type: "table", id: `${key}t` });
      return;
    case "tableRow":
      inside({ type: "row", id: `${key}r` });
      return;
    case "tableCell":
    case "tableHeader":
      inside({
        type: "cell",
        id: `${key}c`,
        header: node.type === "tableHeader",
        colspan: number(attrs.colspan) ?? 1,
        rowspan: number(attrs.rowspan) ?? 1,
      });
      return;
  }
}

function textOf(node: EditorNode, at: number, preserve = false): { text: string; runs: Run[] } {
  const raw: Run[] = [];
  let place = at + 1;
  for (const child of node.content ?? []) {
    const isBreak = child.type === "hardBreak";
    // Line feeds inside text are blanks, as in HTML; only the break node breaks.
    const value = isBreak ? "\n" : preserve ? (child.text ?? "") : (child.text ?? "").replace(/\n/g, " ");
    if (value) raw.push(styled(child, value, place));
    place += LEAVES.has(child.type) ? 1 : (child.text?.length ?? 0);
  }
  return normaliseRuns(raw, preserve);
}

function styled(node: EditorNode, value: string, at: number): Run {
  let marks: readonly Mark[] = [];
  let link: Link | undefined;
  for (const mark of node.marks ?? []) {
    const known = MARKS[mark.type];
    if (known) marks = withMark(marks, known);
    if (mark.type === "link") link = linkOf(mark.attrs ?? {});
  }
  const run: Run = { text: value, marks, at };
  if (link) run.link = link;
  return run;
}

function linkOf(attrs: Record<string, unknown>): Link {
  const link: Link = { href: cleanAddress(text(attrs.href)) };
  if (attrs.rel) link.rel = text(attrs.rel);
  return link;
}

function level(value: unknown): HeadingLevel {
  const n = Number(value);
  return (n >= 1 && n <= 6 ? Math.round(n) : 2) as HeadingLevel;
}
const text = (value: unknown): string => (typeof value === "string" ? value.toWellFormed() : "");
const number = (value: unknown): number | null =>
  typeof value === "number" && Number.isFinite(value) ? value : null;
