/**
 * A post as an h-entry, and back. What microformats have a property for is said by it; what they have none for, by ones that begin with "x-":
 * a blog that does not know them loses nothing that it could have shown.
 */

import type { Block } from "../draft/draft";
import { blocksFromHast } from "../draft/fromHast";
import { parseHtml } from "../draft/fromHtml";
import { oneLine } from "../draft/oneLine";
import { plainDraft } from "../draft/plainLines";
import { blocksToHtml } from "../draft/toHtml";
import { categoryNamed } from "../site/categories";
import { type Category, LEAD_WIDTHS } from "../site/shapes";
import type { RenderedPost } from "../site/site";
import { type Entry, firstText, isRecord, type Properties, picturesOf, textsOf } from "./entry";

/** A text without a name has so many letters of its beginning as a title. */
const TITLE = 60;

/** Names of all properties that a post is said by. */
export const POST_PROPERTIES: ReadonlySet<string> = new Set([
  ...[
    "name",
    "content",
    "summary",
    "category",
    "author",
    "published",
    "updated",
    "uid",
    "mp-slug",
    "featured",
    "location",
  ],
  ...[
    "x-meta-title",
    "x-description",
    "x-canonical",
    "x-language",
    "x-categories",
    "x-lead-width",
    "x-social-picture",
    "x-comments",
    "x-mail",
    "x-translation-of",
    "mp-syndicate-to",
    "syndication",
  ],
]);

/**
 * @param addressOf where the blog has a picture, by what blocks call it
 */
export function entryOfPost(
  post: RenderedPost,
  categories: readonly Category[],
  addressOf: (src: string) => string,
): Entry {
  const filed = post.categories.flatMap((id) => categories.filter((one) => one.id === id));
  const properties: Record<string, readonly unknown[]> = {
    name: texts(post.title),
    content: [
      {
        html: blocksToHtml(post.blocks, {
          headingIds: false,
          keepFileNames: true,
          fileAddress: ({ src }) => addressOf(src),
        }),
      },
    ],
    summary: texts(post.excerpt),
    category: [...filed.map(({ name }) => name), ...post.tags],
    author: texts(post.author),
    published: texts(post.published),
    updated: texts(post.updated),
    uid: texts(post.id),
    "mp-slug": texts(post.slug),
    featured: post.leadPicture ? [{ value: addressOf(post.leadPicture.src), alt: post.leadPicture.alt }] : [],
    location: post.location
      ? [
          {
            type: ["h-card"],
            properties: { name: texts(post.location.name), label: texts(post.location.place) },
          },
        ]
      : [],
    "x-meta-title": texts(post.metaTitle),
    "x-description": texts(post.description),
    "x-canonical": texts(post.canonical),
    "x-language": texts(post.language),
    "x-categories": filed.map(({ id }) => id),
    "x-lead-width": post.leadWidth === "text" ? [] : [post.leadWidth],
    "x-social-picture": post.socialPicture ? [addressOf(post.socialPicture)] : [],
    "x-comments": texts(post.comments),
    "x-mail": post.mailed ? ["subscribers"] : [],
    "x-translation-of": texts(post.translationOf),
    "mp-syndicate-to": post.syndicateTo,
    syndication: post.syndicated,
  };
  return {
    type: ["h-entry"],
    properties: Object.fromEntries(
      Object.entries(properties).filter(([, values]) => values.length),
    ) as Properties,
  };
}

const texts = (value: string): string[] => (value ? [value] : []);

/**
 * What a blog's page of an entry is made of, whoever wrote the entry.
 *
 * @param id by which the blog knows it
 */
export function postOfEntry(entry: Entry, id: string, categories: readonly Category[]): RenderedPost {
  const blocks = [...blocksOf(entry), ...photosOf(entry)];
  const names = textsOf(entry, "category").map(oneLine).filter(Boolean);
  const ids = textsOf(entry, "x-categories");
  const filed = ids.length
    ? categories.filter((one) => ids.includes(one.id)).sort((a, b) => ids.indexOf(a.id) - ids.indexOf(b.id))
    : names.flatMap((name) => categoryNamed(categories, name) ?? []);
  const [featured] = picturesOf(entry, "featured");
  const width = firstText(entry, "x-lead-width");
  return {
    id: firstText(entry, "uid") || id,
    title: oneLine(firstText(entry, "name")) || beginning(blocks),
    metaTitle: oneLine(firstText(entry, "x-meta-title")),
    description: oneLine(firstText(entry, "x-description")),
    excerpt: oneLine(firstText(entry, "summary")),
    slug: firstText(entry, "mp-slug").trim(),
    canonical: firstText(entry, "x-canonical"),
    language: firstText(entry, "x-language"),
    tags: names.filter((name) => !categoryNamed(filed, name)),
    categories: filed.map((one) => one.id),
    author: oneLine(firstText(entry, "author") || nameOfCard(entry.properties.author?.[0])),
    published: firstText(entry, "published"),
    updated: firstText(entry, "updated"),
    leadPicture: featured?.src ? featured : null,
    leadWidth: LEAD_WIDTHS.find((one) => one === width) ?? "text",
    socialPicture: firstText(entry, "x-social-picture"),
    location: locationOf(entry.properties.location?.[0]),
    comments: firstText(entry, "x-comments"),
    mailed: textsOf(entry, "x-mail").includes("subscribers"),
    syndicateTo: textsOf(entry, "mp-syndicate-to"),
    syndicated: textsOf(entry, "syndication").filter((address) => /^https?:\/\//i.test(address)),
    translationOf: firstText(entry, "x-translation-of"),
    blocks,
  };
}

/** HTML as it is, a plain text by its lines. */
function blocksOf({ properties }: Entry): readonly Block[] {
  const [content] = properties.content ?? [];
  if (isRecord(content)) {
    if (typeof content.html === "string") return blocksFromHast(parseHtml(content.html));
    if (typeof content.value === "string") return plainDraft(content.value).blocks;
  }
  return typeof content === "string" ? plainDraft(content.toWellFormed()).blocks : [];
}

/** Photos that stand beside the text come behind it. */
const photosOf = (entry: Entry): Block[] =>
  picturesOf(entry, "photo").map(({ src, alt }, at) => ({
    kind: "picture",
    id: `photo-${at}`,
    text: "",
    runs: [],
    within: [],
    src,
    fileName: "",
    alt: alt || null,
    decorative: false,
    bytes: null,
    width: null,
    height: null,
    side: "line",
    focus: null,
  }));

function beginning(blocks: readonly Block[]): string {
  const text = blocks.find((block) => block.text)?.text ?? "";
  if (text.length <= TITLE) return text;
  const end = text.lastIndexOf(" ", TITLE);
  return `${text.slice(0, end > 0 ? end : TITLE)} …`;
}

const nameOfCard = (card: unknown): string => cardText(card, "name");

function cardText(card: unknown, name: string): string {
  const properties = isRecord(card) && isRecord(card.properties) ? card.properties : {};
  const values = properties[name];
  return Array.isArray(values) && typeof values[0] === "string" ? values[0].toWellFormed() : "";
}

function locationOf(value: unknown): RenderedPost["location"] {
  if (typeof value === "string" && value) return { name: value, place: "" };
  const [name, place] = [cardText(value, "name"), cardText(value, "label") || cardText(value, "locality")];
  return name || place ? { name, place } : null;
}
