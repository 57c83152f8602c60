/** From what the database keeps of a post to the draft that is scored and exported, and back. */

import type { EditorDoc } from "../core/blocks/editorJson";
import type { CompetitorMeasure } from "../core/competitors/measure";
import type { Block, Draft, DraftMeta } from "../core/draft/draft";
import { blocksFromEditor } from "../core/draft/fromEditor";
import { emptyMeta } from "../core/draft/meta";
import { oneLine } from "../core/draft/oneLine";
import type { ProofContext } from "../core/proof/context";
import { TitleIndex } from "../core/proof/titleIndex";
import { postAddressPath } from "../core/site/addresses";
import { categoryName } from "../core/site/categories";
import type { Post, Site } from "./model";

export const postPath = (post: Pick<Post, "slug" | "categories">, site: Site): string =>
  postAddressPath(post, site);
export const postAddress = (post: Pick<Post, "slug" | "canonical" | "categories">, site: Site): string =>
  post.canonical || (post.slug ? `${site.origin}${postPath(post, site)}` : "");

export function draftMeta(post: Post, site: Site): DraftMeta {
  const { title, metaTitle, description, slug, language, keyword, supporting, tags, author, date } = post;
  return {
    ...emptyMeta,
    title: oneLine(title),
    metaTitle: oneLine(metaTitle),
    description: oneLine(description),
    slug: slug.trim(),
    canonical: postAddress(post, site),
    language: language || site.language,
    keyword: oneLine(keyword),
    supporting,
    tags,
    category: categoryName(site.categories, post.categories[0]),
    author,
    date,
    socialPicture: post.socialPicture ?? "",
    titleSuffix: site.titleSuffix,
  };
}

export const postDraft = (post: Post, site: Site, blocks: readonly Block[]): Draft => ({
  meta: draftMeta(post, site),
  blocks,
  headingIds: "derived",
});
export const draftOf = (post: Post, site: Site, doc: EditorDoc): Draft =>
  postDraft(post, site, blocksFromEditor(doc));

/** What Plan gives the proof of a post: the measure of its competing pages, and the questions chosen to be answered. */
export interface PlanContext {
  competitors: CompetitorMeasure | null;
  questions: string[];
}
export const noPlan: PlanContext = { competitors: null, questions: [] };

/** Of a post, what the proof of the others looks at. */
export type SitePost = Pick<Post, "id" | "slug" | "metaTitle" | "title" | "categories">;

/**
 * What the proof must know of the site, made once for all of its posts.
 *
 * @param nearShare from which share of common words on two titles are too near (see the check of titles): then a post is told of those
 *   others alone whose titles may be; of all where absent
 * @returns what the proof of one post must know of the site and of its plan
 */
export function siteContext(
  posts: readonly SitePost[],
  site: Site,
  nearShare?: number,
): (post: Pick<Post, "id" | "setAside" | "metaTitle" | "title">, plan: PlanContext) => ProofContext {
  const shared = {
    host: URL.canParse(site.origin) ? new URL(site.origin).host : "",
    titleAsH1: site.titleAsH1,
    paths: new Set([
      ...site.pages.map(({ path }) => path),
      ...posts.filter((p) => p.slug).map((p) => postPath(p, site).replace(/\/$/, "")),
    ]),
  };
  const titled = posts
    .map(({ id, metaTitle, title }) => ({ id, other: { metaTitle: metaTitle || title } }))
    .filter(({ other }) => other.metaTitle);
  const index = nearShare === undefined ? null : new TitleIndex<(typeof titled)[number]>(nearShare);
  if (index) for (const one of titled) index.add(one.other.metaTitle, one);
  return (post, { competitors, questions }) => ({
    site: shared,
    others: (index ? index.near(post.metaTitle || post.title) : titled)
      .filter(({ id }) => id !== post.id)
      .map(({ other }) => other),
    setAside: { ...site.setAside, ...post.setAside },
    competitors,
    questions,
  });
}

/** The same for one post alone. */
export const proofContext = (
  post: Pick<Post, "id" | "setAside" | "metaTitle" | "title">,
  posts: readonly SitePost[],
  site: Site,
  plan: PlanContext,
): ProofContext => siteContext(posts, site)(post, plan);
