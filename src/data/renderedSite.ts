/** From what is kept of a site to what its pages are made of. */
import type { EditorDoc } from "../core/blocks/editorJson";
import { blocksFromEditor } from "../core/draft/fromEditor";
import { oneLine } from "../core/draft/oneLine";
import { momentOf } from "../core/site/moments";
import type { RenderedPost } from "../core/site/site";
import type { Post } from "./model";

/** Whether readers have a post at a moment: it is live, or its time has come. @param now milliseconds since 1970 (UTC) */
export function isLiveAt(
  { status, publishAt, date }: Pick<Post, "status" | "publishAt" | "date">,
  now: number,
): boolean {
  if (status === "live") return true;
  if (status !== "scheduled") return false;
  const moment = momentOf(publishAt || date);
  return moment !== null && moment.time <= now;
}

/** A post with its text, as its page is made of it. */
export function renderedPost(post: Post, doc: EditorDoc): RenderedPost {
  return {
    id: post.id,
    title: oneLine(post.title),
    metaTitle: oneLine(post.metaTitle),
    description: oneLine(post.description),
    excerpt: oneLine(post.excerpt ?? ""),
    slug: post.slug.trim(),
    canonical: post.canonical,
    language: post.language,
    tags: post.tags.map(oneLine).filter(Boolean),
    categories: post.categories,
    author: oneLine(post.author),
    published: post.publishAt || post.date,
    updated: post.updatedAt,
    leadPicture: post.leadPicture ?? null,
    leadWidth: post.leadWidth ?? "text",
    socialPicture: post.socialPicture ?? "",
    location: post.location?.name || post.location?.place ? post.location : null,
    comments: post.comments ?? "",
    mailed: post.mailed ?? false,
    syndicateTo: post.syndicateTo ?? [],
    syndicated: post.syndicated ?? [],
    translationOf: post.translationOf ?? "",
    blocks: blocksFromEditor(doc),
  };
}
