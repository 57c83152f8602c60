/** What pages are made of: the site, its posts with their texts, and its pictures. Whoever renders reads them from where they are kept. */
import type { Block } from "../draft/draft";
import type {
  AddressPattern,
  Author,
  Category,
  LeadPicture,
  LeadWidth,
  ListPages,
  Location,
  Redirect,
  SitePage,
} from "./shapes";

export interface RenderedSite {
  name: string;
  blogName: string;
  /** Scheme and host, no slash at the end. */
  origin: string;
  /** Path before every post's slug, slashes at both ends. */
  basePath: string;
  /** What stands behind every meta title, its leading blank included. */
  titleSuffix: string;
  /** BCP 47. */
  language: string;
  timeZone: string;
  addressPattern: AddressPattern;
  authors: readonly Author[];
  categories: readonly Category[];
  pages: readonly SitePage[];
  listPages: ListPages;
  /** What pages without a picture of their own are shared with, as blocks name pictures; empty or absent for none. */
  socialPicture?: string;
}

/** A post as its readers get it. Nothing of it ever changes in place: what was made of it is kept for as long as it is the same. */
export interface RenderedPost {
  id: string;
  title: string;
  metaTitle: string;
  description: string;
  excerpt: string;
  slug: string;
  /** Full address of the original, where this is a copy. */
  canonical: string;
  /** BCP 47. */
  language: string;
  tags: readonly string[];
  /** Ids; the first is the primary one. */
  categories: readonly string[];
  author: string;
  /** When it went live: a date, or a moment with its zone (ISO 8601). */
  published: string;
  /** When it was last changed (ISO); empty where that is not known. */
  updated: string;
  /** What is shown on top; null where the first picture of the text stands for it. */
  leadPicture: LeadPicture | null;
  leadWidth: LeadWidth;
  /** As blocks name pictures; empty for the lead picture. */
  socialPicture: string;
  location: Location | null;
  /** Whether readers may comment: as the site has it where empty, one of COMMENTS, or the day after which they may not. */
  comments: string;
  /** Mailed to the blog's subscribers when it goes live. */
  mailed: boolean;
  /** Places that the blog copies its excerpt to, by their ids. */
  syndicateTo: readonly string[];
  /** Whole addresses of copies elsewhere. */
  syndicated: readonly string[];
  /** Id of the post that this is a translation of; empty for none. */
  translationOf: string;
  blocks: readonly Block[];
}

/** A picture that the site has as a file. */
export interface SitePicture {
  /** SHA-256 of the file, in hexadecimal figures: its name on the site. */
  hash: string;
  fileName: string;
  /** image/jpeg, image/png, image/webp, image/avif or image/gif. */
  type: string;
  width: number;
  height: number;
}

/** A file that the site offers to download. */
export interface SiteDownload {
  /** SHA-256 of the file, in hexadecimal figures: part of its name on the site. */
  hash: string;
  fileName: string;
  /** One of core/media/mediaTypes. */
  type: string;
}

export interface SiteSource {
  site: RenderedSite;
  /** Those that are live. */
  posts: readonly RenderedPost[];
  redirects: readonly Redirect[];
  /** By what blocks call them. */
  pictures: ReadonlyMap<string, SitePicture>;
  downloads: ReadonlyMap<string, SiteDownload>;
}

export const plainListPages: ListPages = {
  perPage: 10,
  layout: "standard",
  readMore: "",
  readMoreVideo: "",
  categories: [],
};

/** Pictures that the site has besides those of its posts, as blocks name them. */
export const picturesOfSite = ({
  socialPicture = "",
  categories,
}: Pick<RenderedSite, "socialPicture" | "categories">): string[] =>
  [socialPicture, ...categories.map(({ picture = "" }) => picture)].filter(Boolean);

/** A page of which only the path is known. */
export const pageAt = (path: string): SitePage => ({
  path,
  title: titleOfPath(path),
  metaTitle: "",
  description: "",
  keyword: "",
});

/** A page is done when it has what search engines and readers ask of it. */
export const isDone = ({ title, description, keyword }: SitePage): boolean =>
  [title, description, keyword].every((text) => text.trim() !== "");

/** "/cargo-bike-hire/" as a title: "Cargo bike hire"; empty for "/". */
function titleOfPath(path: string): string {
  const words = (path.split("/").filter(Boolean).at(-1) ?? "").replace(/[-_]+/g, " ").trim();
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Is there anything to show? A name that only a workspace knows leads nowhere once the file of it is gone. */
export const canShow = ({ pictures }: Pick<SiteSource, "pictures">, src: string): boolean =>
  pictures.has(src) || /^(?:https?:\/\/|data:image\/)/i.test(src);
