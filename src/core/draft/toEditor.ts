/** From draft blocks to the editor's document. What the editor's schema does not nest is laid flat, its text kept. */
import { byName } from "../blocks/byName";
import { type EditorDoc, type EditorNode, emptyDoc } from "../blocks/editorJson";
import type { EditorBuilder, Item } from "../blocks/kind";
import type { BlockBase } from "../blocks/shape";
import { TEXT_ONLY } from "../blocks/textOnly";
import type { Block, Run } from "./draft";

/** Builds a document that the editor's schema accepts, whatever the blocks. */
export function blocksToEditor(blocks: readonly Block[]): EditorDoc {
  const content = build(blocks.map((block) => ({ block, within: block.within })));
  return content.length ? { type: "doc", content } : emptyDoc;
}

const WRITERS = byName(({ toEditor }) => toEditor);
const GROUPS = byName(({ groupToEditor }) => groupToEditor);

/** Top level: any block. Runs of items that share their first container become one node. */
function build(items: readonly Item[]): EditorNode[] {
  return grouped(items).flatMap((group) => {
    const container = group[0]!.within[0];
    if (!container) return group.flatMap(({ block }) => leaf(block));
    // What is in a container that is no node of its own stands where that stood.
    return GROUPS[container.type]?.(container, group, builder) ?? build(inner(group));
  });
}

const leaf = (block: BlockBase): EditorNode[] =>
  WRITERS[block.kind]?.(block, builder) ?? [withText({ type: "paragraph" }, block.runs)];

const inner = (items: readonly Item[]): Item[] =>
  items.map(({ block, within }) => ({ block, within: within.slice(1) }));

function grouped(items: readonly Item[]): Item[][] {
  const groups: Item[][] = [];
  for (const item of items) {
    const last = groups.at(-1);
    const id = item.within[0]?.id;
    if (last && id !== undefined && last[0]!.within[0]?.id === id) last.push(item);
    else groups.push([item]);
  }
  return groups;
}

/** Wraps what may stand in a container, and lets the rest (pictures, headings, code) break it in two. */
function parted(items: readonly Item[], container: Pick<EditorNode, "type" | "attrs">): EditorNode[] {
  const out: EditorNode[] = [];
  let open: EditorNode | null = null;
  for (const node of build(items)) {
    if (!TEXT_ONLY.has(node.type)) {
      out.push(node);
      open = null;
    } else if (open) open.content!.push(node);
    else {
      open = { ...container, content: [node] };
      out.push(open);
    }
  }
  return out;
}

function withText(node: EditorNode, runs: readonly Run[]): EditorNode {
  const content = runs.flatMap(inline);
  return content.length ? { ...node, content } : node;
}

function inline(run: Run): EditorNode[] {
  const marks = [
    ...(run.link
      ? [{ type: "link", attrs: { href: run.link.href, ...(run.link.rel ? { rel: run.link.rel } : {}) } }]
      : []),
    ...run.marks.map((type) => ({ type })),
  ];
  return run.text
    .split("\n")
    .flatMap((line, i) => [
      ...(i ? [{ type: "hardBreak" }] : []),
      ...(line ? [{ type: "text", text: line, ...(marks.length ? { marks } : {}) }] : []),
    ]);
}

const builder: EditorBuilder = { build, grouped, inner, parted, withText };
