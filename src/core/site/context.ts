/** What every page of a site is made from: its posts in order with their places, and where each address leads. */

import type { Block } from "../draft/draft";
import { derivedHeadingIds } from "../draft/headingIds";
import { countsAsWords } from "../draft/words";
import { perObject } from "../once";
import { defaultProfile } from "../proof/profile";
import { countWords } from "../text/words";
import { categoryAddressPath, listPath, postAddressPath, samePath } from "./addresses";
import { authorNamed } from "./authors";
import { categoryPath, categoryTree, withSubcategories } from "./categories";
import { type Moment, momentOf } from "./moments";
import { pageBlocks } from "./parts/pageBlocks";
import type { Author, Category, LeadPicture, Redirect, SitePage } from "./shapes";
import {
  canShow,
  type RenderedPost,
  type RenderedSite,
  type SiteDownload,
  type SitePicture,
  type SiteSource,
} from "./site";
import { isSlug, plainSlug } from "./slugs";
import { type SiteWords, siteWords } from "./words";

/** A post with its place on the site, and what cards say of it. */
export interface PlacedPost {
  post: RenderedPost;
  /** Path in addresses. */
  path: string;
  published: Moment | null;
  updated: Moment | null;
  minutes: number;
  hasVideo: boolean;
  excerpt: string;
  /** What it is led by and shared with. */
  lead: LeadPicture | null;
}

/** Posts that stand together, on pages of their own. */
export interface Shelf {
  path: string;
  posts: readonly PlacedPost[];
}
export type CategoryShelf = Shelf & {
  category: Category;
  above: readonly Category[];
  below: readonly Category[];
};
export type TagShelf = Shelf & { tag: string };
export type AuthorShelf = Shelf & { author: Author };

export interface SiteContext {
  site: RenderedSite;
  words: SiteWords;
  /** Newest first. */
  posts: readonly PlacedPost[];
  /** Those that the blog's own list page shows. */
  listed: Shelf;
  categories: readonly CategoryShelf[];
  tags: readonly TagShelf[];
  authors: readonly AuthorShelf[];
  /** The site's pages that are no posts; one that stands where the list of posts does is none. */
  pages: readonly SitePage[];
  redirects: readonly Redirect[];
  pictures: ReadonlyMap<string, SitePicture>;
  downloads: ReadonlyMap<string, SiteDownload>;
  /** Scheme and host of addresses, and what stands before every path there. */
  origin: string;
  prefix: string;
  /** What the frame of every page is made of, as one text. */
  frame: string;
  /** Posts whose address is not as it was asked for, in sentences. */
  says: readonly { post: PlacedPost; says: string }[];
  /** The same post in other languages. */
  translationsOf(post: PlacedPost): readonly PlacedPost[];
  /** The post of a path, whatever its case or a slash behind it. */
  postAt(path: string): PlacedPost | undefined;
  /** The picture or the download that blocks call so. */
  fileOf(src: string): SitePicture | SiteDownload | undefined;
  /** The shelf of a tag, whatever its case; undefined for a text that makes no address. */
  tagAt(tag: string): TagShelf | undefined;
}

/** How much of a text stands for an excerpt, where there is none. */
const EXCERPT = 200;

interface Glance {
  minutes: number;
  hasVideo: boolean;
  excerpt: string;
  firstPicture: LeadPicture | null;
}

/** What is known of a text without writing it. */
const glanceAt = perObject((blocks: readonly Block[]): Glance => {
  const words = blocks.reduce((sum, block) => sum + (countsAsWords(block) ? countWords(block.text) : 0), 0);
  const picture = blocks.find((block) => block.kind === "picture");
  const opening = blocks.find(({ kind, text }) => kind === "paragraph" && text.length > 20)?.text ?? "";
  return {
    minutes: Math.max(1, Math.round(words / defaultProfile.wordsPerMinute)),
    hasVideo: blocks.some(({ kind }) => kind === "embed"),
    excerpt: cutAtWord(opening, EXCERPT),
    firstPicture: picture ? { src: picture.src, alt: picture.alt ?? "" } : null,
  };
});

/** Ids that a post's headings have in its page. */
export const idsOf = perObject(
  (post: RenderedPost): ReadonlySet<string> => new Set(derivedHeadingIds(pageBlocks(post)).values()),
);

const newestFirst = (a: PlacedPost, b: PlacedPost): number =>
  (b.published?.time ?? 0) - (a.published?.time ?? 0) || (a.post.id < b.post.id ? -1 : 1);

/**
 * @param base where the site will be reached: scheme and host, and a path where it does not stand at the root; its own origin where null
 */
