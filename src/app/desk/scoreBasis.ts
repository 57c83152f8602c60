import type { Post } from "../../data/model";
import { postsAdapter } from "../store/postsSlice";
import type { RootState } from "../store/store";

/** What a score rests on: when the post was last saved, the profile, and what of the site the checks look at. */
export function scoreBasis(post: Post, state: RootState): string {
  const { profile, site } = state.session;
  return `${post.updatedAt}|${profile.id}.${profile.version}|${siteBasis(state, post.id)}|${site.origin}${site.basePath}${site.titleSuffix}${site.titleAsH1}`;
}

function siteBasis(state: RootState, own: string): string {
  const parts = postsAdapter
    .getSelectors()
    .selectAll(state.posts.posts)
    .filter((post) => post.id !== own)
    .map((post) => `${post.slug}\u0000${post.metaTitle || post.title}`);
  // FNV-1a, 32 bits (Fowler, Noll, Vo): only to notice change.
  let hash = 0x811c9dc5;
  for (const char of parts.join("\u0001")) hash = Math.imul(hash ^ char.codePointAt(0)!, 0x01000193);
  return (hash >>> 0).toString(36);
}
