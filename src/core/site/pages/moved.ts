import { h } from "hastscript";
import { samePath } from "../addresses";
import { fileOfPath } from "../files";
import { addressOf, hrefOf, redirectEnds } from "../links";
import { text, writeHtml } from "../parts/html";
import { defineFiles, type FilePlan, type Written } from "../plan";

/**
 * Addresses that were given up. A server answers them with 301 by `redirects.json`; where nothing but files can be put, a page at the old
 * address leads on.
 */
export const moved = defineFiles({
  id: "moved",
  plan(context, planned) {
    const { words, site } = context;
    const pages = new Map(
      planned.flatMap(({ path }) => (path === undefined ? [] : [[samePath(path), path]])),
    );
    const ends = [...redirectEnds(context.redirects, (path) => pages.has(samePath(path))).values()];
    const leading = ends.flatMap(({ redirect, to }) =>
      to === null ? [] : [{ ...redirect, to: pages.get(samePath(to)) ?? to }],
    );
    const lost = ends
      .filter(({ to }) => to === null)
      .map(
        ({ redirect }) =>
          `The redirect from ${redirect.from} leads to ${redirect.to}, and there is no such page.`,
      );
    const list = JSON.stringify(
      {
        version: 1,
        redirects: leading.map(({ from, to, since, why }) => ({ from, to, since, why })),
      },
      null,
      1,
    );
    return [
      {
        file: "redirects.json",
        type: "application/json",
        from: [list, lost.join("\n")],
        write: (): Written => ({ text: `${list}\n`, says: lost, pictures: [] }),
      },
      ...leading.map(
        ({ from, to }): FilePlan => ({
          file: fileOfPath(from),
          type: "text/html",
          from: [context.frame, from, to],
          write: (): Written => ({
            text: writeHtml(
              site.language,
              [
                h("meta", { charSet: "utf-8" }),
                h("meta", { name: "viewport", content: "width=device-width, initial-scale=1" }),
                h("title", {}, [text(words.moved)]),
                h("meta", { httpEquiv: ["refresh"], content: `0; url=${hrefOf(context, to)}` }),
                h("meta", { name: "robots", content: "noindex" }),
                h("link", { rel: ["canonical"], href: addressOf(context, to) }),
                h("link", { rel: ["stylesheet"], href: hrefOf(context, "/style.css") }),
              ],
              h("body", {}, [
                h("main", {}, [
                  h("h1", {}, [text(words.moved)]),
                  h("p", {}, [
                    text(`${words.movedText} `),
                    h("a", { href: hrefOf(context, to) }, [text(addressOf(context, to))]),
                  ]),
                ]),
              ]),
            ),
            says: [],
            pictures: [],
          }),
        }),
      ),
    ];
  },
});
