/** What a blog knows of its site. Micropub has no words for it: the stand-in takes it beside the posts, and says so in its configuration. */
import * as is from "../declare";
import {
  ADDRESS_PATTERNS,
  authorShape,
  COMMENTS,
  categoryShape,
  listPagesShape,
  redirectShape,
  sitePageShape,
} from "../site/shapes";
import { plainListPages } from "../site/site";

export const blogSiteShape = is.shape({
  name: is.text(2000),
  blogName: is.text(2000),
  origin: is.textLike("^https?://[^/]+$", 2000),
  basePath: is.textLike("^/", 2000),
  titleSuffix: is.text(2000),
  language: is.text(100),
  timeZone: is.text(100),
  addressPattern: is.oneOf(ADDRESS_PATTERNS),
  authors: is.list(authorShape, 10_000),
  categories: is.list(categoryShape, 10_000),
  pages: is.list(sitePageShape, 10_000),
  listPages: listPagesShape,
  socialPicture: is.optional(is.text(20_000)),
  comments: is.optional(is.oneOf(COMMENTS)),
  /** Addresses that were given up, by hand or with a category. */
  redirects: is.list(redirectShape, 100_000),
});
export type BlogSite = is.Static<typeof blogSiteShape>;

/** A blog that nobody has told anything of. */
export const plainBlogSite: BlogSite = {
  name: "A blog",
  blogName: "Posts",
  origin: "https://blog.example",
  basePath: "/",
  titleSuffix: "",
  language: "en",
  timeZone: "UTC",
  addressPattern: "slug",
  authors: [],
  categories: [],
  pages: [],
  listPages: plainListPages,
  redirects: [],
};

/** Of a site, what a blog is told. @param addressOf where the blog has a picture, by what the workspace calls it */
export const blogSiteOf = (
  site: Omit<BlogSite, "redirects">,
  redirects: BlogSite["redirects"],
  addressOf: (src: string) => string = (src) => src,
): BlogSite => ({
  name: site.name,
  blogName: site.blogName,
  origin: site.origin,
  basePath: site.basePath,
  titleSuffix: site.titleSuffix,
  language: site.language,
  timeZone: site.timeZone,
  addressPattern: site.addressPattern,
  authors: site.authors,
  categories: site.categories.map(({ picture, ...category }) => ({
    ...category,
    ...(picture && { picture: addressOf(picture) }),
  })),
  pages: site.pages,
  listPages: site.listPages,
  ...(site.socialPicture && { socialPicture: addressOf(site.socialPicture) }),
  ...(site.comments && { comments: site.comments }),
  redirects,
});
