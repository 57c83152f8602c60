/** From draft blocks back to an HTML tree: the nesting is rebuilt from the paths that neighbours share. */

import type { Element, ElementContent, Properties } from "hast";
import { h } from "hastscript";
import { byName } from "../blocks/byName";
import type { HtmlWriter } from "../blocks/kind";
import { sameLink } from "../blocks/runs";
import type { Block, Container, Mark, PictureBlock, Run } from "./draft";
import { derivedHeadingIds } from "./headingIds";

export interface HastOptions {
  /** Give headings ids from their text. */
  headingIds: boolean;
  /** Address to write for a picture; the draft's own where absent. */
  fileAddress?: (picture: Pick<PictureBlock, "src">) => string;
  /** Write the file's name beside the address: embedded pictures have no other place for it. */
  keepFileNames?: boolean;
  /** Say by style which part of a picture stays in sight: for pages that stand alone. */
  focusStyles?: boolean;
}

const MARK_TAGS: Record<Mark, string> = { bold: "strong", italic: "em", strike: "del", code: "code" };
const INNER_FIRST: readonly Mark[] = ["code", "strike", "italic", "bold"];

const BLOCKS = byName(({ toHtml }) => toHtml);
const CONTAINERS = byName(({ wrapHtml }) => wrapHtml);

export function blocksToHast(blocks: readonly Block[], options: HastOptions): ElementContent[] {
  const ids = options.headingIds ? derivedHeadingIds(blocks) : null;
  const writer: HtmlWriter = {
    inline,
    linkProperties,
    blocks,
    ids,
    fileAddress: (picture) => options.fileAddress?.(picture) ?? picture.src,
    keepFileNames: options.keepFileNames ?? false,
    focusStyles: options.focusStyles ?? false,
  };
  const root: ElementContent[] = [];
  let open: { container: Container; element: Element }[] = [];
  blocks.forEach((block, i) => {
    let shared = 0;
    while (shared < open.length && open[shared]!.container.id === block.within[shared]?.id) shared++;
    open = open.slice(0, shared);
    for (const container of block.within.slice(shared)) {
      const element = CONTAINERS[container.type]?.(container, writer) ?? h("div");
      (open.at(-1)?.element.children ?? root).push(element);
      open.push({ container, element });
    }
    const parent = open.at(-1);
    const id = ids?.get(i) ?? block.ids?.[0];
    const element = BLOCKS[block.kind]?.(block, { ...writer, id }) ?? h("p", {}, inline(block.runs));
    if (parent && parent.container.type !== "quote" && element.tagName === "p" && !block.text) return;
    (parent?.element.children ?? root).push(element);
  });
  tighten(root);
  return root;
}

/** Runs as nested inline elements; a link that spans several styles stays one link. */
function inline(runs: readonly Run[]): ElementContent[] {
  const out: ElementContent[] = [];
  let anchor: { run: Run; element: Element } | null = null;
  for (const run of coalesce(runs)) {
    if (!run.text && !run.link) continue;
    if (!run.link) anchor = null;
    else if (!anchor || !sameLink(anchor.run.link, run.link)) {
      anchor = { run, element: h("a", linkProperties(run.link)) };
      out.push(anchor.element);
    }
    (anchor?.element.children ?? out).push(...styled(run));
  }
  return out;
}

/** Neighbours in one style become one: "**a****b**" would not read back. */
function coalesce(runs: readonly Run[]): Run[] {
  const out: Run[] = [];
  for (const run of runs) {
    const last = out.at(-1);
    const same = last && sameLink(last.link, run.link) && last.marks.join() === run.marks.join();
    if (same) out[out.length - 1] = { ...last, text: last.text + run.text };
    else out.push(run);
  }
  return out;
}

function styled(run: Run): ElementContent[] {
  let nodes: ElementContent[] = [];
  run.text.split("\n").forEach((line, i) => {
    if (i) nodes.push(h("br"));
    if (line) nodes.push({ type: "text", value: line });
  });
  for (const mark of INNER_FIRST)
    if (run.marks.includes(mark) && nodes.length) nodes = [h(MARK_TAGS[mark], {}, nodes)];
  return nodes;
}

function linkProperties(link: { href: string; rel?: string }): Properties {
  return link.rel ? { href: link.href, rel: link.rel.split(/\s+/) } : { href: link.href };
}

/** A list item or cell with one paragraph, first and alone of its kind, holds its text directly. */
function tighten(nodes: ElementContent[]): void {
  for (const node of nodes) {
    if (node.type !== "element") continue;
    tighten(node.children);
    if (node.tagName === "tr") continue;
    if (!/^(li|td|th)$/.test(node.tagName)) {
      if (node.tagName === "table") sectionRows(node);
      continue;
    }
    const paragraphs = node.children.filter((child) => child.type === "element" && child.tagName === "p");
    const first = node.children[0];
    if (paragraphs.length === 1 && first?.type === "element" && first.tagName === "p")
      node.children.splice(0, 1, ...first.children);
  }
}

function sectionRows(table: Element): void {
  const isHead = (row: ElementContent) =>
    row.type === "element" &&
    row.children.length > 0 &&
    row.children.every((cell) => cell.type === "element" && cell.tagName === "th");
  const first = table.children[0];
  const head = first && isHead(first) ? [first] : [];
  const body = table.children.slice(head.length);
  table.children = [
    ...(head.length ? [h("thead", {}, head)] : []),
    ...(body.length ? [h("tbody", {}, body)] : []),
  ];
}
