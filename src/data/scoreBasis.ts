import { perObject } from "../core/once";
import type { Profile } from "../core/proof/profile";
import type { SitePost } from "./draft";
import type { Post, Site } from "./model";

/** All that a score is made from, besides the post. */
export interface ScoringTerms {
  site: Site;
  profile: Profile;
  /** All posts of the site, by what the others look at of them. */
  titles: readonly SitePost[];
  /** Names the rules that score: another version of the application may judge the same text otherwise. */
  rules: string;
}

/**
 * What a score rests on: when the post was last saved, the rules and the profile, and what of the site the checks look at. A score that
 * was kept holds for as long as this is the same.
 */
export const scoreBasis = (
  { updatedAt }: Pick<Post, "updatedAt">,
  { site, profile, titles, rules }: ScoringTerms,
): string => [updatedAt, rules, hashOfProfile(profile), hashOfSite(site), hashOfTitles(titles)].join("|");

// None of them is ever changed in place.
const hashOfProfile = perObject((profile: Profile) => hashOf(profile));
const hashOfSite = perObject((site: Site) => hashOf(site));
const hashOfTitles = perObject((titles: readonly SitePost[]) =>
  hashOf(
    // Addresses have categories in them, and links of other posts lead there.
    titles.map((one) => JSON.stringify([one.slug, one.categories, one.metaTitle || one.title])).sort(),
  ),
);

/** FNV-1a, 32 bits (Fowler, Noll, Vo): only to notice change. */
function hashOf(content: unknown): string {
  let hash = 0x811c9dc5;
  for (const char of JSON.stringify(content)) hash = Math.imul(hash ^ char.codePointAt(0)!, 0x01000193);
  return (hash >>> 0).toString(36);
}
