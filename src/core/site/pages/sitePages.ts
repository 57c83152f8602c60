import { h } from "hastscript";
import { fileOfPath } from "../files";
import { card } from "../parts/card";
import { framed } from "../parts/frame";
import { text } from "../parts/html";
import { defineFiles, type FilePlan, written } from "../plan";

/** Posts that a page of the site leads on to. */
const LATEST = 3;

/** The pages that are no posts: what the site says of each, and the way on to the newest posts. */
export const sitePages = defineFiles({
  id: "site-pages",
  plan(context) {
    const { site, words, posts, pictures } = context;
    const latest = posts.slice(0, LATEST);
    return context.pages.map((page): FilePlan => {
      const title = page.title || site.name;
      return {
        file: fileOfPath(page.path),
        type: "text/html",
        path: page.path,
        listed: "",
        from: [
          context.frame,
          site.listPages,
          page,
          ...latest.flatMap(({ post, path, lead }) => [post, path, lead && pictures.get(lead.src)]),
        ],
        write() {
          const cards = latest.map((post) => card(context, post, 3));
          const html = framed(
            context,
            {
              title: (page.metaTitle || title) + (page.metaTitle ? "" : site.titleSuffix),
              description: page.description,
              path: page.path,
              kind: "website",
            },
            [
              h("h1", {}, [text(title)]),
              page.description ? h("p", {}, [text(page.description)]) : null,
              cards.length ? h("h2", {}, [text(words.latest)]) : null,
              ...cards.map(({ element }) => element),
            ],
            cards.flatMap(({ files }) => files),
          );
          return written(html.text, html.pictures);
        },
      };
    });
  },
});
