/** The address that readers know a live post by: it never changes without somebody being told. */

interface Addressed {
  status: string;
  slug: string;
  /** The slug that readers know, where the post has another one by now. */
  liveSlug?: string;
}

/** What is remembered of the slug that readers know, once a post has another: undefined where they know the one it has. */
export function liveSlugAfter(post: Addressed, slug: string): string | undefined {
  if (post.status !== "live") return undefined;
  const liveSlug = post.liveSlug ?? post.slug;
  return liveSlug && liveSlug !== slug ? liveSlug : undefined;
}
