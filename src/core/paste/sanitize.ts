/** What comes in from elsewhere loses all that could act. */
import type { Root } from "hast";
import rehypeSanitize, { defaultSchema } from "rehype-sanitize";
import { unified } from "unified";
import { BLOCK_KINDS } from "../blocks/registry";
import { SCHEMES } from "../safety/addresses";

/** Attributes that kinds of blocks are read from, by the element. */
const ofBlocks: Record<string, string[]> = {};
for (const { htmlAllowed } of BLOCK_KINDS)
  for (const [element, names] of Object.entries(htmlAllowed?.attributes ?? {}))
    ofBlocks[element] = [...(ofBlocks[element] ?? []), ...names];

/** What may come in: no script, style, form or frame, addresses of known schemes only. Embedded pictures may stay as data. */
export const pasteSchema = {
  ...defaultSchema,
  attributes: {
    ...ofBlocks,
    "*": ["id", "dataBlock", ...(ofBlocks["*"] ?? [])],
    a: ["href", ...(ofBlocks.a ?? [])],
    code: [["className", /^language-/]],
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
    "main",
    "article",
    "header",
    ...BLOCK_KINDS.flatMap(({ htmlAllowed }) => htmlAllowed?.elements ?? []),
  ],
};
const sanitizer = unified().use(rehypeSanitize, pasteSchema);

/** Removes from a parsed page all that could act. */
export function sanitizeTree(tree: Root): Root {
  return sanitizer.runSync(tree) as Root;
}
