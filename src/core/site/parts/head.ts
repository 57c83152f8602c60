/** The head of a page of the site: what search engines, readers of feeds and whoever shares it see. */
import type { Element } from "hast";
import { h } from "hastscript";
import type { SiteContext } from "../context";
import { addressOf, hrefOf } from "../links";
import { meta, property, soundText, structured, text } from "./html";
import { filePath, type PictureFile, pictureFiles } from "./pictureFiles";

export interface HeadOf {
  title: string;
  description: string;
  /** Path of the page; absent where it has no address of its own. */
  path?: string;
  /** Full address of the original, where the page is a copy. */
  canonical?: string;
  kind: "article" | "website" | "profile";
  /** What it is shared with, as blocks name pictures. */
  picture?: { src: string; alt: string } | null;
  more?: readonly (Element | null)[];
  data?: readonly (object | null)[];
}

/** @returns the elements, and the files of the picture that it is shared with */
export function headOf(
  context: SiteContext,
  { title, description, path, canonical, kind, picture = null, more = [], data = [] }: HeadOf,
): { head: (Element | null)[]; files: PictureFile[] } {
  const { site } = context;
  const own = path === undefined ? "" : addressOf(context, path);
  const shared = sharedPicture(context, picture?.src || site.socialPicture || "");
  return {
    head: [
      h("meta", { charSet: "utf-8" }),
      h("meta", { name: "viewport", content: "width=device-width, initial-scale=1" }),
      h("title", {}, [text(title)]),
      meta("description", description),
      own ? h("link", { rel: ["canonical"], href: soundText(canonical || own) }) : meta("robots", "noindex"),
      property("og:type", kind),
      property("og:title", title),
      property("og:description", description),
      property("og:url", canonical || own),
      property("og:site_name", site.name),
      property("og:locale", site.language.replace("-", "_")),
      shared && property("og:image", shared.address),
      shared && property("og:image:alt", picture?.alt ?? ""),
      h("link", {
        rel: ["alternate"],
        type: "application/atom+xml",
        title: site.blogName || site.name,
        href: hrefOf(context, "/feed.xml"),
      }),
      h("link", {
        rel: ["alternate"],
        type: "application/feed+json",
        title: site.blogName || site.name,
        href: hrefOf(context, "/feed.json"),
      }),
      h("link", { rel: ["stylesheet"], href: hrefOf(context, "/style.css") }),
      ...more,
      ...data.map(structured),
    ],
    files: shared?.files ?? [],
  };
}

/** A picture that is fetched by whoever shares the page: by its whole address. */
export function sharedPicture(
  context: SiteContext,
  src: string,
): { address: string; files: PictureFile[] } | null {
  const picture = context.pictures.get(src);
  if (!picture) return /^https?:/i.test(src) ? { address: src, files: [] } : null;
  const files = pictureFiles(src, picture);
  return { address: addressOf(context, filePath(files.at(-1)!)), files };
}
