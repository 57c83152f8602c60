/** Random drafts for property tests: editor documents as the schema allows them, with the text that breaks things. */
import fc from "fast-check";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { GALLERY_LAYOUTS } from "../blocks/gallery/gallery";
import { PICTURE_SIDES } from "../blocks/picture/picture";
import type { Draft, DraftMeta } from "../draft/draft";
import { blocksFromEditor } from "../draft/fromEditor";
import { emptyMeta } from "../draft/meta";
import { oneLine } from "../draft/oneLine";

const word = fc.oneof(
  {
    weight: 8,
    arbitrary: fc.constantFrom(
      "cargo",
      "bike",
      "bikes",
      "electric",
      "for",
      "families",
      "the",
      "and",
      "Rain,",
      "brakes.",
      "e-bike",
      "wheel's",
      "3.5",
      "20%",
    ),
  },
  {
    weight: 2,
    arbitrary: fc.constantFrom(
      "café",
      "naïve",
      "🚲",
      "👩‍👧‍👦",
      "שלום",
      "مرحبا",
      "東京",
      "ﬁn",
      "a\u0301",
      "\u00a0",
      "\u200b",
      "…",
      "“so”",
    ),
  },
  {
    weight: 2,
    arbitrary: fc.constantFrom(
      "*",
      "**",
      "_",
      "__x__",
      "`",
      "~~",
      "# ",
      "- ",
      "1. ",
      "> ",
      "|",
      "[x](y)",
      "![",
      "<b>",
      "</p>",
      "&amp;",
      "\\",
      "http://a.example",
      "www.b.example",
      "a@b.example",
      "---",
      "+++",
      "[ ]",
      ":::",
      "$$",
      "[^1]",
      "<!--",
      "  ",
      "\t",
      "\n",
    ),
  },
  { weight: 1, arbitrary: fc.string({ unit: "binary", maxLength: 8 }) },
  { weight: 1, arbitrary: fc.string({ maxLength: 8 }) },
);
export const anyText = fc.array(word, { maxLength: 7 }).map((words) => words.join(" "));

const href = fc.constantFrom(
  "/journal/locks",
  "https://a.example/x?y=1&z=2",
  "http://b.example",
  "#riding",
  "mailto:a@b.example",
  "javascript:alert(1)",
  "https://c.example/(a)_b",
  "/a b",
);
const marks = fc
  .uniqueArray(fc.constantFrom("bold", "italic", "strike"), { maxLength: 3 })
  .chain((names) =>
    fc
      .option(href, { freq: 3, nil: undefined })
      .map((to) => [
        ...names.map((type) => ({ type })),
        ...(to ? [{ type: "link", attrs: { href: to } }] : []),
      ]),
  );
const textNode = fc
  .tuple(anyText, marks)
  .map(([text, m]): EditorNode => (m.length ? { type: "text", text, marks: m } : { type: "text", text }));
const inline = fc
  .array(
    fc.oneof(
      { weight: 6, arbitrary: textNode },
      { weight: 1, arbitrary: fc.constant<EditorNode>({ type: "hardBreak" }) },
    ),
    { maxLength: 5 },
  )
  .map((nodes) => nodes.filter((node) => node.type !== "text" || node.text));

const paragraph = inline.map((content): EditorNode => ({ type: "paragraph", content }));
const heading = fc.tuple(fc.integer({ min: 1, max: 6 }), inline).map(
  ([level, content]): EditorNode => ({
    type: "heading",
    attrs: { level },
    content: content.filter((n) => n.type === "text"),
  }),
);
const { list } = fc.letrec<{ list: EditorNode }>((tie) => ({
  list: fc
    .tuple(
      fc.boolean(),
      fc.array(
        fc.tuple(paragraph, fc.option(tie("list"), { freq: 4, nil: undefined })).map(
          ([first, nested]): EditorNode => ({
            type: "listItem",
            content: nested ? [first, nested] : [first],
          }),
        ),
        { minLength: 1, maxLength: 3 },
      ),
    )
    .map(
      ([ordered, content]): EditorNode => ({
        type: ordered ? "orderedList" : "bulletList",
        ...(ordered && { attrs: { start: 1 } }),
        content,
      }),
    ),
}));
const lines = fc.array(paragraph, { minLength: 1, maxLength: 3 });
const quote = fc
  .tuple(lines, fc.boolean())
  .map(([content, pull]): EditorNode => ({ type: "blockquote", attrs: { pull }, content }));
const note = lines.map((content): EditorNode => ({ type: "note", content }));
const oneLineOf = inline.map((nodes) => nodes.filter((node) => node.type === "text"));
const faq = fc.array(fc.tuple(oneLineOf, lines), { minLength: 1, maxLength: 3 }).map(
  (pairs): EditorNode => ({
    type: "faq",
    content: pairs.map(([content, answer]) => ({
      type: "faqPair",
      content: [{ type: "faqQuestion", content }, ...answer],
    })),
  }),
);
const button = fc.tuple(oneLineOf, href).map(
  ([content, to]): EditorNode => ({
    type: "button",
    attrs: { href: to },
    content: content.map(({ marks: some = [], ...node }) => ({
      ...node,
      marks: some.filter(({ type }) => type !== "link"),
    })),
  }),
);
const code = anyText.map(
  (text): EditorNode => ({
    type: "codeBlock",
    attrs: { language: null },
    content: text ? [{ type: "text", text }] : [],
  }),
);
const picture = fc
  .tuple(
    fc.constantFrom("family-cargo-bike.jpg", "IMG_2041.jpg", "screenshot 3.png"),
    anyText,
    fc.boolean(),
    inline,
    fc.constantFrom(...PICTURE_SIDES),
    fc.constantFrom(null, "0 100", "40 25"),
  )
  .map(
    ([fileName, alt, decorative, content, side, focus]): EditorNode => ({
      type: "picture",
      attrs: {
        src: `pictures/${encodeURIComponent(fileName)}`,
        fileName,
        alt,
        decorative,
        bytes: null,
        width: null,
        height: null,
        side,
        focus,
      },
      content: content.filter((n) => n.type === "text"),
    }),
  );
