/**
 * From a parsed HTML tree to draft blocks. One handler an element; an element that nobody handles is seen through.
 * Text outside any block becomes a paragraph, as a browser would lay it out (CSS 2.2, section 9.2.1.1).
 */
import type { Element, ElementContent, Properties, Root, RootContent } from "hast";
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
  type Picture,
  type Run,
} from "./draft";
import { cleanAddress, normaliseRuns, withMark } from "./runs";

interface Place {
  within: readonly Container[];
  marks: readonly Mark[];
  link?: Link;
}

interface Reader {
  blocks: Block[];
  inline: Run[];
  /** Ids met since the last block; they belong to the next one. */
  ids: string[];
  nextId: number;
  /** Inside a heading: text stays together, whatever blocks stand in between. */
  held: boolean;
  /** Elements around the one that is read. */
  depth: number;
}

type Node = Root | RootContent | ElementContent;
type Handler = (node: Element, place: Place, reader: Reader) => void;

/** Elements whose text is no part of what is read. Form controls and site furniture among them. */
const SKIPPED = new Set(
  "script style template noscript head nav button input select textarea option datalist svg math canvas object map area dialog meta link title base colgroup col".split(
    " ",
  ),
);
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

const handlers: Record<string, Handler> = {
  p: paragraph,
  h1: heading,
  h2: heading,
  h3: heading,
  h4: heading,
  h5: heading,
  h6: heading,
  ul: list,
  ol: list,
  menu: list,
  li: (node, place, reader) =>
    list({ ...node, tagName: "ul", properties: {}, children: [node] }, place, reader),
  blockquote: (node, place, reader) =>
    inside(node, { type: "quote", id: fresh(reader, "q"), pull: kindOf(node) === "pull" }, place, reader),
  pre: code,
  table,
  hr: (node, place, reader) => {
    block({ ...node, children: [] }, place, reader);
    push(reader, { kind: "divider", runs: [], text: "", within: place.within });
  },
  img: picture,
  picture: (node, place, reader) => {
    for (const child of node.children) if (isElement(child, "img")) picture(child, place, reader);
  },
  figure,
  iframe: embed,
  video: embed,
  audio: embed,
  embed,
  br: (_node, place, reader) => inlineText("\n", place, reader),
};

/** What HTML has no element for is told apart by `data-block`, as toHast writes it. */
const blockHandlers: Record<string, Handler> = {
  note: (node, place, reader) => inside(node, { type: "note", id: fresh(reader, "n") }, place, reader),
  faq: (node, place, reader) => inside(node, { type: "faq", id: fresh(reader, "f") }, place, reader),
  pair: (node, place, reader) => inside(node, { type: "pair", id: fresh(reader, "p") }, place, reader),
  gallery: (node, place, reader) =>
    inside(
      node,
      {
        type: "gallery",
        id: fresh(reader, "g"),
        layout: oneOf(GALLERY_LAYOUTS, node.properties.dataLayout),
      },
      place,
      reader,
    ),
  button,
  contents: (node, place, reader) => {
    block({ ...node, children: [] }, place, reader);
    push(reader, { kind: "contents", runs: [], text: "", within: place.within });
  },
};
const kindOf = ({ properties }: Element): string => String(properties.dataBlock ?? "");

/**
 * Reads the blocks of a tree.
 *
 * @param root any node of a hast tree; its own element is seen through
 * @returns blocks in reading order; never throws, whatever the nesting (depth is bounded by the parser, and by MAX_DEPTH here)
 */
export const blocksFromHast = (root: Node): Block[] => readBlocks(root, 0);

/** @param depth elements around the root */
function readBlocks(root: Node, depth: number): Block[] {
  const reader: Reader = { blocks: [], inline: [], ids: [], nextId: 1, held: false, depth };
  const place: Place = { within: [], marks: [] };
  if ("children" in root) children(root.children, place, reader);
  flush(reader, place);
  const tail = reader.blocks.at(-1);
  if (reader.ids.length && tail) tail.ids = [...(tail.ids ?? []), ...reader.ids];
  return reader.blocks;
}

