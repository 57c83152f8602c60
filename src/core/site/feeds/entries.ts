/** The newest posts, as feeds carry them: whole, with whole addresses, since nobody knows where they will be read. */
import type { Element, ElementContent } from "hast";
import { filesOf } from "../../draft/files";
import type { PlacedPost, SiteContext } from "../context";
import { addressOf, type Led } from "../links";
import { articleOf } from "../parts/article";
import { sharedPicture } from "../parts/head";
import { writeFragment } from "../parts/html";
import { pageTitle } from "../parts/pageBlocks";
import type { PictureFile } from "../parts/pictureFiles";

/** Posts in a feed. */
const NEWEST = 20;

export interface Entry {
  placed: PlacedPost;
  /** The same for ever, wherever the post moves (RFC 4151). */
  id: string;
  title: string;
  address: string;
  html: string;
  image: string;
}

export const newest = ({ listed }: SiteContext): readonly PlacedPost[] => listed.posts.slice(0, NEWEST);

/** What the entries are made from. */
export const entriesFrom = (context: SiteContext): unknown[] => [
  context.frame,
  ...newest(context).flatMap(({ post, path, lead }) => [
    post,
    path,
    lead && context.pictures.get(lead.src),
    ...filesOf(post.blocks).map(context.fileOf),
  ]),
];

export function entriesOf(context: SiteContext): { entries: Entry[]; files: PictureFile[] } {
  const files: PictureFile[] = [];
  const entries = newest(context).map((placed): Entry => {
    const address = addressOf(context, placed.path);
    // Links are judged in the post's own page; here they only get their whole addresses.
    const lead = (href: string): Led => ({ kind: "as-is", href });
    const article = articleOf(context, placed, lead);
    const shared = sharedPicture(context, placed.post.socialPicture || placed.lead?.src || "");
    files.push(...article.files, ...(shared?.files ?? []));
    return {
      placed,
      id: `tag:${new URL(context.site.origin).hostname},${(placed.published?.iso ?? "2000-01-01").slice(0, 10)}:${encodeURIComponent(placed.post.id)}`,
      title: pageTitle(placed.post),
      address,
      html: writeFragment(article.nodes.map((node) => withWholeAddresses(node, address))),
      image: shared?.address ?? "",
    };
  });
  return { entries, files };
}

function withWholeAddresses(node: ElementContent, base: string): ElementContent {
  if (node.type !== "element") return node;
  // What opens a picture over the page is of no use elsewhere.
  if (node.tagName === "a" && String(node.properties.className).includes("enlarge"))
    return withWholeAddresses(node.children[0]!, base);
  const properties = { ...node.properties };
  for (const name of ["href", "src"])
    if (typeof properties[name] === "string" && URL.canParse(properties[name], base))
      properties[name] = new URL(properties[name], base).href;
  delete properties.srcSet;
  delete properties.sizes;
  const element: Element = {
    ...node,
    properties,
    children: node.children.map((child) => withWholeAddresses(child, base)),
  };
  return element;
}
