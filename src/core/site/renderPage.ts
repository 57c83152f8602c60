/** One post's page by itself, as the whole site would have it; and its card, as lists have it. */
import { siteContext } from "./context";
import { post as postKind } from "./pages/post";
import { card } from "./parts/card";
import { writeFragment } from "./parts/html";
import type { PictureFile } from "./parts/pictureFiles";
import type { SiteSource } from "./site";
import { stylesheet } from "./stylesheet";

export interface RenderedPage {
  /** Path in addresses. */
  path: string;
  html: string;
  /** Its card on list pages, as a part of a page. */
  card: string;
  css: string;
  pictures: PictureFile[];
  /** What is not right about it, in sentences. */
  says: string[];
  /** Paths of the list pages that show it, by name. */
  listedOn: { name: string; path: string }[];
}

/** @returns null where the post is not among those of the source, or has an address that another has */
export function renderPage(source: SiteSource, id: string): RenderedPage | null {
  const context = siteContext(source, null);
  const placed = context.posts.find(({ post }) => post.id === id);
  if (!placed) return null;
  const plan = postKind.plan(context, []).find(({ path }) => path === placed.path);
  const css = stylesheet.plan(context, [])[0];
  if (!plan || !css) return null;
  const { text, says, pictures } = plan.write();
  const small = card(context, placed, 2);
  const shelves = [
    { name: source.site.blogName, shelf: context.listed },
    ...context.categories.map((shelf) => ({ name: shelf.category.name, shelf })),
  ];
  return {
    path: placed.path,
    html: text,
    card: writeFragment([small.element]),
    css: css.write().text,
    pictures: [...pictures, ...small.files],
    says: [...says, ...context.says.filter(({ post }) => post === placed).map((one) => one.says)],
    listedOn: shelves
      .filter(({ shelf }) => shelf.posts.includes(placed))
      .map(({ name, shelf }) => ({ name, path: shelf.path })),
  };
}
