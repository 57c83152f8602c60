/** Places that the blog copies excerpts to: made up, and pages of its own. Each copy leads back to the post. */
import { h } from "hastscript";
import { writeHtml } from "../../../core/site/parts/html";
import type { RenderedPost } from "../../../core/site/site";

export interface Place {
  uid: string;
  name: string;
}

export const PLACES: readonly Place[] = [
  { uid: "town-noticeboard", name: "Town noticeboard (stand-in)" },
  { uid: "riders-digest", name: "Riders' digest (stand-in)" },
];

export const copyPath = (uid: string, id: string): string => `/elsewhere/${uid}/${encodeURIComponent(id)}`;

/** The page of a copy. @param original whole address of the post */
export function copyPage({ name }: Place, post: RenderedPost, original: string): string {
  const title = post.title || "Untitled";
  return writeHtml(
    post.language || "en",
    [
      h("meta", { charSet: "utf-8" }),
      h("meta", { name: "viewport", content: "width=device-width, initial-scale=1" }),
      h("title", {}, [{ type: "text", value: `${title} – ${name}` }]),
      h("link", { rel: ["canonical"], href: original }),
      h("link", { rel: ["stylesheet"], href: "/style.css" }),
    ],
    h("body", {}, [
      h("main", {}, [
        h("p", { className: ["byline"] }, [{ type: "text", value: name }]),
        h("h1", {}, [{ type: "text", value: title }]),
        h("p", {}, [{ type: "text", value: post.excerpt || post.description }]),
        h("p", {}, [h("a", { href: original }, [{ type: "text", value: "Read it where it was published" }])]),
      ]),
    ]),
  );
}
