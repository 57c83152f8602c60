/** A competing page: its main content as a draft, and what its head says of it. */
import type { Element, Root, RootContent } from "hast";
import { plainText } from "../blocks/plainText";
import type { Block } from "../draft/draft";
import { blocksFromHast } from "../draft/fromHast";
import { headOf, parseHtml } from "../draft/fromHtml";
import { FURNITURE, type Landmarks, landmarksOf } from "../draft/landmarks";
import { oneLine } from "../draft/oneLine";
import { perText } from "../once";
import { foldPlain } from "../text/fold";
import { extracted } from "./extract";
import type { CompetitorPage } from "./pageShape";

export type { CompetitorPage } from "./pageShape";

/** Structured data nested deeper is no data of ours. */
const DEEPEST = 12;

/**
 * Reads a page: main content without menus, footers, notices and asides, and what the head says.
 *
 * The main content is what the extractor takes (see extract.ts), or the page's own `main` or `article` where the extractor
 * took less than half of its words.
 *
 * @param html the page's source; trusted in nothing, and nothing of it runs
 * @param address where it was read, so that its relative links can be told apart
 * @param language what the page is taken to be written in where it does not say
 */
export function readPage(html: string, address: string, language = "en"): CompetitorPage {
  const root = parseHtml(html);
  const landmarks = landmarksOf(root);
  const meta = headOf(landmarks);
  const seen = furtherHead(landmarks);
  const declared = declaredContent(root, landmarks);
  const taken = extracted(root, landmarks);
  const blocks = better(taken && blocksFromHast(taken), blocksFromHast(declared.content), declared.marked);
  const h1s = firstLevel(landmarks);
  const site = seen.site || (URL.canParse(address) ? new URL(address).host : "");
  const title = h1s.length === 1 ? h1s[0]! : "";
  return {
    address,
    site,
    title: meta.metaTitle,
    description: meta.description,
    canonical: meta.canonical,
    language: seen.language || language,
    author: meta.author || seen.author,
    published: seen.published || meta.date,
    modified: seen.modified,
    types: seen.types,
    draft: {
      meta: {
        ...meta,
        title,
        // A page's own list of keywords is no target of ours.
        keyword: "",
        supporting: [],
        language: seen.language || language,
        canonical: meta.canonical || (URL.canParse(address) ? address : ""),
        slug: meta.slug || lastOfPath(address),
      },
      blocks: withFirstLevel(blocks, h1s).map(withoutLinkSign),
      headingIds: "explicit",
    },
  };
}

const lastOfPath = (address: string): string =>
  URL.canParse(address)
    ? (new URL(address).pathname.split("/").filter(Boolean).at(-1) ?? "").replace(/\.x?html?$/i, "")
    : "";

/** Elements whose content never belongs to what is read, beside the furniture. */
const APART = new Set(["form", "dialog", "template", "svg", "iframe"]);
const AROUND =
  /(?:^|[-_ ])(?:cookies?|consent|share|sharing|social|newsletter|breadcrumbs?|related|comments?|sidebar|menu|pagination)(?:$|[-_ ])/i;

/** What the page itself marks as its content, `main` or a single `article`, or else its body; without furniture. */
function declaredContent(root: Root, { elements }: Landmarks): { content: Root; marked: boolean } {
  const mains: Element[] = [];
  const articles: Element[] = [];
  let body: Element | undefined;
  for (const { node, inTemplate } of elements) {
    if (inTemplate) continue;
    if (node.tagName === "body") body = node;
    if (node.tagName === "main" || node.properties.role === "main") mains.push(node);
    if (node.tagName === "article") articles.push(node);
  }
  const marked = mains[0] ?? (articles.length === 1 ? articles[0] : undefined);
  const from = marked ?? body ?? root;
  return {
    content: { type: "root", children: pruned(from.children as RootContent[], !marked) },
    marked: marked !== undefined,
  };
}

function pruned(children: readonly RootContent[], outermost: boolean): RootContent[] {
  return children.flatMap((node): RootContent[] => {
    if (node.type !== "element") return [node];
    const { tagName, properties: p } = node;
    if (FURNITURE.has(tagName) || APART.has(tagName) || p.hidden || p.ariaHidden === "true") return [];
    if (outermost && tagName === "header") return [];
    const names = [p.id, ...(Array.isArray(p.className) ? p.className : [p.className])].join(" ");
    if (/navigation|banner|contentinfo|complementary|search/.test(String(p.role ?? "")) || AROUND.test(names))
      return [];
    return [
      { ...node, children: pruned(node.children, outermost && tagName === "div") as Element["children"] },
    ];
  });
}

/** A share of the declared words below which the extractor has thrown content away. */
const TOO_LITTLE = 0.5;

function better(taken: Block[] | null, declared: Block[], marked: boolean): Block[] {
  if (!taken || lengthOf(taken) < TOO_LITTLE * lengthOf(declared)) return declared;
  const fold = perText(foldPlain, MOST_FOLDED);
  return withHeadings(marked ? withinEnds(taken, declared, fold) : taken, declared, fold);
}

/** Each text is asked for several times while one page is read. */
type Fold = (text: string) => string;
const MOST_FOLDED = 50_000;

