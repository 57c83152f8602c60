import { addressOf } from "../links";
import { defineFiles, written } from "../plan";

/** What search engines may read: all of it (RFC 9309). */
export const robots = defineFiles({
  id: "robots",
  plan: (context) => [
    {
      file: "robots.txt",
      type: "text/plain",
      from: [context.origin, context.prefix],
      write: () => written(`User-agent: *\nAllow: /\n\nSitemap: ${addressOf(context, "/sitemap.xml")}\n`),
    },
  ],
});
