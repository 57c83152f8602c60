import { x } from "xastscript";
import { categoryName } from "../categories";
import { addressOf } from "../links";
import { rfc3339 } from "../moments";
import { soundText } from "../parts/html";
import { defineFiles, written } from "../plan";
import { entriesFrom, entriesOf } from "./entries";
import { writeXml } from "./xml";

/** A site without posts has changed at no time that anybody knows. */
const NEVER = "1970-01-01T00:00:00Z";

/** The newest posts as an Atom feed (RFC 4287). */
export const atom = defineFiles({
  id: "atom",
  plan: (context) => [
    {
      file: "feed.xml",
      type: "application/atom+xml",
      from: entriesFrom(context),
      write() {
        const { site } = context;
        const { entries, files } = entriesOf(context);
        const changed = entries.map(({ placed }) => (placed.updated ?? placed.published)?.time ?? 0);
        const latest = Math.max(0, ...changed);
        const own = addressOf(context, "/feed.xml");
        return written(
          writeXml(
            x("feed", { xmlns: "http://www.w3.org/2005/Atom", "xml:lang": site.language || "en" }, [
              x("id", addressOf(context, context.listed.path)),
              x("title", soundText(site.blogName || site.name || new URL(context.origin).host)),
              x("updated", latest ? rfc3339({ iso: "", time: latest, isDay: false }) : NEVER),
              x("link", { rel: "self", type: "application/atom+xml", href: own }),
              x("link", {
                rel: "alternate",
                type: "text/html",
                href: addressOf(context, context.listed.path),
              }),
              // A feed needs an author, where an entry may have none.
              x("author", [x("name", soundText(site.name || site.blogName || "–"))]),
              ...entries.map(({ placed, id, title, address, html }) => {
                const { post, published, updated, excerpt } = placed;
                const last = updated ?? published;
                return x("entry", [
                  x("id", id),
                  x("title", title),
                  x("link", { rel: "alternate", type: "text/html", href: address }),
                  ...(published ? [x("published", rfc3339(published))] : []),
                  x("updated", last ? rfc3339(last) : NEVER),
                  ...(post.author ? [x("author", [x("name", soundText(post.author))])] : []),
                  ...post.categories.flatMap((each) => {
                    const name = categoryName(site.categories, each);
                    return name ? [x("category", { term: soundText(name) })] : [];
                  }),
                  ...(excerpt ? [x("summary", soundText(excerpt))] : []),
                  x("content", { type: "html", ...(post.language && { "xml:lang": post.language }) }, html),
                ]);
              }),
            ]),
          ),
          files,
        );
      },
    },
  ],
});
