/** The post as readers have it. */
import { blocksFromEditor } from "../core/draft/fromEditor";
import { postOfEntry } from "../core/micropub/postEntry";
import type { Category } from "../core/site/shapes";
import type { RenderedPost } from "../core/site/site";
import type { LiveCopy } from "./model";

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
