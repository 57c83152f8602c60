/** What stands around every page: the way past it, the name of the site, its categories, and the end. */
import type { Element, ElementContent } from "hast";
import { h } from "hastscript";
import type { SiteContext } from "../context";
import { hrefOf } from "../links";
import type { HeadOf } from "./head";
import { headOf } from "./head";
import { lined, text, writeHtml } from "./html";
import type { PictureFile } from "./pictureFiles";

/** The id of what every page is about; no heading has a full stop in its id. */
export const MAIN = "main.text";

/** The way from the start of the site to a page, outermost first. */
export interface Crumb {
  name: string;
  path: string;
}

/** The start of the site: its home page where it has one, else its list of posts. */
export function startOf({ pages, listed, site, words }: SiteContext): Crumb {
  const home = pages.find(({ path }) => path === "/");
  if (home) return { name: words.home, path: "/" };
  return { name: site.blogName || words.home, path: listed.path };
}

/** The trail to the blog's list of posts. */
export function blogTrail(context: SiteContext): Crumb[] {
  const start = startOf(context);
  const { listed, site, words } = context;
  return start.path === listed.path
    ? [start]
    : [start, { name: site.blogName || words.latest, path: listed.path }];
}

export function trailNav(context: SiteContext, trail: readonly Crumb[]): Element | null {
  if (!trail.length) return null;
  return h("nav", { className: ["trail"], ariaLabel: "Breadcrumb" }, [
    h(
      "ol",
      {},
      trail.map(({ name, path }) => h("li", {}, [h("a", { href: hrefOf(context, path) }, [text(name)])])),
    ),
  ]);
}

/** The whole page. @param files of pictures in its body */
export function framed(
  context: SiteContext,
  of: HeadOf & { language?: string },
  body: readonly (ElementContent | null)[],
  files: readonly PictureFile[] = [],
): { text: string; pictures: PictureFile[] } {
  const { site, words, categories, listed, pages } = context;
  const { head, files: shared } = headOf(context, of);
  const start = startOf(context);
  const link = (path: string, name: string, more = {}) =>
    h("a", { href: hrefOf(context, path), ...more }, [text(name)]);
  const here = (path: string) => (of.path === path ? { ariaCurrent: "page" } : {});
  const top = categories.filter(({ above }) => !above.length);
  const blog =
    start.path === listed.path
      ? []
      : [h("li", {}, [link(listed.path, site.blogName || words.latest, here(listed.path))])];
  const places = [
    ...blog,
    ...top.map(({ category, path }) => h("li", {}, [link(path, category.name, here(path))])),
  ];
  const header = h("header", { className: ["site"] }, [
    link(start.path, site.name, { className: ["name"] }),
    ...(places.length ? [h("nav", { ariaLabel: words.categories }, [h("ul", {}, places)])] : []),
  ]);
  const footer = h("footer", { className: ["site"] }, [
    h("ul", {}, [
      ...pages
        .filter(({ path }) => path !== "/")
        .map(({ path, title }) => h("li", {}, [link(path, title || path, here(path))])),
      h("li", {}, [link("/feed.xml", words.feed)]),
    ]),
    h("p", {}, [text(site.name)]),
  ]);
  const element = h("body", {}, [
    text("\n"),
    h("a", { className: ["skip"], href: `#${MAIN}` }, [text(words.skip)]),
    text("\n"),
    header,
    text("\n"),
    h("main", { id: MAIN }, [text("\n"), ...lined(body)]),
    text("\n"),
    footer,
    text("\n"),
  ]);
  return { text: writeHtml(of.language || site.language, head, element), pictures: [...shared, ...files] };
}
