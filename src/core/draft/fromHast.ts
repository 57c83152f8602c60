/**
 * From a parsed HTML tree to draft blocks. One handler an element, as the kinds of blocks have them; an element that nobody handles is seen
 * through. Text outside any block becomes a paragraph, as a browser would lay it out (CSS 2.2, section 9.2.1.1).
 */
import type { Element, Properties } from "hast";
import { byName } from "../blocks/byName";
import type { HtmlHandler, HtmlPlace, HtmlReader } from "../blocks/kind";
import { type HtmlNode, plainText, SKIPPED } from "../blocks/plainText";
import { cleanAddress, normaliseRuns, withMark } from "../blocks/runs";
import { kindIn } from "../blocks/text/text";
import type { Block, Link, Mark, Run } from "./draft";

const BLOCKS = new Set(
  "address article aside blockquote body center dd details dialog div dl dt fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hgroup hr html li main menu ol p pre section summary table tbody td tfoot th thead tr ul caption iframe video audio embed img picture".split(
    " ",
  ),
);
const MARKS: Record<string, Mark> = {
  b: "bold",
  strong: "bold",
  i: "italic",
  em: "italic",
  s: "strike",
  del: "strike",
  strike: "strike",
  code: "code",
  kbd: "code",
  samp: "code",
  tt: "code",
};

const lineBreak: HtmlHandler = (_node, place, reader) => reader.line("\n", place);
const ELEMENTS: Readonly<Record<string, HtmlHandler | undefined>> = {
  ...byName(({ fromHtml }) => fromHtml),
  br: lineBreak,
};
/** What HTML has no element for is told apart by `data-block`, as toHast writes it. */
const MARKED = byName(({ fromMarkedHtml }) => fromMarkedHtml);

/**
 * Reads the blocks of a tree.
 *
 * @param root any node of a hast tree; its own element is seen through
 * @returns blocks in reading order; never throws, whatever the nesting (depth is bounded by the parser, and by MAX_DEPTH here)
 */
export const blocksFromHast = (root: HtmlNode): Block[] => {
  const reader = new Reader(0);
  return reader.read(root);
};

const MAX_DEPTH = 400;

class Reader implements HtmlReader {
  blocks: Block[] = [];
  private inline: Run[] = [];
  /** Ids met since the last block; they belong to the next one. */
  private ids: string[] = [];
  private nextId = 1;
  /** Inside a heading: text stays together, whatever blocks stand in between. */
  private together = false;

  /** @param depth elements around what is read */
  constructor(private depth: number) {}

  read(root: HtmlNode): Block[] {
    const place: HtmlPlace = { within: [], marks: [] };
    if ("children" in root) this.children(root.children, place);
    this.flush(place);
    const tail = this.blocks.at(-1);
    if (this.ids.length && tail) tail.ids = [...(tail.ids ?? []), ...this.ids];
    return this.blocks;
  }

  children(nodes: readonly HtmlNode[], place: HtmlPlace): void {
    if (this.depth >= MAX_DEPTH) {
      this.line(nodes.map(plainText).join(" "), place);
      return;
    }
    this.depth++;
    for (const node of nodes) this.visit(node, place);
    this.depth--;
  }

  visit(node: HtmlNode, place: HtmlPlace): void {
    if (node.type === "text") {
      this.line(node.value.replace(/[\n\r]/g, " "), place);
      return;
    }
    if (node.type !== "element") return;
    const marked = MARKED[String(node.properties.dataBlock ?? "")];
    if (marked) {
      marked(node, place, this);
      return;
    }
    if (SKIPPED.has(node.tagName)) return;
    if (!BLOCKS.has(node.tagName)) this.keepId(node);
    const handler = Object.hasOwn(ELEMENTS, node.tagName) ? ELEMENTS[node.tagName] : undefined;
    if (handler) {
      handler(node, place, this);
      return;
    }
    if (BLOCKS.has(node.tagName)) {
      this.block(node, place);
      return;
    }
    const inner: HtmlPlace = { ...place };
    const mark = MARKS[node.tagName];
    if (mark) inner.marks = withMark(place.marks, mark);
    if (node.tagName === "a" && node.properties.href !== undefined) inner.link = linkOf(node.properties);
    const before = this.inline.length;
    this.children(node.children, inner);
    // A link with nothing in it is still a link that somebody meets: kept as an empty run.
    if (inner.link && node.tagName === "a" && !hasContent(node) && this.inline.length === before)
      this.inline.push({ text: "", marks: [], link: inner.link });
  }

  /** A block-level element that is nothing in itself: what stands before it ends, and it ends with itself. */
  block(node: Element, place: HtmlPlace): void {
    this.flush(place);
    this.keepId(node);
    this.children(node.children, place);
    this.flush(place);
  }

  inside(node: Element, container: HtmlPlace["within"][number], place: HtmlPlace): void {
    this.block(node, { ...place, within: [...place.within, container] });
  }

  /** A caption is one line of text: its blocks, if any, are joined. */
  caption(node: Element): { text: string; runs: Run[] } {
    const parts = new Reader(this.depth).read({ type: "root", children: node.children });
    const runs = parts.flatMap((part, i) =>
      i && part.runs.length ? [{ text: " ", marks: [] }, ...part.runs] : part.runs,
    );
    return normaliseRuns(runs);
  }

  held(node: Element, place: HtmlPlace): { text: string; runs: Run[]; blocks: Block[] } {
    const outer = this.blocks;
    this.blocks = [];
    this.together = true;
    this.children(node.children, place);
    this.together = false;
    const { blocks } = this;
    this.blocks = outer;
    const { text, runs } = normaliseRuns(this.inline);
    this.inline = [];
    return { text, runs, blocks };
  }

  /** Ends the open paragraph. Its kind is that of the nearest container. */
  flush(place: HtmlPlace): void {
    if (!this.inline.length || this.together) return;
    const emptyLink = this.inline.find((run) => run.link && !run.text);
    const { text, runs } = normaliseRuns(this.inline);
    this.inline = [];
    if (emptyLink) runs.push({ ...emptyLink });
    if (!text && !emptyLink) return;
    this.push({ kind: kindIn(place.within), text, runs, within: place.within });
  }

  push(block: Parameters<HtmlReader["push"]>[0]): void {
    const full = { id: this.fresh("b"), ...block } as unknown as Block;
    if (this.ids.length) {
      full.ids = this.ids;
      this.ids = [];
    }
    this.blocks.push(full);
  }

  line(text: string, place: HtmlPlace): void {
    if (!text) return;
    const run: Run = { text, marks: place.marks };
    if (place.link) run.link = place.link;
    this.inline.push(run);
  }

  keepId(node: Element): void {
    const id = node.properties.id;
    if (typeof id === "string" && id) this.ids.push(id);
    const name = node.tagName === "a" ? node.properties.name : undefined;
    if (typeof name === "string" && name && name !== id) this.ids.push(name);
  }

  fresh(prefix: string): string {
    return `${prefix}${this.nextId++}`;
  }
}

function linkOf(properties: Properties): Link {
  const link: Link = { href: cleanAddress(String(properties.href ?? "")) };
  const rel = Array.isArray(properties.rel) ? properties.rel.join(" ") : "";
  if (rel) link.rel = rel;
  return link;
}

function hasContent(node: Element): boolean {
  return node.children.some((child) =>
    child.type === "element"
      ? child.tagName === "img" || hasContent(child)
      : child.type === "text" && child.value.trim() !== "",
  );
}
