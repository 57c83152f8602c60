import { addressOf } from "../links";
import { rfc3339 } from "../moments";
import { soundText } from "../parts/html";
import { defineFiles, written } from "../plan";
import { entriesFrom, entriesOf } from "./entries";

/** The newest posts as a JSON Feed (version 1.1). */
export const jsonFeed = defineFiles({
  id: "json-feed",
  plan: (context) => [
    {
      file: "feed.json",
      type: "application/feed+json",
      from: entriesFrom(context),
      write() {
        const { site } = context;
        const { entries, files } = entriesOf(context);
        const feed = {
          version: "https://jsonfeed.org/version/1.1",
          title: soundText(site.blogName || site.name || new URL(context.origin).host),
          home_page_url: addressOf(context, context.listed.path),
          feed_url: addressOf(context, "/feed.json"),
          language: site.language || "en",
          items: entries.map(({ placed, id, title, address, html, image }) => ({
            id,
            url: address,
            title: soundText(title),
            content_html: html,
            ...(placed.excerpt && { summary: soundText(placed.excerpt) }),
            ...(image && { image }),
            ...(placed.published && { date_published: rfc3339(placed.published) }),
            ...(placed.updated && { date_modified: rfc3339(placed.updated) }),
            ...(placed.post.author && { authors: [{ name: soundText(placed.post.author) }] }),
            ...(placed.post.tags.length > 0 && { tags: placed.post.tags.map(soundText) }),
            ...(placed.post.language && { language: placed.post.language }),
          })),
        };
        return written(`${JSON.stringify(feed, null, 1)}\n`, files);
      },
    },
  ],
});
