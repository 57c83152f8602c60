/** From draft blocks to the editor's document. What the editor's schema does not nest is laid flat, its text kept. */
import type { Block, Container, GalleryLayout, Run } from "./draft";
import { type EditorDoc, type EditorNode, emptyDoc } from "./editorJson";

type Item = { block: Block; within: readonly Container[] };

/** Builds a document that the editor's schema accepts, whatever the blocks. */
export function blocksToEditor(blocks: readonly Block[]): EditorDoc {
  const content = build(blocks.map((block) => ({ block, within: block.within })));
  return content.length ? { type: "doc", content } : emptyDoc;
}

/** Top level: any block. Runs of items that share their first container become one node. */
function build(items: Item[]): EditorNode[] {
  const out: EditorNode[] = [];
  for (const group of grouped(items)) {
    const container = group[0]!.within[0];
    const inner = group.map(({ block, within }) => ({ block, within: within.slice(1) }));
    switch (container?.type) {
      case undefined:
        out.push(...group.flatMap(({ block }) => leaf(block)));
        break;
      case "list":
        out.push(...listNodes(container, inner));
        break;
      case "quote":
        out.push(
          ...parted(
            inner,
            container.pull ? { type: "blockquote", attrs: { pull: true } } : { type: "blockquote" },
          ),
        );
        break;
      case "note":
        out.push(...parted(inner, { type: "note" }));
        break;
      case "gallery":
        out.push(...galleryNodes(container.layout, inner));
        break;
      case "faq":
        out.push(...faqNodes(inner));
        break;
      case "table":
        out.push(...tableNodes(inner));
        break;
      default:
        out.push(...build(inner));
    }
  }
  return out;
}

function grouped(items: Item[]): Item[][] {
  const groups: Item[][] = [];
  for (const item of items) {
    const last = groups.at(-1);
    const id = item.within[0]?.id;
    if (last && id !== undefined && last[0]!.within[0]?.id === id) last.push(item);
    else groups.push([item]);
  }
  return groups;
}

const TEXT_ONLY = new Set(["paragraph", "bulletList", "orderedList"]);

