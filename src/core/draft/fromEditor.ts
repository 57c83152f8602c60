/** From the editor's document to draft blocks, top-level node by top-level node, so that a keystroke costs one of them. */

import { byName } from "../blocks/byName";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { textOf } from "../blocks/kind";
import { cleanAddress, normaliseRuns, withMark } from "../blocks/runs";
import type { ContainerBase } from "../blocks/shape";
import type { Block, Link, Mark, Run } from "./draft";
import { LEAVES, nodeSize } from "./nodeSize";

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
function walk(
  node: EditorNode,
  at: number,
  within: readonly ContainerBase[],
  key: string,
  out: Block[],
): void {
  READERS[node.type]?.({
    node,
    attrs: node.attrs ?? {},
    key,
    within,
    text: (preserve) => textIn(node, at, preserve),
    push: (block) => {
      out.push({ id: out.length ? `${key}.${out.length}` : key, ...block, within } as unknown as Block);
    },
    inside: (container) => {
      let place = at + 1;
      for (const [i, child] of (node.content ?? []).entries()) {
        walk(child, place, [...within, container], `${key}-${i}`, out);
        place += nodeSize(child);
      }
    },
  });
}

const READERS = byName(({ fromEditor }) => fromEditor);

function textIn(node: EditorNode, at: number, preserve = false): { text: string; runs: Run[] } {
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
    const kind = MARKS[mark.type];
    if (kind) marks = withMark(marks, kind);
    if (mark.type === "link") link = linkOf(mark.attrs ?? {});
  }
  const run: Run = { text: value, marks, at };
  if (link) run.link = link;
  return run;
}

function linkOf(attrs: Record<string, unknown>): Link {
  const link: Link = { href: cleanAddress(textOf(attrs.href)) };
  if (attrs.rel) link.rel = textOf(attrs.rel);
  return link;
}
