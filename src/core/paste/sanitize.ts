/** What comes in from elsewhere loses all that could act. */
import type { Root } from "hast";
import rehypeSanitize, { defaultSchema } from "rehype-sanitize";
import { unified } from "unified";
import { SCHEMES } from "../safety/addresses";

/** What may come in: no script, style, form or frame, addresses of known schemes only. Embedded pictures may stay as data. */
export const pasteSchema = {
  ...defaultSchema,
  attributes: {
    "*": ["id", "dataBlock", "dataLayout", "dataSide", "dataFocus"],
    a: ["href"],
    img: ["src", "dataSrc", "alt", "width", "height", "dataFile"],
    ol: ["start"],
    td: ["colSpan", "rowSpan"],
    th: ["colSpan", "rowSpan"],
    code: [["className", /^language-/]],
    iframe: ["src", "title", "dataPoster"],
  } as (typeof defaultSchema)["attributes"],
  // Elements whose text nobody reads: they go with all that is in them.
  strip: ["script", "style", "title", "noscript", "template", "textarea", "select", "svg", "math", "object"],
  clobber: [],
  protocols: {
    href: [...SCHEMES.link],
    // Which data may pass is asked of the document, of which each way in makes sure.
    src: [...SCHEMES.picture, "data"],
    dataSrc: [...SCHEMES.picture, "data"],
    dataPoster: [...SCHEMES.picture, "data"],
  },
  tagNames: [
    ...(defaultSchema.tagNames ?? []),
    "figure",
    "figcaption",
    "main",
    "article",
    "header",
    "iframe",
    "nav",
  ],
};
const sanitizer = unified().use(rehypeSanitize, pasteSchema);

/** Removes from a parsed page all that could act. */
export function sanitizeTree(tree: Root): Root {
  return sanitizer.runSync(tree) as Root;
}
