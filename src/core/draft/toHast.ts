/** From draft blocks back to an HTML tree: the nesting is rebuilt from the paths that neighbours share. */
import type { Element, ElementContent, Properties } from "hast";
import { objectPosition } from "../pictures/focus";
import { mayPass } from "../safety/addresses";
import type { Block, Container, Mark, PictureBlock, Run } from "./draft";
import { derivedHeadingIds } from "./headingIds";
import { sameLink } from "./runs";

export interface HastOptions {
  /** Give headings ids from their text. */
  headingIds: boolean;
  /** Address to write for a picture; the draft's own where absent. */
  pictureSrc?: (picture: Pick<PictureBlock, "src">) => string;
  /** Write the file's name beside the address: embedded pictures have no other place for it. */
  keepFileNames?: boolean;
  /** Say by style which part of a picture stays in sight: for pages that stand alone. */
  focusStyles?: boolean;
}

const MARK_TAGS: Record<Mark, string> = { bold: "strong", italic: "em", strike: "del", code: "code" };
const INNER_FIRST: readonly Mark[] = ["code", "strike", "italic", "bold"];

export function blocksToHast(blocks: readonly Block[], options: HastOptions): ElementContent[] {
  const ids = options.headingIds ? derivedHeadingIds(blocks) : null;
  const root: ElementContent[] = [];
  let open: { container: Container; element: Element }[] = [];
  blocks.forEach((block, i) => {
    let shared = 0;
    while (shared < open.length && open[shared]!.container.id === block.within[shared]?.id) shared++;
    open = open.slice(0, shared);
    for (const container of block.within.slice(shared)) {
      const element = containerElement(container);
      (open.at(-1)?.element.children ?? root).push(element);
      open.push({ container, element });
    }
    const parent = open.at(-1);
    const made =
      block.kind === "contents"
        ? contentsElement(blocks, ids)
        : blockElement(block, ids?.get(i) ?? block.ids?.[0], options);
    if (parent && parent.container.type !== "quote" && made.tagName === "p" && !block.text) return;
    (parent?.element.children ?? root).push(made);
  });
  tighten(root);
  return root;
}

function containerElement(container: Container): Element {
  switch (container.type) {
    case "list":
      return element(
        container.ordered ? "ol" : "ul",
        container.ordered && container.start !== 1 ? { start: container.start } : {},
      );
    case "item":
      return element("li");
    case "quote":
      return element("blockquote", container.pull ? { dataBlock: "pull" } : {});
    case "note":
      return element("div", { dataBlock: "note", role: "note" });
    case "gallery":
      return element("div", { dataBlock: "gallery", dataLayout: container.layout });
    case "faq":
      return element("section", { dataBlock: "faq" });
    case "pair":
      return element("div", { dataBlock: "pair" });
    case "table":
      return element("table");
    case "row":
      return element("tr");
    case "cell": {
      const properties: Properties = {};
      if (container.colspan > 1) properties.colSpan = container.colspan;
      if (container.rowspan > 1) properties.rowSpan = container.rowspan;
      return element(container.header ? "th" : "td", properties);
    }
  }
}

/** A player needs its scripts and its own storage; it may neither lead the page elsewhere nor send its forms. */
const SANDBOX = ["allow-scripts", "allow-same-origin", "allow-popups", "allow-presentation"];

function blockElement(block: Block, id: string | undefined, options: HastOptions): Element {
  switch (block.kind) {
    case "heading":
      return element(`h${block.level}`, id ? { id } : {}, inline(block.runs));
    case "code":
      return element("pre", {}, [
        element("code", block.language ? { className: [`language-${block.language}`] } : {}, [
          { type: "text", value: `${block.text}\n` },
        ]),
      ]);
    case "picture":
      return pictureElement(block, options);
    case "embed":
      return element("iframe", {
        // What is not on the list of what may pass is shown by nobody.
        ...(mayPass(block.href, "embed") && { src: block.href }),
        sandbox: SANDBOX,
        title: block.label || "Embedded content",
        loading: "lazy",
        ...(block.poster && { dataPoster: options.pictureSrc?.({ src: block.poster }) ?? block.poster }),
      });
    case "button":
      return element("p", { dataBlock: "button" }, [
        element("a", linkProperties({ href: block.href }), inline(block.runs.map(withoutLink))),
      ]);
    case "divider":
      return element("hr");
    default:
      return element("p", {}, inline(block.runs));
  }
}

/** Headings of the second and third level, as links to their places where they have any. */
function contentsElement(blocks: readonly Block[], ids: ReadonlyMap<number, string> | null): Element {
  const lines = blocks.flatMap((block, i) => {
    if (block.kind !== "heading" || block.level < 2 || block.level > 3 || !block.text) return [];
    const id = ids?.get(i);
    const line: ElementContent[] = [{ type: "text", value: block.text }];
    return [element("li", { dataLevel: block.level }, id ? [element("a", { href: `#${id}` }, line)] : line)];
  });
  return element("nav", { dataBlock: "contents" }, lines.length ? [element("ul", {}, lines)] : []);
}

const withoutLink = ({ link: _link, ...run }: Run): Run => run;

function pictureElement(block: PictureBlock, options: HastOptions): Element {
  const properties: Properties = { src: options.pictureSrc?.(block) ?? block.src };
  if (block.decorative) properties.alt = "";
  else if (block.alt !== null) properties.alt = block.alt;
  if (block.width) properties.width = block.width;
  if (block.height) properties.height = block.height;
  if (options.focusStyles && block.focus) properties.style = `object-position:${objectPosition(block.focus)}`;
  if (options.keepFileNames && block.fileName) properties.dataFile = block.fileName;
  let image: Element = element("img", properties);
  if (block.link) image = element("a", linkProperties(block.link), [image]);
  const place: Properties = {};
  if (block.side !== "line") place.dataSide = block.side;
  if (block.focus) place.dataFocus = block.focus;
  return element(
    "figure",
    place,
    block.text ? [image, element("figcaption", {}, inline(block.runs))] : [image],
  );
}

/** Runs as nested inline elements; a link that spans several styles stays one link. */
function inline(runs: readonly Run[]): ElementContent[] {
  const out: ElementContent[] = [];
  let anchor: { run: Run; element: Element } | null = null;
  for (const run of coalesce(runs)) {
    if (!run.text && !run.link) continue;
    if (!run.link) anchor = null;
    else if (!anchor || !sameLink(anchor.run.link, run.link)) {
      anchor = { run, element: element("a", linkProperties(run.link)) };
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
    if (i) nodes.push(element("br"));
    if (line) nodes.push({ type: "text", value: line });
  });
  for (const mark of INNER_FIRST)
    if (run.marks.includes(mark) && nodes.length) nodes = [element(MARK_TAGS[mark], {}, nodes)];
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
    ...(head.length ? [element("thead", {}, head)] : []),
    ...(body.length ? [element("tbody", {}, body)] : []),
  ];
}

export function element(
  tagName: string,
  properties: Properties = {},
  children: ElementContent[] = [],
): Element {
  return { type: "element", tagName, properties, children };
}
