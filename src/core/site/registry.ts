/** All that a site is written as, in order: who comes later sees what is planned by then. A new kind is a file, and its line here. */
import { atom } from "./feeds/atom";
import { jsonFeed } from "./feeds/jsonFeed";
import { robots } from "./feeds/robots";
import { sitemap } from "./feeds/sitemap";
import { authors } from "./pages/authors";
import { blogList } from "./pages/blogList";
import { categories } from "./pages/categories";
import { moved } from "./pages/moved";
import { notFound } from "./pages/notFound";
import { post } from "./pages/post";
import { sitePages } from "./pages/sitePages";
import { tags } from "./pages/tags";
import type { FileKind } from "./plan";
import { stylesheet } from "./stylesheet";

export const FILE_KINDS: readonly FileKind[] = [
  blogList,
  post,
  categories,
  tags,
  authors,
  sitePages,
  notFound,
  atom,
  jsonFeed,
  sitemap,
  robots,
  stylesheet,
  moved,
];
