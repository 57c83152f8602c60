import type { Post } from "../../data/model";
import type { RootState } from "./reducer";
import { selectPosts } from "./selectors";

/** What a score rests on: when the post was last saved, the profile, and what of the site the checks look at. */
export function scoreBasis(post: Post, state: RootState): string {
  const { profile, site } = state.session;
  const { posts } = state.posts;
  const titles = () => selectPosts(state).map(({ slug, metaTitle, title }) => [slug, metaTitle || title]);
  return [
    post.updatedAt,
    hashOf(profile, () => profile),
    hashOf(site, () => site),
    hashOf(posts, titles),
  ].join("|");
}

const hashes = new WeakMap<object, string>();

/** A hash of what `content` gives, remembered for the object that it comes from: states are never changed in place. */
function hashOf(owner: object, content: () => unknown): string {
  const known = hashes.get(owner);
  if (known !== undefined) return known;
  // FNV-1a, 32 bits (Fowler, Noll, Vo): only to notice change.
  let hash = 0x811c9dc5;
  for (const char of JSON.stringify(content())) hash = Math.imul(hash ^ char.codePointAt(0)!, 0x01000193);
  const made = (hash >>> 0).toString(36);
  hashes.set(owner, made);
  return made;
}
