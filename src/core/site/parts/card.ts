/** A post as lists of posts show it. */
import type { Element } from "hast";
import { h } from "hastscript";
import type { PlacedPost, SiteContext } from "../context";
import { hrefOf } from "../links";
import { byline } from "./byline";
import { text } from "./html";
import { pageTitle } from "./pageBlocks";
import { imageProperties, type PictureFile } from "./pictureFiles";

const SIZES = "(min-width: 46rem) 14rem, 100vw";

/** @param level of its heading */
export function card(
  context: SiteContext,
  placed: PlacedPost,
  level: 2 | 3,
): { element: Element; files: PictureFile[] } {
  const { site, words } = context;
  const { post, path, lead, hasVideo, excerpt } = placed;
  const { layout, readMore, readMoreVideo } = site.listPages;
  const title = pageTitle(post);
  const href = hrefOf(context, path);
  const picture = layout === "standard" && lead ? imageProperties(context, lead, SIZES) : null;
  const more = hasVideo ? readMoreVideo || words.readMoreVideo : readMore || words.readMore;
  const language = post.language && post.language !== site.language ? { lang: post.language } : {};
  const element = h("article", { className: ["card"], ...language }, [
    // Beside the words: the title below is the link to the same page.
    ...(picture ? [h("img", { ...picture.properties, alt: lead?.alt ?? "" })] : []),
    h("div", {}, [
      h(level === 2 ? "h2" : "h3", {}, [h("a", { href }, [text(title)])]),
      byline(context, placed, false),
      ...(excerpt && layout === "standard" ? [h("p", {}, [text(excerpt)])] : []),
      ...(layout === "standard"
        ? [h("p", {}, [h("a", { href, className: ["more"], ariaLabel: `${more}: ${title}` }, [text(more)])])]
        : []),
    ]),
  ]);
  return { element, files: picture?.files ?? [] };
}
