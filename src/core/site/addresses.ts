/** Where pages of a site stand: paths as they are in addresses, without what a browser would write with per cent signs. */
import { categoryPath } from "./categories";
import type { AddressPattern, Category } from "./shapes";

interface Addressed {
  /** Path before every post's slug, slashes at both ends. */
  basePath: string;
  addressPattern: AddressPattern;
  categories: readonly Category[];
}

/** Path of a post, by the site's pattern; one without a category stands beside the categories. */
export function postAddressPath(
  { slug, categories }: { slug: string; categories: readonly string[] },
  site: Addressed,
): string {
  const primary = site.categories.find(({ id }) => id === categories[0]);
  const folder = site.addressPattern === "category/slug" && primary ? `${primary.slug}/` : "";
  return `${site.basePath}${folder}${slug}`;
}

/** Path of the blog's own list of posts: its base path without the slash behind it. */
export const listPath = ({ basePath }: Pick<Addressed, "basePath">): string =>
  basePath.replace(/(?<=.)\/$/, "");

/** A category's page stands under those above it. */
export const categoryAddressPath = (site: Addressed, id: string): string =>
  `${site.basePath}category/${categoryPath(site.categories, id)
    .map(({ slug, id }) => slug || id)
    .join("/")}`;

/** Two paths that a server would take for one. */
export const samePath = (path: string): string =>
  path
    .replace(/(?<=.)\/+$/, "")
    .normalize("NFC")
    .toLowerCase();