export function siteContext(source: SiteSource, base: string | null): SiteContext {
  const site = soundSite(source.site);
  const { origin, pathname } = new URL(base ?? site.origin);
  const says: { post: PlacedPost; says: string }[] = [];
  const placed = source.posts
    .map((post) => {
      const { minutes, hasVideo, excerpt, firstPicture } = glanceAt(post.blocks);
      const slug = isSlug(post.slug)
        ? post.slug
        : plainSlug(post.slug || post.title) || plainSlug(post.id) || "post";
      const one: PlacedPost = {
        post,
        path: postAddressPath({ slug, categories: post.categories }, site),
        published: momentOf(post.published),
        updated: momentOf(post.updated),
        minutes,
        hasVideo,
        excerpt: post.excerpt || post.description || excerpt,
        lead: [post.leadPicture, firstPicture].find((one) => one && canShow(source, one.src)) ?? null,
      };
      if (slug !== post.slug)
        says.push({
          post: one,
          says: post.slug
            ? `“${post.slug}” cannot stand in an address; “${slug}” does instead.`
            : `“${post.title}” has no slug; its address is made of its title.`,
        });
      return one;
    })
    .sort(newestFirst);
  const byPath = new Map<string, PlacedPost>();
  // Oldest first: who came first keeps its address.
  for (const post of placed.toReversed()) {
    const key = samePath(post.path);
    const there = byPath.get(key);
    if (there)
      says.push({
        post,
        says: `“${post.post.title}” has the address of “${there.post.title}”, ${post.path}, and is left out: give it another slug.`,
      });
    else byPath.set(key, post);
  }
  const posts = placed.filter((post) => byPath.get(samePath(post.path)) === post);
  const shown = new Set(
    site.listPages.categories.flatMap((id) => [...withSubcategories(site.categories, id)]),
  );
  const list = listPath(site);
  const tagged = tagShelves(site, posts);
  const context = {
    site,
    words: siteWords(site.language),
    posts,
    listed: {
      path: list,
      posts: shown.size ? posts.filter(({ post }) => post.categories.some((id) => shown.has(id))) : posts,
    },
    categories: categoryShelves(site, posts),
    tags: [...tagged.values()],
    authors: authorShelves(site, posts),
    pages: site.pages.filter(({ path }) => samePath(path) !== samePath(list)),
    redirects: source.redirects,
    pictures: source.pictures,
    downloads: source.downloads,
    origin,
    prefix: pathname.replace(/\/+$/, ""),
    says,
    fileOf: (src: string) => source.pictures.get(src) ?? source.downloads.get(src),
    translationsOf: translationsIn(posts),
    tagAt: (tag: string) => tagged.get(plainSlug(tag)),
    postAt: (path: string) => byPath.get(samePath(path)),
  };
  return { ...context, frame: frameOf(context) };
}

/** Without what cannot be an address: paths that lead out of the site. */
const soundSite = perObject((site: RenderedSite): RenderedSite => {
  const sound = (path: string) => path.split("/").filter((part) => part && isSlug(part));
  const base = sound(site.basePath);
  return {
    ...site,
    basePath: base.length ? `/${base.join("/")}/` : "/",
    pages: site.pages.filter(({ path }) => sound(path).length === path.split("/").filter(Boolean).length),
    categories: site.categories.map((category) => ({
      ...category,
      slug: isSlug(category.slug) ? category.slug : plainSlug(category.slug || category.name) || category.id,
    })),
  };
});

/** Posts by what they translate: of each language the newest that is live. */
function translationsIn(posts: readonly PlacedPost[]): (post: PlacedPost) => readonly PlacedPost[] {
  const originalOf = ({ post }: PlacedPost) => post.translationOf || post.id;
  const groups = new Map<string, PlacedPost[]>();
  for (const one of posts) groups.set(originalOf(one), [...(groups.get(originalOf(one)) ?? []), one]);
  return (placed) => {
    const languages = new Set([placed.post.language]);
    return (groups.get(originalOf(placed)) ?? []).filter(({ post }) => {
      if (languages.has(post.language)) return false;
      languages.add(post.language);
      return true;
    });
  };
}

function categoryShelves(site: RenderedSite, posts: readonly PlacedPost[]): CategoryShelf[] {
  return categoryTree(site.categories).flatMap(({ category }) => {
    const within = withSubcategories(site.categories, category.id);
    const members = posts.filter(({ post }) => post.categories.some((id) => within.has(id)));
    if (!members.length) return [];
    return {
      category,
      path: categoryAddressPath(site, category.id),
      posts: members,
      above: categoryPath(site.categories, category.id).slice(0, -1),
      below: site.categories.filter(({ parent }) => parent === category.id),
    };
  });
}

function tagShelves(site: RenderedSite, posts: readonly PlacedPost[]): Map<string, TagShelf> {
  const shelves = new Map<string, TagShelf & { posts: PlacedPost[] }>();
  for (const post of posts)
    for (const tag of new Set(post.post.tags)) {
      const slug = plainSlug(tag);
      if (!slug) continue;
      const shelf = shelves.get(slug) ?? { tag, path: `${site.basePath}tag/${slug}`, posts: [] };
      if (shelf.posts.at(-1) !== post) shelf.posts.push(post);
      shelves.set(slug, shelf);
    }
  return shelves;
}

function authorShelves(site: RenderedSite, posts: readonly PlacedPost[]): AuthorShelf[] {
  const authors: Author[] = [];
  for (const name of new Set(posts.map(({ post }) => post.author).filter(Boolean)))
    authors.push(authorNamed([...site.authors, ...authors], name));
  return authors.map((author) => ({
    author,
    path: `${site.basePath}author/${plainSlug(author.slug || author.name) || "author"}`,
    posts: posts.filter(({ post }) => post.author === author.name),
  }));
}

const frameOf = ({
  site,
  categories,
  pages,
  listed,
  origin,
  prefix,
  pictures,
}: Pick<
  SiteContext,
  "site" | "categories" | "pages" | "listed" | "origin" | "prefix" | "pictures"
>): string =>
  JSON.stringify([
    site.name,
    site.blogName,
    site.language,
    site.titleSuffix,
    site.timeZone,
    listed.path,
    origin,
    prefix,
    site.socialPicture && (pictures.get(site.socialPicture)?.hash ?? site.socialPicture),
    categories.map(({ category, path }) => [category.name, category.parent, path]),
    pages.map(({ path, title }) => [path, title]),
  ]);

function cutAtWord(text: string, most: number): string {
  if (text.length <= most) return text;
  const end = text.lastIndexOf(" ", most);
  return `${text.slice(0, end > 0 ? end : most).replace(/[\s,;:–-]+$/, "")} …`;
}