const embed = fc
  .record({
    href: fc.constantFrom("https://video.example/studs", "https://video.example/talk?at=5#t"),
    label: fc.constantFrom("Fitting studs", "A talk & more"),
    poster: fc.constantFrom("", "pictures/winter.jpg", "asset:4f2a"),
  })
  .map((attrs): EditorNode => ({ type: "embed", attrs }));
const file = fc
  .tuple(
    fc.record({
      src: fc.constantFrom("asset:91c0", "https://files.example/checklist.pdf", "files/a%20b.csv"),
      fileName: fc.constantFrom("checklist.pdf", "what it costs.csv", "no-ending"),
      bytes: fc.constantFrom(null, 0, 231_400),
    }),
    inline,
  )
  .map(
    ([attrs, content]): EditorNode => ({
      type: "file",
      attrs,
      // What the link says is never empty by chance: the file's name stands for it then.
      content: [{ type: "text", text: "Checklist" }, ...content.filter((n) => n.type === "text")].map(
        ({ marks, ...node }) => ({
          ...node,
          ...(marks && { marks: marks.filter(({ type }) => type !== "link") }),
        }),
      ),
    }),
  );
const linkCard = fc
  .record({
    href: fc.constantFrom("https://oakandsleet.example/studs?a=1&b=2", "/journal/winter#tyres"),
    title: fc.constantFrom("Fitting studs", "A talk & more <than> that"),
    description: fc.constantFrom("", "Two pages on ice."),
    picture: fc.constantFrom("", "pictures/winter.jpg", "asset:4f2a"),
  })
  .map((attrs): EditorNode => ({ type: "linkCard", attrs }));
const gallery = fc
  .tuple(fc.array(picture, { minLength: 1, maxLength: 3 }), fc.constantFrom(...GALLERY_LAYOUTS))
  .map(([content, layout]): EditorNode => ({ type: "gallery", attrs: { layout }, content }));
const table = fc
  .tuple(
    fc.integer({ min: 1, max: 3 }),
    fc.integer({ min: 1, max: 3 }),
    fc.boolean(),
    fc.infiniteStream(paragraph),
  )
  .map(
    ([rows, columns, header, cells]): EditorNode => ({
      type: "table",
      content: Array.from({ length: rows }, (_, r) => ({
        type: "tableRow",
        content: Array.from({ length: columns }, () => ({
          type: header && r === 0 ? "tableHeader" : "tableCell",
          attrs: { colspan: 1, rowspan: 1 },
          content: [cells.next().value as EditorNode],
        })),
      })),
    }),
  );

export const anyDoc = fc
  .array(
    fc.oneof(
      { weight: 6, arbitrary: paragraph },
      { weight: 3, arbitrary: heading },
      { weight: 2, arbitrary: list },
      { weight: 1, arbitrary: quote },
      { weight: 1, arbitrary: code },
      { weight: 2, arbitrary: picture },
      { weight: 1, arbitrary: table },
      { weight: 1, arbitrary: note },
      { weight: 1, arbitrary: faq },
      { weight: 1, arbitrary: gallery },
      { weight: 1, arbitrary: button },
      { weight: 1, arbitrary: embed },
      { weight: 1, arbitrary: file },
      { weight: 1, arbitrary: linkCard },
      { weight: 1, arbitrary: fc.constant<EditorNode>({ type: "contents" }) },
      { weight: 1, arbitrary: fc.constant<EditorNode>({ type: "horizontalRule" }) },
    ),
    { maxLength: 5 },
  )
  .map(
    (content): EditorDoc => ({ type: "doc", content: content.length ? content : [{ type: "paragraph" }] }),
  );

const line = anyText.map(oneLine);

export const anyMeta = fc
  .record({
    title: line,
    metaTitle: line,
    description: line,
    slug: fc.constantFrom("", "electric-cargo-bike", "Bikes_2024", "the-of-and"),
    keyword: fc.constantFrom(
      "",
      "cargo bike",
      "electric cargo bike for families",
      "the",
      "e-bike",
      "東京",
      "🚲",
    ),
    socialPicture: fc.constantFrom("", "", "https://x.example/pictures/card.jpg"),
  })
  .map(
    (fields): DraftMeta => ({
      ...emptyMeta,
      canonical: fields.slug && `https://x.example/journal/${fields.slug}`,
      ...fields,
    }),
  );

export const anyDraft = fc
  .tuple(anyMeta, anyDoc)
  .map(([meta, doc]): Draft => ({ meta, blocks: blocksFromEditor(doc), headingIds: "derived" }));
