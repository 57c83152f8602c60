/** The text of a post in its page: links that lead where they should, pictures in several widths, and each picture large by itself. */
import type { Element, ElementContent, Properties } from "hast";
import { h } from "hastscript";
import { blocksToHast } from "../../draft/toHast";
import { mayPass } from "../../safety/addresses";
import type { PlacedPost, SiteContext } from "../context";
import { hrefOf, type Led } from "../links";
import { canShow } from "../site";
import { soundText, text } from "./html";
import { pageBlocks } from "./pageBlocks";
import { downloadFile, filePath, imageProperties, type PictureFile, pictureFiles } from "./pictureFiles";

const SIZES = "(min-width: 46rem) 42rem, 100vw";
/** Pixels from which it is worth seeing a picture larger than the text shows it. */
const LARGE = 900;

export interface Article {
  nodes: ElementContent[];
  /** What shows a picture alone, over the page. */
  lightboxes: Element[];
  files: PictureFile[];
  /** Links that lead nowhere, in sentences. */
  says: string[];
}

interface Pass extends Omit<Article, "nodes"> {
  context: SiteContext;
  lead(href: string): Led;
  pictures: number;
  /** Ids of the page by now: what came from elsewhere may have the same twice. */
  ids: Set<string>;
}

/** @param lead where an address leads */
export function articleOf(context: SiteContext, { post }: PlacedPost, lead: (href: string) => Led): Article {
  const tree = blocksToHast(pageBlocks(post), { headingIds: true, focusStyles: true });
  const pass: Pass = { context, lead, lightboxes: [], files: [], says: [], pictures: 0, ids: new Set() };
  return { nodes: tree.flatMap((node) => rewrite(node, pass, false)), ...pass };
}

function rewrite(node: ElementContent, pass: Pass, inLink: boolean): ElementContent[] {
  if (node.type === "text") return [{ type: "text", value: soundText(node.value) }];
  if (node.type !== "element") return [];
  if (node.tagName === "img") return image(node, pass, inLink);
  if (node.tagName === "iframe") return frame(node);
  const link = node.tagName === "a";
  const children = node.children.flatMap((child) => rewrite(child, pass, inLink || link));
  if (!link) return [{ ...node, properties: withOwnId(node.properties, pass), children }];
  const href = String(node.properties.href ?? "");
  if (node.properties.download !== undefined) return download(node, href, children, pass);
  const led: Led = mayPass(href, "link")
    ? pass.lead(href)
    : { kind: "nowhere", says: `A link may not stand on a page: “${href.slice(0, 100)}”.` };
  if (led.kind !== "nowhere")
    return [
      { ...node, properties: { ...withOwnId(node.properties, pass), href: soundText(led.href) }, children },
    ];
  // The words stay: a reader loses nothing that was there.
  pass.says.push(led.says);
  return children;
}

/** A file to download: one of the site's own, or one at an address elsewhere. */
function download(
  { properties }: Element,
  href: string,
  children: ElementContent[],
  pass: Pass,
): ElementContent[] {
  const picture = pass.context.pictures.get(href);
  const held = pass.context.downloads.get(href) ?? picture;
  const fileName = soundText(String(properties.download ?? ""));
  if (!held && !/^https?:/i.test(href)) {
    pass.says.push(`A file to download is missing${fileName && `: “${fileName}”`}.`);
    return children;
  }
  if (!held) return [h("a", { href: soundText(href), download: fileName }, children)];
  const file = picture ? pictureFiles(href, picture).at(-1)! : downloadFile(href, held);
  pass.files.push(file);
  const own = { href: hrefOf(pass.context, filePath(file)), download: fileName, type: held.type };
  return [h("a", own, children)];
}

function withOwnId(properties: Properties, { ids }: Pass): Properties {
  if (properties.id === undefined) return properties;
  const { id, ...rest } = properties;
  if (ids.has(String(id))) return rest;
  ids.add(String(id));
  return properties;
}

function image({ properties }: Element, pass: Pass, inLink: boolean): ElementContent[] {
  const src = String(properties.src ?? "");
  const alt = soundText(String(properties.alt ?? ""));
  if (!canShow(pass.context, src)) {
    pass.says.push(`A picture is missing${alt && `: “${alt}”`}. Its description stands in its place.`);
    return alt ? [text(alt)] : [];
  }
  const { properties: own, files } = imageProperties(
    pass.context,
    { src, alt, width: Number(properties.width) || null, height: Number(properties.height) || null },
    SIZES,
    pass.pictures++ ? "lazy" : "eager",
  );
  pass.files.push(...files);
  const shown = h("img", { ...own, ...(properties.style !== undefined && { style: properties.style }) });
  if (inLink || !alt || !files.length || Number(own.width) < LARGE) return [shown];
  return [h("a", { href: `#${enlarged(shown, alt, own, pass)}`, className: ["enlarge"] }, [shown])];
}

/** Nothing but the address says which picture is large: no script is needed. @returns the id of it */
function enlarged(shown: Element, alt: string, { src, width, height }: Properties, pass: Pass): string {
  const number = pass.lightboxes.length + 1;
  const [id, back] = [`picture.${number}`, `picture.${number}.small`];
  shown.properties.id = back;
  pass.lightboxes.push(
    h("div", { id, className: ["lightbox"] }, [
      h("a", { href: `#${back}` }, [text(pass.context.words.close)]),
      h("img", { src, width, height, alt, loading: "lazy", decoding: "async" }),
    ]),
  );
  return id;
}

/** What stands in a frame until it is opened is a picture of the workspace: pages of the site leave that out. */
function frame({ properties }: Element): Element[] {
  const { dataPoster: _poster, ...rest } = properties;
  // What may not pass has no address: nobody is shown an empty frame.
  return rest.src ? [h("iframe", rest)] : [];
}
