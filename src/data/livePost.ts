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
  const post = withOwnPictures(postOfEntry(entry, postId, categories), media);
  return { ...post, blocks: blocksFromEditor(doc) };
}

/** A post with its lead and social picture as the workspace knows them. @param media where the blog has pictures, by what the workspace calls them */
export function withOwnPictures(post: RenderedPost, media: Readonly<Record<string, string>>): RenderedPost {
  const own = (src: string) => Object.keys(media).find((one) => media[one] === src) ?? src;
  return {
    ...post,
    leadPicture: post.leadPicture && { ...post.leadPicture, src: own(post.leadPicture.src) },
    socialPicture: own(post.socialPicture),
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