/** Wraps what may stand in a container, and lets the rest (pictures, headings, code) break it in two. */
function parted(items: Item[], container: Pick<EditorNode, "type" | "attrs">): EditorNode[] {
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

/** Pictures stay together; what else stood among them follows. */
function galleryNodes(layout: GalleryLayout, items: Item[]): EditorNode[] {
  const made = build(items);
  const pictures = made.filter(({ type }) => type === "picture");
  const others = made.filter(({ type }) => type !== "picture");
  return [...(pictures.length ? [{ type: "gallery", attrs: { layout }, content: pictures }] : []), ...others];
}

/** A pair is a question and what may stand in an answer; the rest of it follows, and so does what is no pair. */
function faqNodes(items: Item[]): EditorNode[] {
  const pairs: EditorNode[] = [];
  const after: EditorNode[] = [];
  for (const group of grouped(items)) {
    const [first] = group;
    if (first!.within[0]?.type !== "pair") {
      after.push(...build(group));
      continue;
    }
    const inner = group.map(({ block, within }) => ({ block, within: within.slice(1) }));
    const asked = inner[0]!.block.kind === "heading" && !inner[0]!.within.length;
    const answer: EditorNode[] = [];
    for (const node of build(asked ? inner.slice(1) : inner))
      (TEXT_ONLY.has(node.type) ? answer : after).push(node);
    pairs.push({
      type: "faqPair",
      content: [
        withText({ type: "faqQuestion" }, asked ? inner[0]!.block.runs : []),
        ...(answer.length ? answer : [{ type: "paragraph" }]),
      ],
    });
  }
  return [...(pairs.length ? [{ type: "faq", content: pairs }] : []), ...after];
}

function listNodes(list: Extract<Container, { type: "list" }>, items: Item[]): EditorNode[] {
  const out: EditorNode[] = [];
  const fresh = (): EditorNode =>
    list.ordered
      ? { type: "orderedList", attrs: { start: list.start + count(out) }, content: [] }
      : { type: "bulletList", content: [] };
  for (const group of grouped(items)) {
    const inner = group.map(({ block, within }) => ({ block, within: within.slice(1) }));
    for (const node of build(inner)) {
      const last = out.at(-1);
      const open = last?.type === "bulletList" || last?.type === "orderedList" ? last : null;
      if (!TEXT_ONLY.has(node.type)) {
        out.push(node);
        continue;
      }
      const target = open ?? fresh();
      if (!open) out.push(target);
      const item = target.content!.at(-1) as (EditorNode & { group?: unknown }) | undefined;
      if (item && itemGroups.get(item) === group) item.content!.push(node);
      else {
        // An item begins with a paragraph in the editor's schema.
        const made: EditorNode = {
          type: "listItem",
          content: node.type === "paragraph" ? [node] : [{ type: "paragraph" }, node],
        };
        itemGroups.set(made, group);
        target.content!.push(made);
      }
    }
  }
  return out;
}
const itemGroups = new WeakMap<EditorNode, Item[]>();

function count(nodes: EditorNode[]): number {
  return nodes.reduce(
    (sum, node) => sum + (node.type === "orderedList" ? (node.content?.length ?? 0) : 0),
    0,
  );
}

function tableNodes(items: Item[]): EditorNode[] {
  const after: EditorNode[] = [];
  const rows = grouped(items).map((row): EditorNode => {
    const cells = grouped(row.map(({ block, within }) => ({ block, within: within.slice(1) }))).map(
      (group): EditorNode => {
        const cell = group[0]!.within[0];
        const content = build(group.map(({ block, within }) => ({ block, within: within.slice(1) })));
        const kept = content.filter((node) => node.type === "paragraph");
        // Only lines of text stand in a cell; lists there become lines, pictures follow the table.
        for (const node of content) {
          if (node.type === "bulletList" || node.type === "orderedList") kept.push(...paragraphsIn(node));
          else if (node.type !== "paragraph") after.push(node);
        }
        const attrs =
          cell?.type === "cell"
            ? { colspan: cell.colspan, rowspan: cell.rowspan }
            : { colspan: 1, rowspan: 1 };
        return {
          type: cell?.type === "cell" && cell.header ? "tableHeader" : "tableCell",
          attrs,
          content: kept.length ? kept : [{ type: "paragraph" }],
        };
      },
    );
    return { type: "tableRow", content: cells };
  });
  return [{ type: "table", content: rows }, ...after];
}

function paragraphsIn(node: EditorNode): EditorNode[] {
  return node.type === "paragraph" ? [node] : (node.content ?? []).flatMap(paragraphsIn);
}

function leaf(block: Block): EditorNode[] {
  switch (block.kind) {
    case "heading":
      return [withText({ type: "heading", attrs: { level: block.level } }, block.runs)];
    case "code":
      return [
        {
          type: "codeBlock",
          attrs: { language: block.language || null },
          ...(block.text ? { content: [{ type: "text", text: block.text }] } : {}),
        },
      ];
    case "contents":
      return [{ type: "contents" }];
    case "button":
      return [
        withText(
          { type: "button", attrs: { href: block.href } },
          block.runs.map(({ link: _link, ...run }) => run),
        ),
      ];
    case "divider":
      return [{ type: "horizontalRule" }];
    case "embed":
      return [{ type: "embed", attrs: { href: block.href, label: block.label, poster: block.poster } }];
    case "picture": {
      const { src, fileName, decorative, bytes, width, height, side, focus } = block;
      const attrs = {
        src,
        fileName,
        alt: block.alt ?? "",
        decorative,
        bytes,
        width,
        height,
        side,
        focus,
        href: block.link?.href ?? null,
      };
      return [withText({ type: "picture", attrs }, block.runs)];
    }
    default:
      return [withText({ type: "paragraph" }, block.runs)];
  }
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