const MAX_DEPTH = 400;

function children(nodes: readonly Node[], place: Place, reader: Reader): void {
  if (reader.depth >= MAX_DEPTH) {
    inlineText(nodes.map(plainText).join(" "), place, reader);
    return;
  }
  reader.depth++;
  for (const node of nodes) visit(node, place, reader);
  reader.depth--;
}

function visit(node: Node, place: Place, reader: Reader): void {
  if (node.type === "text") {
    inlineText(node.value.replace(/[\n\r]/g, " "), place, reader);
    return;
  }
  if (node.type !== "element") return;
  const special = Object.hasOwn(blockHandlers, kindOf(node)) ? blockHandlers[kindOf(node)] : undefined;
  if (special) {
    special(node, place, reader);
    return;
  }
  if (SKIPPED.has(node.tagName)) return;
  if (!BLOCKS.has(node.tagName)) keepId(node, reader);
  const handler = handlers[node.tagName];
  if (handler) {
    handler(node, place, reader);
    return;
  }
  if (BLOCKS.has(node.tagName)) {
    block(node, place, reader);
    return;
  }
  const inner: Place = { ...place };
  const mark = MARKS[node.tagName];
  if (mark) inner.marks = withMark(place.marks, mark);
  if (node.tagName === "a" && node.properties.href !== undefined) inner.link = linkOf(node.properties);
  const before = reader.inline.length;
  children(node.children, inner, reader);
  // A link with nothing in it is still a link that somebody meets: kept as an empty run.
  if (inner.link && node.tagName === "a" && !hasContent(node) && reader.inline.length === before) {
    reader.inline.push({ text: "", marks: [], link: inner.link });
  }
}

/** A block-level element that is nothing in itself: what stands before it ends, and it ends with itself. */
function block(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  children(node.children, place, reader);
  flush(reader, place);
}

function inside(node: Element, container: Container, place: Place, reader: Reader): void {
  block(node, { ...place, within: [...place.within, container] }, reader);
}

function button(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const link = node.children.find((child): child is Element => isElement(child, "a"));
  const { text, runs } = captionRuns(node, reader.depth);
  const href = cleanAddress(String(link?.properties.href ?? ""));
  push(reader, { kind: "button", href, text, runs, within: place.within });
}

function paragraph(node: Element, place: Place, reader: Reader): void {
  block(node, place, reader);
}

function heading(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const outer = reader.blocks;
  reader.blocks = [];
  reader.held = true;
  children(node.children, place, reader);
  reader.held = false;
  const pictures = reader.blocks;
  reader.blocks = outer;
  const { text, runs } = normaliseRuns(reader.inline);
  reader.inline = [];
  push(reader, {
    kind: "heading",
    level: Number(node.tagName[1]) as HeadingLevel,
    text,
    runs,
    within: place.within,
  });
  // Blocks inside a heading (a picture, most often) follow it.
  reader.blocks.push(...pictures);
}

function list(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const start = Number(node.properties.start ?? 1);
  const container: Container = {
    type: "list",
    id: fresh(reader, "l"),
    ordered: node.tagName === "ol",
    start: Number.isSafeInteger(start) ? start : 1,
  };
  for (const child of node.children) {
    if (child.type !== "element") continue;
    const item: Container = { type: "item", id: fresh(reader, "i") };
    const inner: Place = { ...place, within: [...place.within, container, item] };
    if (child.tagName === "li") block(child, inner, reader);
    // Lists directly in lists are invalid and common; they hang on the item before, or on one of their own.
    else visit(child, inner, reader);
  }
  flush(reader, place);
}

function code(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const inner = node.children.find((child): child is Element => isElement(child, "code"));
  const classes = inner?.properties.className;
  const language = (Array.isArray(classes) ? classes : [])
    .map(String)
    .find((name) => name.startsWith("language-"));
  const { text, runs } = normaliseRuns([{ text: plainText(node).replace(/\n$/, ""), marks: [] }], true);
  push(reader, {
    kind: "code",
    language: language?.slice("language-".length) ?? "",
    text,
    runs,
    within: place.within,
  });
}

