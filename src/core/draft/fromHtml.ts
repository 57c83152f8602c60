/** From an HTML file to a draft: what its head says, and its main content. */
import type { Element, Root, RootContent } from "hast";
import { fromParse5 } from "hast-util-from-parse5";
import { parse } from "parse5";
import { EXIT, SKIP, visit } from "unist-util-visit";
import { plainText } from "../blocks/plainText";
import { slugOf } from "../text/slug";
import type { Draft, DraftMeta } from "./draft";
import { blocksFromHast } from "./fromHast";
import { FURNITURE, type Landmarks, landmarksOf } from "./landmarks";
import { limitDepth, withoutTags } from "./limitDepth";
import { emptyMeta } from "./meta";
import { oneLine } from "./oneLine";
import { TAG, VOID } from "./tags";

/** No places in the source: nobody asks for them, and they cost as much as the parsing. Scripts are off, so that what stands in `noscript` is read. */
const treeOf = (source: string): Root => fromParse5(parse(source, { scriptingEnabled: false })) as Root;

/** A page that says that it is XML: there `<a id="x"/>` is an anchor at its end, and not the beginning of one. */
const IS_XML = /^\s*(?:<\?xml|<!doctype[^>]{0,99}xhtml)/i;
const withEndTags = (source: string): string =>
  source.replace(TAG, (tag: string, _, name: string, ended: string) =>
    ended && !VOID.has(name.toLowerCase()) ? `${tag.slice(0, -2)}></${name}>` : tag,
  );

/** Parses a whole page or a fragment as a browser would (HTML Standard, section 13.2). Never throws on text. */
export function parseHtml(html: string): Root {
  const text = html.replace(/^\uFEFF/, "");
  const source = IS_XML.test(text) ? withEndTags(text) : text;
  try {
    return limitDepth(treeOf(source));
  } catch (error) {
    // Nested beyond what the parser's own recursion can stand: the words are kept, the nesting is not.
    if (error instanceof RangeError) return treeOf(withoutTags(source));
    throw error;
  }
}

/**
 * Reads a page.
 *
 * Content: the first `main`, else the first `article`, else the body without navigation, site header, footer and asides.
 * A first-level heading in a `header` of the content, or outside it where the content has none, is the post's title; the `title`
 * element is the meta title. A page without such a heading has no title
 * of its own: it is rendered without one, or with a first-level heading among its blocks.
 *
 * @param html a document or fragment, trusted in nothing: no script or style of it survives into the draft
 */
export function draftFromHtml(html: string): Draft {
  const root = parseHtml(html);
  const meta = headOf(landmarksOf(root));
  const content = contentOf(root);
  const lifted = liftTitle(root, content);
  const blocks = blocksFromHast(content);
  // A page is shared with its lead picture where it says no other.
  const lead = blocks.find(({ kind }) => kind === "picture");
  if (lead?.kind === "picture" && lead.src === meta.socialPicture) meta.socialPicture = "";
  meta.title = lifted ?? "";
  return { meta, blocks, headingIds: "explicit" };
}

/** What a page's head says of it: everything but the title that it shows. */
export function headOf({ elements }: Landmarks): DraftMeta {
  const meta: DraftMeta = { ...emptyMeta, supporting: [], tags: [] };
  let suffix = "";
  let seenTitle = false;
  for (const { node, inDrawing } of elements) {
    if (inDrawing) continue;
    const { tagName, properties: p } = node;
    if (tagName === "html") meta.language = String(p.lang ?? "").trim() || meta.language;
    else if (tagName === "title" && !seenTitle) {
      seenTitle = true;
      meta.metaTitle = oneLine(plainText({ ...node, tagName: "span" }));
      suffix = String(p.dataSuffix ?? "");
    } else if (tagName === "link") {
      const relations = String(p.rel ?? "").split(/[\s,]+/);
      if (relations.includes("canonical")) meta.canonical ||= String(p.href ?? "").trim();
    } else if (tagName === "meta" && p.dataUpload === undefined)
      // Where an embedded picture is to be put is no picture of the post's own.
      readMeta(meta, String(p.name ?? p.property ?? "").toLowerCase(), oneLine(String(p.content ?? "")));
  }
  if (suffix && meta.metaTitle.endsWith(suffix.trimEnd())) {
    meta.metaTitle = meta.metaTitle.slice(0, meta.metaTitle.length - suffix.trimEnd().length);
    meta.titleSuffix = suffix;
  }
  meta.slug = slugOf(meta.canonical);
  return meta;
}

function readMeta(meta: DraftMeta, name: string, content: string): void {
  if (!content) return;
  switch (name) {
    case "description":
      meta.description ||= content;
      break;
    case "author":
      meta.author ||= content;
      break;
    case "og:image":
      if (/^https?:/i.test(content)) meta.socialPicture ||= content;
      break;
    case "article:section":
      meta.category ||= content;
      break;
    case "article:tag":
      meta.tags.push(content);
      break;
    case "article:published_time":
      meta.date ||= content.slice(0, 10);
      break;
    case "keywords": {
      // The first is the target keyword, the others support it: as our own export writes them.
      const [first = "", ...others] = content
        .split(",")
        .map((k) => k.trim())
        .filter(Boolean);
      meta.keyword ||= first;
      if (!meta.supporting.length) meta.supporting = others;
      break;
    }
  }
}

function find(root: Root | Element, test: (node: Element) => boolean): Element | undefined {
  let main: Element | undefined;
  visit(root, "element", (node) => {
    if (node.tagName === "template" || node.tagName === "svg") return SKIP;
    if (!test(node)) return;
    main = node;
    return EXIT;
  });
  return main;
}

function contentOf(root: Root): Root | Element {
  const main =
    find(root, (n) => n.tagName === "main" || n.properties.role === "main") ??
    find(root, (n) => n.tagName === "article");
  if (main) return main;
  const body = find(root, (n) => n.tagName === "body") ?? root;
  const rest = (body.children as RootContent[]).filter(
    (n) => n.type !== "element" || !FURNITURE.has(n.tagName),
  );
  return { type: "root", children: rest };
}

/** Takes the title's heading out of the tree where it is page furniture, and returns its text. */
function liftTitle(root: Root, content: Root | Element): string | null {
  let text: string | null = null;
  let headings = 0;
  visit(content, "element", (node) => {
    if (node.tagName === "h1") headings++;
  });
  // With two first-level headings in the content, neither is furniture: the page has two, and must be seen to have them.
  if (headings > 1) return null;
  const scope = headings === 0 ? root : content;
  visit(scope, "element", (node) => {
    if (FURNITURE.has(node.tagName)) return SKIP;
    if (headings > 0 && node.tagName !== "header") return;
    const at = node.children.findIndex((child) => child.type === "element" && child.tagName === "h1");
    if (at < 0) return;
    text = oneLine(plainText(node.children[at]!));
    node.children.splice(at, 1);
    return EXIT;
  });
  return text;
}
