/** Who writes for a site. Posts name their author; what is there of one besides is the site's. */
import type { Author } from "./shapes";
import { plainSlug, uniqueName } from "./slugs";

/** The author of a name, and a new one where there is none. */
export function authorNamed(authors: readonly Author[], name: string): Author {
  const there = authors.find((author) => author.name === name);
  if (there) return there;
  const slugs = new Set(authors.map(({ slug }) => slug));
  return { name, slug: uniqueName(plainSlug(name) || "author", slugs), biography: "", guest: false };
}
