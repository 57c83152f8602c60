/** Pages that list posts, as many a page as the site says. */
import type { ElementContent } from "hast";
import { h } from "hastscript";
import type { PlacedPost, SiteContext } from "../context";
import { fileOfPath } from "../files";
import { hrefOf } from "../links";
import { type FilePlan, written } from "../plan";
import { card } from "./card";
import { type Crumb, framed, trailNav } from "./frame";
import { text } from "./html";
import { breadcrumbList } from "./jsonLd";
import type { PictureFile } from "./pictureFiles";

export interface Listing {
  path: string;
  /** The page's H1. */
  title: string;
  description: string;
  /** What stands above it. */
  trail: readonly Crumb[];
  /** What it is shared with, as blocks name pictures; absent for none of its own. */
  picture?: string;
  /** What is said before the posts, and files of pictures in it. */
  intro: readonly (ElementContent | null)[];
  files?: readonly PictureFile[];
  posts: readonly PlacedPost[];
  kind: "website" | "profile";
  data: readonly (object | null)[];
  /** What it is made from, besides its posts. */
  from: readonly unknown[];
}

const pathOfPage = (path: string, page: number): string =>
  page === 1 ? path : `${path === "/" ? "" : path}/page/${page}`;

export function listingPlans(context: SiteContext, listing: Listing): FilePlan[] {
  const { site, frame, pictures } = context;
  const { perPage } = site.listPages;
  const pages = Math.max(1, Math.ceil(listing.posts.length / perPage));
  return Array.from({ length: pages }, (_, at): FilePlan => {
    const posts = listing.posts.slice(at * perPage, (at + 1) * perPage);
    const path = pathOfPage(listing.path, at + 1);
    const changed = Math.max(0, ...posts.map(({ updated, published }) => (updated ?? published)?.time ?? 0));
    return {
      file: fileOfPath(path),
      type: "text/html",
      path,
      listed: changed ? new Date(changed).toISOString() : "",
      from: [
        frame,
        listing.picture && pictures.get(listing.picture),
        site.listPages,
        pages,
        ...listing.from,
        ...posts.flatMap(({ post, path: each, lead }) => [post, each, lead && pictures.get(lead.src)]),
      ],
      write() {
        const { text: html, pictures: files } = page(context, listing, posts, at + 1, pages);
        return written(html, files);
      },
    };
  });
}

function page(
  context: SiteContext,
  { path, title, description, picture, trail, intro, files = [], kind, data }: Listing,
  posts: readonly PlacedPost[],
  number: number,
  of: number,
): { text: string; pictures: PictureFile[] } {
  const { words, site } = context;
  const cards = posts.map((post) => card(context, post, 2));
  const isFirst = number === 1;
  const name = isFirst ? title : `${title}, ${words.page(number, of)}`;
  const own = pathOfPage(path, number);
  const link = (to: number, label: string, rel: string) =>
    h("a", { href: hrefOf(context, pathOfPage(path, to)), rel: [rel] }, [text(label)]);
  const turns =
    of > 1
      ? h("nav", { className: ["turns"], ariaLabel: words.page(number, of) }, [
          h("ul", {}, [
            ...(number > 1 ? [h("li", {}, [link(number - 1, `← ${words.newer}`, "prev")])] : []),
            h("li", {}, [text(words.page(number, of))]),
            ...(number < of ? [h("li", {}, [link(number + 1, `${words.older} →`, "next")])] : []),
          ]),
        ])
      : null;
  return framed(
    context,
    {
      title: `${name}${name.includes(site.name) ? "" : ` – ${site.name}`}`,
      description: isFirst ? description : "",
      path: own,
      kind,
      picture: picture ? { src: picture, alt: title } : (posts[0]?.lead ?? null),
      data: isFirst ? [...data, breadcrumbList(context, [...trail, { name: title, path }])] : [],
    },
    [
      trailNav(context, trail),
      h("h1", {}, [text(name)]),
      ...(isFirst ? intro : []),
      ...(cards.length ? cards.map(({ element }) => element) : [h("p", {}, [text(words.noPosts)])]),
      turns,
    ],
    [...(isFirst ? files : []), ...cards.flatMap((one) => one.files)],
  );
}
