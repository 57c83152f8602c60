/** The post as readers have it. */
import { blocksFromEditor } from "../core/draft/fromEditor";
import { postOfEntry } from "../core/micropub/postEntry";
import type { Category } from "../core/site/shapes";
import type { RenderedPost } from "../core/site/site";
import type { LiveCopy, Post } from "./model";

/** What was sent last, with pictures as the workspace knows them. */
export function livePost(
  { postId, entry, doc, media }: LiveCopy,
  categories: readonly Category[],
): RenderedPost {
  const sources = new Map(Object.entries(media).map(([src, address]) => [address, src]));
  const own = (src: string): string => sources.get(src) ?? src;
  const post = postOfEntry(entry, postId, categories);
  return {
    ...post,
    leadPicture: post.leadPicture && { ...post.leadPicture, src: own(post.leadPicture.src) },
    socialPicture: own(post.socialPicture),
    blocks: blocksFromEditor(doc),
  };
}

/** Fields that make a working copy what a rendered post is. */
export const fieldsOfLive = (live: RenderedPost): Partial<Post> => ({
  title: live.title,
  metaTitle: live.metaTitle,
  description: live.description,
  excerpt: live.excerpt,
  slug: live.slug,
  canonical: live.canonical,
  language: live.language,
  tags: [...live.tags],
  categories: [...live.categories],
  author: live.author,
  ...(live.published && { date: live.published.slice(0, 10) }),
  leadPicture: live.leadPicture,
  leadWidth: live.leadWidth,
  socialPicture: live.socialPicture,
  location: live.location ?? { name: "", place: "" },
  comments: live.comments,
  mailed: live.mailed,
  syndicateTo: [...live.syndicateTo],
  syndicated: [...live.syndicated],
  translationOf: live.translationOf,
});