function table(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const container: Container = { type: "table", id: fresh(reader, "t") };
  const within = [...place.within, container];
  const rows = (parent: Element): void => {
    for (const child of parent.children) {
      if (child.type !== "element") continue;
      if (child.tagName === "caption") block(child, place, reader);
      else if (/^(thead|tbody|tfoot)$/.test(child.tagName)) rows(child);
      else if (child.tagName === "tr") row(child, { ...place, within }, reader);
    }
  };
  rows(node);
  flush(reader, place);
}

function row(node: Element, place: Place, reader: Reader): void {
  const container: Container = { type: "row", id: fresh(reader, "r") };
  for (const child of node.children) {
    if (!isElement(child, "td") && !isElement(child, "th")) continue;
    const cell: Container = {
      type: "cell",
      id: fresh(reader, "c"),
      header: child.tagName === "th",
      colspan: span(child.properties.colSpan),
      rowspan: span(child.properties.rowSpan),
    };
    const inner: Place = { ...place, within: [...place.within, container, cell] };
    const before = reader.blocks.length;
    block(child, inner, reader);
    // An empty cell holds its column open.
    if (reader.blocks.length === before)
      push(reader, { kind: "cell", text: "", runs: [], within: inner.within });
  }
}

function span(value: unknown): number {
  const n = Number(value ?? 1);
  return Number.isSafeInteger(n) && n >= 1 && n <= 1000 ? n : 1;
}

function figure(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const captionNode = node.children.find((child): child is Element => isElement(child, "figcaption"));
  const before = reader.blocks.length;
  children(
    node.children.filter((child) => child !== captionNode),
    place,
    reader,
  );
  flush(reader, place);
  for (const made of reader.blocks.slice(before))
    if (made.kind === "picture") {
      made.side = oneOf(PICTURE_SIDES, node.properties.dataSide);
      made.focus = readFocus(node.properties.dataFocus);
    }
  if (!captionNode) return;
  const last = reader.blocks.at(-1);
  if (reader.blocks.length > before && last?.kind === "picture" && !last.text) {
    const caption = captionRuns(captionNode, reader.depth);
    last.text = caption.text;
    last.runs = caption.runs;
  } else {
    block(captionNode, place, reader);
  }
}

/** A caption is one line of text: its blocks, if any, are joined. */
function captionRuns(node: Element, depth: number): { text: string; runs: Run[] } {
  const parts = readBlocks({ type: "root", children: node.children }, depth);
  const runs = parts.flatMap((part, i) =>
    i && part.runs.length ? [{ text: " ", marks: [] }, ...part.runs] : part.runs,
  );
  return normaliseRuns(runs);
}

/** Pages that load their pictures late keep the address in data-src, and so does the editor's clipboard. */
function picture(node: Element, place: Place, reader: Reader): void {
  const { properties } = node;
  const src = cleanAddress(String(properties.src || properties.dataSrc || ""));
  if (!src && properties.alt === undefined) return;
  flush(reader, place);
  keepId(node, reader);
  // Blanks alone are neither a description nor the empty text that marks decoration.
  const alt =
    typeof properties.alt === "string"
      ? collapse(properties.alt) || (properties.alt === "" ? "" : null)
      : null;
  const made: Picture = {
    src,
    fileName: fileNameOf(properties, src),
    alt,
    decorative: alt === "" || /^(presentation|none)$/.test(String(properties.role ?? "")),
    bytes: dataBytes(src),
    width: size(properties.width),
    height: size(properties.height),
    side: "line",
    focus: null,
  };
  if (place.link) made.link = place.link;
  push(reader, { kind: "picture", text: "", runs: [], within: place.within, ...made });
}

function embed(node: Element, place: Place, reader: Reader): void {
  flush(reader, place);
  keepId(node, reader);
  const source = node.children.find((child): child is Element => isElement(child, "source"));
  const href = cleanAddress(String(node.properties.src ?? source?.properties.src ?? ""));
  if (!href) return;
  push(reader, {
    kind: "embed",
    href,
    label: collapse(String(node.properties.title ?? "")),
    poster: cleanAddress(String(node.properties.dataPoster ?? node.properties.poster ?? "")),
    text: "",
    runs: [],
    within: place.within,
  });
}

