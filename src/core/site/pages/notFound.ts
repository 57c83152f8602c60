import { h } from "hastscript";
import { hrefOf } from "../links";
import { framed, startOf } from "../parts/frame";
import { text } from "../parts/html";
import { defineFiles, written } from "../plan";

/** What stands where there is nothing. */
export const notFound = defineFiles({
  id: "not-found",
  plan(context) {
    const { words, frame } = context;
    return [
      {
        file: "404.html",
        type: "text/html",
        from: [frame],
        write() {
          const start = startOf(context);
          const html = framed(context, { title: words.notFound, description: "", kind: "website" }, [
            h("h1", {}, [text(words.notFound)]),
            h("p", {}, [
              text(`${words.notFoundText} `),
              h("a", { href: hrefOf(context, start.path) }, [text(start.name)]),
            ]),
          ]);
          return written(html.text, html.pictures);
        },
      },
    ];
  },
});
