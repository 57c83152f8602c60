/** Who wrote a post, when, and how long it takes to read. */
import type { Element, ElementContent } from "hast";
import { h } from "hastscript";
import type { PlacedPost, SiteContext } from "../context";
import { hrefOf } from "../links";
import { dayInWords } from "../moments";
import { text } from "./html";

const DAY = 86_400_000;

/** @param whole with the link to the author's page, and when it was changed */
export function byline(context: SiteContext, placed: PlacedPost, whole: boolean): Element {
  const { site, words } = context;
  const { post, published, updated, minutes } = placed;
  const author = context.authors.find((one) => one.author.name === post.author);
  const parts: ElementContent[][] = [];
  if (author)
    parts.push([
      text(`${words.by} `),
      whole
        ? h("a", { href: hrefOf(context, author.path), rel: ["author"] }, [text(post.author)])
        : text(post.author),
    ]);
  if (published)
    parts.push([
      h("time", { dateTime: published.iso }, [text(dayInWords(published, site.language, site.timeZone))]),
    ]);
  if (whole && published && updated && updated.time - published.time > DAY)
    parts.push([
      text(`${words.updated} `),
      h("time", { dateTime: updated.iso }, [text(dayInWords(updated, site.language, site.timeZone))]),
    ]);
  parts.push([text(words.minutes(minutes))]);
  return h(
    "p",
    { className: ["byline"] },
    parts.flatMap((part, at) => (at ? [text(" · "), ...part] : part)),
  );
}
