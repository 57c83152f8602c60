/** What a site is, besides its posts: who writes for it, how its posts are filed, where its pages are. */
import * as is from "../declare";

export const categoryShape = is.shape({
  id: is.id(),
  name: is.someText(2000),
  /** Its part of an address. */
  slug: is.text(2000),
  /** Shown on the category's page; empty for none. */
  description: is.text(20_000),
  /** Shown on its page, and what that is shared with, as blocks name pictures; empty or absent for none. */
  picture: is.optional(is.text(20_000)),
  /** The category that it stands under, by id; null at the top. */
  parent: is.textOrNull(100),
});
/** A category. Together they are trees: `parent` leads up. */
export type Category = is.Static<typeof categoryShape>;

export const authorShape = is.shape({
  name: is.someText(2000),
  slug: is.text(2000),
  /** A few sentences for the author's page; empty for none. */
  biography: is.text(20_000),
  /** Writes now and then, and is introduced with the post. */
  guest: is.flag(),
});
export type Author = is.Static<typeof authorShape>;

export const sitePageShape = is.shape({
  path: is.textLike("^/", 4000),
  title: is.text(2000),
  metaTitle: is.text(2000),
  description: is.text(20_000),
  keyword: is.text(2000),
});
/** A page of the site that is no post: home, about, shop. */
export type SitePage = is.Static<typeof sitePageShape>;

export const listPagesShape = is.shape({
  /** Posts a page. */
  perPage: is.whole({ minimum: 1, maximum: 100 }),
  layout: is.oneOf(["standard", "compact"]),
  /** Wording of the link to a post; that of the language where empty. */
  readMore: is.text(200),
  /** The same for a post with a video in it. */
  readMoreVideo: is.text(200),
  /** Categories whose posts the blog's list page shows, by id; all where empty. */
  categories: is.list(is.id()),
});
/** How pages that list posts look. */
export type ListPages = is.Static<typeof listPagesShape>;

/** What comes before a post's slug in its address: the path of posts alone, or with the slug of its primary category. */
export const ADDRESS_PATTERNS = ["slug", "category/slug"] as const;
export type AddressPattern = (typeof ADDRESS_PATTERNS)[number];

export const redirectShape = is.shape({
  id: is.id(),
  /** Paths on the site. */
  from: is.textLike("^/", 4000),
  to: is.textLike("^/", 4000),
  /** When (ISO). */
  since: is.text(100),
  why: is.oneOf(["slug changed", "category moved", "by hand"]),
  /** The post that it leads to; null where it was made by hand. */
  postId: is.textOrNull(100),
});
/** An address that was given up, and where it leads now. */
export type Redirect = is.Static<typeof redirectShape>;

export const locationShape = is.shape({ name: is.text(2000), place: is.text(2000) });
/** Where a post is about, for a local firm: a name and a place. */
export type Location = is.Static<typeof locationShape>;

/** Whether readers may comment: anybody, once somebody has approved it, or nobody. */
export const COMMENTS = ["open", "approved", "closed"] as const;
export type Comments = (typeof COMMENTS)[number];
/** The same for a post: empty as the site has it, or the day (ISO) after which they are closed. */
export const postCommentsShape = is.textLike(`^(?:|${COMMENTS.join("|")}|\\d{4}-\\d{2}-\\d{2})$`);

export const LEAD_WIDTHS = ["full", "text", "none"] as const;
export type LeadWidth = (typeof LEAD_WIDTHS)[number];

export const leadPictureShape = is.shape({
  /** As blocks name pictures. */
  src: is.someText(20_000),
  alt: is.text(2000),
});
export type LeadPicture = is.Static<typeof leadPictureShape>;
