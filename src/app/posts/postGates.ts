import type { EditorDoc } from "../../core/blocks/editorJson";
import type { Block } from "../../core/draft/draft";
import { type Gate, gates } from "../../core/release/gates/registry";
import { rawPasteSigns } from "../../core/release/rawPaste";
import { textsToReview } from "../../core/release/toReview";
import { categoryAddressPath, listPath, samePath } from "../../core/site/addresses";
import { categoryName, withSubcategories } from "../../core/site/categories";
import { hrefsIn } from "../../core/site/links";
import { postDraft, postPath } from "../../data/draft";
import type { Post, Site } from "../../data/model";
import type { PostSession } from "../store/postSession";
import { postLeftovers } from "./postLeftovers";

/** Titles of other posts at the same address. */
export const sameSlugAs = (post: Post | null, posts: readonly Post[]): string[] =>
  posts
    .filter((other) => post?.slug && other.id !== post.id && other.slug === post.slug)
    .map(({ title }) => title);

/** What a site asks for where it says nothing else. */
export const LEAST_SCORE = 70;

/** Of the site, what gates look at. */
export interface GateSite {
  /** Titles of other posts at the same address. */
  sameSlug: string[];
  posts: readonly Post[];
  site: Site;
  /** The post's score; null where it is not known. */
  score: number | null;
  /** Claims without a source that nobody has accepted; null where nobody has looked. */
  openClaims: number | null;
  /** Whether exactly this is approved; null where nobody need. */
  approved: boolean | null;
}

export function postGates(
  post: Post,
  { sameSlug, posts, site, score, openClaims, approved }: GateSite,
  text: Pick<PostSession, "json" | "blocks">,
  source: { post: Post; doc: EditorDoc } | null,
): Gate[] {
  const draft = postDraft(post, site, text.blocks());
  return gates(
    draft,
    {
      sameSlug,
      rawSigns: rawPasteSigns(text.json()),
      leftovers: source && {
        title: source.post.title,
        names: postLeftovers(post, site, draft.blocks, source).map(({ name }) => name),
      },
      toReview: post.begun?.length ? textsToReview(draft.blocks, post.begun).map(({ text }) => text) : null,
      listedOn: listsOf(post, site),
      deadLinks: deadLinks(draft.blocks, posts, site),
      leadPicture: post.leadPicture ?? null,
      openClaims,
      score,
      approved,
      leastScore: site.leastScore ?? LEAST_SCORE,
    },
    site.gates,
  );
}

/** Names of the list pages that show a post: the blog's own, and those of its categories. */
function listsOf({ categories }: Post, site: Site): string[] {
  const shown = site.listPages.categories.flatMap((id) => [...withSubcategories(site.categories, id)]);
  const onBlog = !shown.length || categories.some((id) => shown.includes(id));
  const names = categories.map((id) => categoryName(site.categories, id)).filter(Boolean);
  return [...(onBlog ? [site.blogName || site.name] : []), ...names];
}

/** Addresses on the site where no page is: neither a post, nor one of its other pages, nor what every blog has. */
function deadLinks(blocks: readonly Block[], posts: readonly Post[], site: Site): string[] {
  const host = new URL(site.origin).host;
  const there = new Set(
    [
      ...site.pages.map(({ path }) => path),
      ...posts
        .filter(({ slug }) => slug)
        .flatMap((post) => [
          postPath(post, site),
          ...(post.liveSlug ? [postPath({ ...post, slug: post.liveSlug }, site)] : []),
        ]),
      listPath(site),
      ...site.categories.map(({ id }) => categoryAddressPath(site, id)),
      ...["/feed.xml", "/feed.json", "/sitemap.xml", "/"],
    ].map(samePath),
  );
  return hrefsIn(blocks).filter((href) => {
    if (!URL.canParse(href, site.origin) || href.startsWith("#")) return false;
    const url = new URL(href, `${site.origin}${site.basePath}`);
    if (!/^https?:$/.test(url.protocol) || url.host !== host) return false;
    return !there.has(samePath(decoded(url.pathname))) && !/\/(?:tag|author|page)\//.test(url.pathname);
  });
}

function decoded(path: string): string {
  try {
    return decodeURIComponent(path);
  } catch {
    return path;
  }
}
