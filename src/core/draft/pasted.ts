/** Cleaning what is pasted: from word processors, web pages and mail to plain, well-formed blocks. */
import type { Element, ElementContent, Root } from "hast";
import rehypeSanitize, { defaultSchema } from "rehype-sanitize";
import { unified } from "unified";
import { SKIP, visit } from "unist-util-visit";
import type { EditorDoc } from "./editorJson";
import { blocksFromHast, plainText } from "./fromHast";
import { parseHtml } from "./fromHtml";
import { blocksToEditor } from "./toEditor";

/** What may come in: no script, style, form or frame, addresses of known schemes only. Embedded pictures may stay as data. */
export const pasteSchema = {
  ...defaultSchema,
  attributes: {
    "*": ["id", "dataBlock", "dataLayout", "dataSide"],
    a: ["href"],
    img: ["src", "dataSrc", "alt", "width", "height", "dataFile"],
    ol: ["start"],
    td: ["colSpan", "rowSpan"],
    th: ["colSpan", "rowSpan"],
    code: [["className", /^language-/]],
    iframe: ["src", "title"],
  } as (typeof defaultSchema)["attributes"],
  // Elements whose text nobody reads: they go with all that is in them.
  strip: ["script", "style", "title", "noscript", "template", "textarea", "select", "svg", "math", "object"],
  clobber: [],
  protocols: {
    href: ["http", "https", "mailto", "tel"],
    src: ["http", "https", "data", "asset"],
    dataSrc: ["http", "https", "data", "asset"],
  },
  tagNames: [
    ...(defaultSchema.tagNames ?? []),
    "figure",
    "figcaption",
    "main",
    "article",
    "header",
    "iframe",
    "nav",
  ],
};
const sanitizer = unified().use(rehypeSanitize, pasteSchema);

/** Removes from a parsed page all that could act. */
export function sanitizeTree(tree: Root): Root {
  return sanitizer.runSync(tree) as Root;
}

/**
 * Cleans pasted HTML.
 *
 * Headings, lists, links, emphasis and tables stay; fonts, colours, empty paragraphs, doubled blanks and no-break spaces go;
 * two line breaks become two paragraphs; list markers that a word processor typed as text become lists.
 *
 * @param html the clipboard's HTML, trusted in nothing
 */
export function cleanPaste(html: string): EditorDoc {
  const tree = parseHtml(html);
  visit(tree, "comment", (_node, index, parent) => {
    parent?.children.splice(index!, 1);
    return [SKIP, index!];
  });
  styleToMarks(tree);
  wordLists(tree);
  doubleBreaks(tree);
  visit(tree, "text", (node) => {
    node.value = node.value.replace(/\u00a0/g, " ");
  });
  return blocksToEditor(blocksFromHast(sanitizeTree(tree)));
}

/** Cleans pasted plain text: a blank line parts paragraphs, single line ends are soft. */
export function cleanPlainPaste(text: string): EditorDoc {
  const paragraphs = text
    .replace(/\r\n?/g, "\n")
    .replace(/\u00a0/g, " ")
    .split(/\n\s*\n|\n(?=\s*[-*•·]\s)/)
    .map((part) => part.trim())
    .filter(Boolean);
  const children = paragraphs.map(
    (value): Element => ({
      type: "element",
      tagName: "p",
      properties: {},
      children: [{ type: "text", value }],
    }),
  );
  return blocksToEditor(blocksFromHast({ type: "root", children }));
}

const styleOf = (node: Element): string => String(node.properties.style ?? "").toLowerCase();

/** Emphasis that is only a style becomes a mark, and a mark that its style takes back goes. */
function styleToMarks(tree: Root): void {
  visit(tree, "element", (node) => {
    const style = styleOf(node);
    if (!style) return;
    const weight = /font-weight\s*:\s*(\w+)/.exec(style)?.[1];
    const italic = /font-style\s*:\s*(\w+)/.exec(style)?.[1];
    if ((node.tagName === "b" || node.tagName === "strong") && (weight === "normal" || weight === "400"))
      node.tagName = "span";
    if ((node.tagName === "i" || node.tagName === "em") && italic === "normal") node.tagName = "span";
    if (node.tagName !== "span") return;
    if (italic === "italic") node.children = [wrap("em", node.children)];
    if (weight === "bold" || Number(weight) >= 600) node.children = [wrap("strong", node.children)];
    if (/text-decoration[^;]*line-through/.test(style)) node.children = [wrap("del", node.children)];
  });
}

const wrap = (tagName: string, children: ElementContent[]): Element => ({
  type: "element",
  tagName,
  properties: {},
  children,
});

/** Paragraphs that carry "mso-list" are list items, their marker typed into a span of its own. */
function wordLists(tree: Root): void {
  visit(tree, "element", (node) => regroup(node));
  regroup(tree);

  function regroup(parent: Root | Element): void {
    const out: ElementContent[] = [];
    let lists: { level: number; list: Element }[] = [];
    for (const child of parent.children as ElementContent[]) {
      const level =
        child.type === "element" && child.tagName === "p"
          ? Number(/mso-list\s*:[^;]*level(\d)/.exec(styleOf(child))?.[1] ?? 0)
          : 0;
      if (!level || child.type !== "element") {
        if (child.type !== "text" || child.value.trim()) lists = [];
        out.push(child);
        continue;
      }
      const marker = takeMarker(child);
      const item = wrap("li", child.children);
      while (lists.length && lists.at(-1)!.level > level) lists.pop();
      const open = lists.at(-1);
      if (open?.level === level) {
        open.list.children.push(item);
        continue;
      }
      const list = wrap(/^[\s(]*[\da-z]{1,3}[.)]/i.test(marker) ? "ol" : "ul", [item]);
      const above = open?.list.children.at(-1);
      if (above?.type === "element") above.children.push(list);
      else out.push(list);
      lists.push({ level, list });
    }
    parent.children = out;
  }
}

function takeMarker(item: Element): string {
  let marker = "";
  visit(item, "element", (node, index, parent) => {
    if (!/mso-list\s*:\s*ignore/.test(styleOf(node))) return;
    marker = plainText(node);
    parent!.children.splice(index!, 1);
    return [SKIP, index!];
  });
  return marker;
}

/** Two breaks in a row are the end of a paragraph. */
function doubleBreaks(tree: Root): void {
  visit(tree, "element", (node, index, parent) => {
    if (node.tagName !== "p" && node.tagName !== "div") return;
    const parts: ElementContent[][] = [[]];
    let breaks = 0;
    for (const child of node.children) {
      if (child.type === "element" && child.tagName === "br") {
        breaks++;
        continue;
      }
      if (child.type === "text" && !child.value.trim() && breaks) continue;
      if (breaks >= 2) parts.push([]);
      else if (breaks === 1) parts.at(-1)!.push(wrap("br", []));
      breaks = 0;
      parts.at(-1)!.push(child);
    }
    if (parts.length < 2 || !parent) return;
    parent.children.splice(index!, 1, ...parts.map((children) => wrap("p", children)));
    return [SKIP, index! + parts.length];
  });
}