/** The extractor also takes lines that stand beside the content; what the page marks as content is asked about the ends. */
function withinEnds(taken: Block[], declared: readonly Block[], fold: Fold): Block[] {
  const inside = new Set(declared.map(({ text }) => fold(text)));
  const belongs = (block: Block) => block.text === "" || inside.has(fold(block.text));
  const from = taken.findIndex(belongs);
  return from < 0 ? taken : taken.slice(from, taken.findLastIndex(belongs) + 1);
}

/** The extractor drops headings that say no more than the page's title does; those that stand right before what it took come back. */
function withHeadings(taken: readonly Block[], declared: readonly Block[], fold: Fold): Block[] {
  const places = new Map<string, number>();
  for (const [at, { text }] of taken.entries())
    if (text && !places.has(fold(text))) places.set(fold(text), at);
  const before = new Map<number, Block[]>();
  let dropped: Block[] = [];
  for (const block of declared) {
    const at = places.get(fold(block.text));
    if (at === undefined && block.kind === "heading" && block.text && !block.within.length)
      dropped.push({ ...block, id: `dropped.${block.id}` });
    else if (block.text) {
      if (at !== undefined && dropped.length) before.set(at, [...(before.get(at) ?? []), ...dropped]);
      dropped = [];
    }
  }
  return taken.flatMap((block, at) => [...(before.get(at) ?? []), block]);
}

const lengthOf = (blocks: readonly Block[]): number => blocks.reduce((sum, { text }) => sum + text.length, 0);

/** Texts of the first-level headings that are not furniture. */
const firstLevel = ({ elements }: Landmarks): string[] =>
  elements
    .filter(({ node, inFurniture, inTemplate }) => node.tagName === "h1" && !inFurniture && !inTemplate)
    .map(({ node }) => oneLine(plainText(node)).replace(LINK_SIGN, ""))
    .filter(Boolean);

/** The extractor makes first-level headings second-level ones, or drops them; they are put right here. */
function withFirstLevel(blocks: readonly Block[], h1s: readonly string[]): Block[] {
  const folded = new Set(h1s.map(foldPlain));
  const isFirst = (block: Block) =>
    block.kind === "heading" && block.level <= 2 && folded.has(foldPlain(block.text.replace(LINK_SIGN, "")));
  // One such heading is the page's title and stands in the draft's meta.
  if (h1s.length <= 1) {
    const at = blocks.findIndex(isFirst);
    return at < 0 ? [...blocks] : blocks.toSpliced(at, 1);
  }
  return blocks.map((block) => (isFirst(block) && block.kind === "heading" ? { ...block, level: 1 } : block));
}

/** The sign behind a heading that links to it. */
const LINK_SIGN = /\s*[#¶§🔗]$/u;

function withoutLinkSign(block: Block): Block {
  if (block.kind !== "heading" || !LINK_SIGN.test(block.text)) return block;
  const text = block.text.replace(LINK_SIGN, "");
  // Runs join to the text: they are cut where it now ends.
  let left = text.length;
  const runs = block.runs.flatMap((run) => {
    const own = run.text.slice(0, left);
    left -= own.length;
    return own ? [{ ...run, text: own }] : [];
  });
  return { ...block, text, runs };
}

interface FurtherHead {
  site: string;
  language: string;
  author: string;
  published: string;
  modified: string;
  types: string[];
}

function furtherHead({ elements }: Landmarks): FurtherHead {
  const head: FurtherHead = { site: "", language: "", author: "", published: "", modified: "", types: [] };
  for (const { node } of elements) {
    const { tagName, properties: p } = node;
    if (tagName === "html") head.language = String(p.lang ?? "").trim();
    else if (tagName === "meta") {
      const name = String(p.property ?? p.name ?? "").toLowerCase();
      const content = oneLine(String(p.content ?? ""));
      if (name === "og:site_name" || name === "application-name") head.site ||= content;
      else if (name === "article:modified_time") head.modified ||= content;
      else if (name === "article:published_time" || name === "date") head.published ||= content;
    } else if (tagName === "time" && p.dateTime) head.published ||= String(p.dateTime);
    else if (tagName === "script" && /^application\/ld\+json$/i.test(String(p.type ?? "").trim())) {
      readStructured(node.children.map((child) => (child.type === "text" ? child.value : "")).join(""), head);
    }
  }
  return head;
}

/** JSON-LD 1.1: types and the few facts that a reader of competing pages asks for. What does not parse says nothing. */
function readStructured(source: string, head: FurtherHead): void {
  let data: unknown;
  try {
    data = JSON.parse(source);
  } catch {
    return;
  }
  const read = (node: unknown, depth: number): void => {
    if (depth > DEEPEST || typeof node !== "object" || node === null) return;
    if (Array.isArray(node)) {
      for (const one of node) read(one, depth + 1);
      return;
    }
    const { "@type": type, datePublished, dateModified, author, ...others } = node as Record<string, unknown>;
    for (const one of Array.isArray(type) ? type : [type])
      if (typeof one === "string" && !head.types.includes(one)) head.types.push(one);
    if (typeof datePublished === "string") head.published ||= datePublished;
    if (typeof dateModified === "string") head.modified ||= dateModified;
    const name = typeof author === "string" ? author : (author as { name?: unknown } | undefined)?.name;
    if (typeof name === "string") head.author ||= name;
    for (const one of Object.values(others)) read(one, depth + 1);
  };
  read(data, 0);
}
