/** Pages as schema.org describes them, for search engines (JSON-LD 1.1). */
import type { PlacedPost, SiteContext } from "../context";
import { addressOf } from "../links";
import { rfc3339 } from "../moments";
import type { Author } from "../shapes";
import type { Crumb } from "./frame";
import { sharedPicture } from "./head";
import { pageTitle } from "./pageBlocks";

const CONTEXT = "https://schema.org";

export function blogPosting(context: SiteContext, placed: PlacedPost, section: string): object {
  const { post, published, updated, lead } = placed;
  const address = addressOf(context, placed.path);
  const image = sharedPicture(
    context,
    post.socialPicture || lead?.src || context.site.socialPicture || "",
  )?.address;
  const author = context.authors.find((one) => one.author.name === post.author);
  return {
    "@context": CONTEXT,
    "@type": "BlogPosting",
    headline: pageTitle(post),
    ...(placed.excerpt && { description: post.description || placed.excerpt }),
    url: address,
    mainEntityOfPage: post.canonical || address,
    ...(author && {
      author: { "@type": "Person", name: author.author.name, url: addressOf(context, author.path) },
    }),
    ...(published && { datePublished: published.isDay ? published.iso : rfc3339(published) }),
    ...(updated && { dateModified: rfc3339(updated) }),
    ...(image && { image }),
    ...(section && { articleSection: section }),
    ...(post.tags.length > 0 && { keywords: post.tags.join(", ") }),
    ...(post.location && {
      contentLocation: { "@type": "Place", name: post.location.name, address: post.location.place },
    }),
    inLanguage: post.language || context.site.language,
    publisher: { "@type": "Organization", name: context.site.name },
  };
}

/** @param trail the page itself last; null where it has nothing above it */
export function breadcrumbList(context: SiteContext, trail: readonly Crumb[]): object | null {
  if (trail.length < 2) return null;
  return {
    "@context": CONTEXT,
    "@type": "BreadcrumbList",
    itemListElement: trail.map(({ name, path }, at) => ({
      "@type": "ListItem",
      position: at + 1,
      name,
      item: addressOf(context, path),
    })),
  };
}

export const person = (context: SiteContext, { name, biography }: Author, path: string): object => ({
  "@context": CONTEXT,
  "@type": "Person",
  name,
  ...(biography && { description: biography }),
  url: addressOf(context, path),
  worksFor: { "@type": "Organization", name: context.site.name },
});