/** Ends the open paragraph. Its kind is that of the nearest container. */
function flush(reader: Reader, place: Place): void {
  if (!reader.inline.length || reader.held) return;
  const emptyLink = reader.inline.find((run) => run.link && !run.text);
  const { text, runs } = normaliseRuns(reader.inline);
  reader.inline = [];
  if (emptyLink) runs.push({ ...emptyLink });
  if (!text && !emptyLink) return;
  push(reader, { kind: kindIn(place.within), text, runs, within: place.within });
}

/** What a stretch of text is by where it stands. */
export function kindIn(within: readonly Container[]): "paragraph" | "listItem" | "quote" | "cell" {
  switch (within.at(-1)?.type) {
    case "item":
      return "listItem";
    case "quote":
      return "quote";
    case "cell":
      return "cell";
    default:
      return "paragraph";
  }
}

type WithoutId<T> = T extends unknown ? Omit<T, "id" | "ids"> : never;

function push(reader: Reader, made: WithoutId<Block>): void {
  const full = { id: fresh(reader, "b"), ...made } as Block;
  if (reader.ids.length) {
    full.ids = reader.ids;
    reader.ids = [];
  }
  reader.blocks.push(full);
}

function inlineText(text: string, place: Place, reader: Reader): void {
  if (!text) return;
  const run: Run = { text, marks: place.marks };
  if (place.link) run.link = place.link;
  reader.inline.push(run);
}

function keepId(node: Element, reader: Reader): void {
  const id = node.properties.id;
  if (typeof id === "string" && id) reader.ids.push(id);
  const name = node.tagName === "a" ? node.properties.name : undefined;
  if (typeof name === "string" && name && name !== id) reader.ids.push(name);
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

/** All text below a node, line breaks as \n. */
export function plainText(node: Node): string {
  let text = "";
  const stack: Node[] = [node];
  for (let next = stack.pop(); next; next = stack.pop()) {
    if (next.type === "text") text += next.value;
    else if (next.type === "element" && next.tagName === "br") text += "\n";
    else if ("children" in next && !(next.type === "element" && SKIPPED.has(next.tagName))) {
      for (let i = next.children.length - 1; i >= 0; i--) stack.push(next.children[i] as Node);
    }
  }
  return text;
}

function isElement(node: Node, tagName: string): node is Element {
  return node.type === "element" && node.tagName === tagName;
}

function collapse(text: string): string {
  return text
    .toWellFormed()
    .replace(/[ \t\r\n\f]+/g, " ")
    .trim();
}

function size(value: unknown): number | null {
  const n = Number(value);
  return value !== undefined && Number.isFinite(n) && n > 0 ? Math.round(n) : null;
}

/** Name of the file behind an address; embedded pictures carry theirs in data-file. */
function fileNameOf(properties: Properties, src: string): string {
  if (typeof properties.dataFile === "string" && properties.dataFile) return properties.dataFile;
  if (/^(data|blob):/i.test(src)) return "";
  const path = src.split(/[?#]/)[0]!.replace(/\\/g, "/");
  const name = path.slice(path.lastIndexOf("/") + 1);
  try {
    return decodeURIComponent(name);
  } catch {
    return name;
  }
}

/** Size of the file inside a base64 data: address (RFC 2397); null for any other address. */
function dataBytes(src: string): number | null {
  const comma = src.startsWith("data:") ? src.indexOf(",") : -1;
  if (comma < 0 || !/;base64$/i.test(src.slice(0, comma).trim())) return null;
  const padding = src.endsWith("==") ? 2 : src.endsWith("=") ? 1 : 0;
  return Math.max(0, Math.floor(((src.length - comma - 1) * 3) / 4) - padding);
}

function fresh(reader: Reader, prefix: string): string {
  return `${prefix}${reader.nextId++}`;
}
