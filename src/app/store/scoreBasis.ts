import { perObject } from "../../core/once";
import type { Profile } from "../../core/proof/profile";
import type { Post, Site } from "../../data/model";
import type { RootState } from "./reducer";

/** What a score rests on: when the post was last saved, the profile, and what of the site the checks look at. */
export function scoreBasis(post: Post, { session: { profile, site }, posts: { posts } }: RootState): string {
  return [post.updatedAt, hashOfProfile(profile), hashOfSite(site), hashOfTitles(posts.entities)].join("|");
}

// States are never changed in place.
const hashOfProfile = perObject((profile: Profile) => hashOf(profile));
const hashOfSite = perObject((site: Site) => hashOf(site));
const hashOfTitles = perObject((posts: RootState["posts"]["posts"]["entities"]) =>
  hashOf(Object.values(posts).map(({ slug, metaTitle, title }) => [slug, metaTitle || title])),
);

/** FNV-1a, 32 bits (Fowler, Noll, Vo): only to notice change. */
function hashOf(content: unknown): string {
  let hash = 0x811c9dc5;
  for (const char of JSON.stringify(content)) hash = Math.imul(hash ^ char.codePointAt(0)!, 0x01000193);
  return (hash >>> 0).toString(36);
}
