/** Sites for tests, from the shortest thing that says them. */
import { draftFromMarkdown } from "../../draft/fromMarkdown";
import { categoriesOfLines } from "../makeCategories";
import { pageAt, plainListPages, type RenderedPost, type RenderedSite, type SiteSource } from "../site";

export const SITE: RenderedSite = {
  name: "Brackenford Cargo Cycles",
  blogName: "The Long Haul",
  origin: "https://brackenford-cycles.example",
  basePath: "/journal/",
  titleSuffix: "",
  language: "en",
  timeZone: "UTC",
  addressPattern: "slug",
  authors: [{ name: "Dev Raman", slug: "dev-raman", biography: "Runs the workshop.", guest: false }],
  categories: categoriesOfLines("Care and repair\n  Batteries\nTown", []),
  pages: [{ ...pageAt("/"), title: "Brackenford Cargo Cycles" }, pageAt("/hire")],
  listPages: plainListPages,
};

export const postOf = (slug: string, body: string, fields: Partial<RenderedPost> = {}): RenderedPost => ({
  id: slug,
  title: `Post ${slug}`,
  metaTitle: "",
  description: "",
  excerpt: "",
  slug,
  canonical: "",
  language: "en",
  tags: [],
  categories: [],
  author: "",
  published: "2026-03-14",
  updated: "2026-03-15T08:00:00.000Z",
  leadPicture: null,
  leadWidth: "text",
  socialPicture: "",
  location: null,
  comments: "",
  mailed: false,
  syndicateTo: [],
  syndicated: [],
  translationOf: "",
  blocks: draftFromMarkdown(body).blocks,
  ...fields,
});

export const sourceOf = (posts: readonly RenderedPost[], more: Partial<SiteSource> = {}): SiteSource => ({
  site: SITE,
  posts,
  redirects: [],
  pictures: new Map(),
  downloads: new Map(),
  ...more,
});
