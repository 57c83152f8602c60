import type { Element, Properties } from "hast";
import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { objectPosition, readFocus } from "../../pictures/focus";
import { collapse, defineBlock, type HtmlHandler, isElement, numberOf, textOf } from "../kind";
import { text as anyText, flag, id, size, textOrNull, word } from "../rules";
import { cleanAddress, linksOf } from "../runs";
import { type BlockBase, blockShape, linkShape, oneOf } from "../shape";

/** Where a picture stands: in the line of the text, wider than it, or beside it with the text around. */
export const PICTURE_SIDES = ["line", "wide", "left", "right"] as const;
export type PictureSide = (typeof PICTURE_SIDES)[number];

const pictureFields = {
  /** Address, data: address or "asset:ID" for a picture kept in the workspace. */
  src: is.text(10_000_000),
  /** File name with its ending, or empty where none is known. */
  fileName: is.text(4000),
  /** Null where the source has no alt attribute at all. */
  alt: is.textOrNull(100_000),
  decorative: is.flag(),
  /** Size of the file; null where unknown. */
  bytes: is.numberOrNull(),
  width: is.numberOrNull(),
  height: is.numberOrNull(),
  side: is.later(is.oneOf(PICTURE_SIDES)),
  /** What stays in sight where only a part is shown, as in core/pictures/focus; null for the middle. */
  focus: is.later(is.textOrNull()),
  /** The picture is a link. */
  link: is.optional(linkShape),
};
const pictureShape = blockShape(["picture"], pictureFields);
export type PictureBlock = Static<typeof pictureShape>;
export type Picture = Pick<PictureBlock, keyof typeof pictureFields>;

const isPicture = (block: BlockBase | undefined): block is PictureBlock => block?.kind === "picture";

/** Pages that load their pictures late keep the address in data-src, and so does the editor's clipboard. */
const read: HtmlHandler = (node, place, reader) => {
  const { properties } = node;
  const src = cleanAddress(String(properties.src || properties.dataSrc || ""));
  if (!src && properties.alt === undefined) return;
  reader.flush(place);
  reader.keepId(node);
  // Blanks alone are neither a description nor the empty text that marks decoration.
  const alt =
    typeof properties.alt === "string"
      ? collapse(properties.alt) || (properties.alt === "" ? "" : null)
      : null;
  const block: Omit<PictureBlock, "id"> = {
    kind: "picture",
    text: "",
    runs: [],
    within: place.within,
    src,
    fileName: fileNameOf(properties, src),
    alt,
    decorative: alt === "" || /^(presentation|none)$/.test(String(properties.role ?? "")),
    bytes: dataBytes(src),
    width: pixels(properties.width),
    height: pixels(properties.height),
    side: "line",
    focus: null,
    ...(place.link && { link: place.link }),
  };
  reader.push(block);
};

const readFigure: HtmlHandler = (node, place, reader) => {
  reader.flush(place);
  reader.keepId(node);
  const captionNode = node.children.find((child): child is Element => isElement(child, "figcaption"));
  const before = reader.blocks.length;
  reader.children(
    node.children.filter((child) => child !== captionNode),
    place,
  );
  reader.flush(place);
  for (const block of reader.blocks.slice(before))
    if (isPicture(block)) {
      block.side = oneOf(PICTURE_SIDES, node.properties.dataSide);
      block.focus = readFocus(node.properties.dataFocus);
    }
  if (!captionNode) return;
  const last = reader.blocks.at(-1);
  if (reader.blocks.length > before && isPicture(last) && !last.text) {
    const caption = reader.caption(captionNode);
    last.text = caption.text;
    last.runs = caption.runs;
  } else {
    reader.block(captionNode, place);
  }
};

export const picture = defineBlock<PictureBlock>({
  shapes: [pictureShape],
  htmlAllowed: {
    elements: ["figure", "figcaption"],
    attributes: {
      "*": ["dataSide", "dataFocus"],
      img: ["src", "dataSrc", "alt", "width", "height", "dataFile"],
    },
  },
  pageStyle: `
img{max-width:100%;height:auto}figure{margin:1.5rem 0}figcaption{font-size:.9rem;color:#54616c}
[data-side=left]{float:left;width:50%;margin:.4rem 1.2rem .6rem 0}[data-side=right]{float:right;width:50%;margin:.4rem 0 .6rem 1.2rem}
[data-side=wide]{margin-inline:-1.25rem}`,
  nodes: {
    picture: {
      content: "text*",
      group: "block",
      attributes: {
        id,
        src: anyText(),
        fileName: anyText(),
        alt: anyText(),
        decorative: flag,
        bytes: size,
        width: size,
        height: size,
        side: word(PICTURE_SIDES, "line"),
        focus: textOrNull,
        href: textOrNull,
      },
    },
  },
  addresses: { picture: { src: "picture", href: "link" } },
  fromEditor: {
    picture({ attrs, push, text }) {
      const decorative = attrs.decorative === true;
      const alt = textOf(attrs.alt).replace(/\s+/g, " ").trim();
      const block: Omit<PictureBlock, "id" | "within"> = {
        kind: "picture",
        ...text(),
        src: cleanAddress(textOf(attrs.src)),
        fileName: textOf(attrs.fileName),
        alt: decorative ? "" : alt || null,
        decorative,
        bytes: numberOf(attrs.bytes),
        width: numberOf(attrs.width),
        height: numberOf(attrs.height),
        side: oneOf(PICTURE_SIDES, attrs.side),
        focus: readFocus(attrs.focus),
        ...(attrs.href ? { link: { href: cleanAddress(textOf(attrs.href)) } } : {}),
      };
      push(block);
    },
  },
  toEditor: {
    picture(block, { withText }) {
      const { src, fileName, decorative, bytes, width, height, side, focus } = block;
      const attrs = {
        src,
        fileName,
        alt: block.alt ?? "",
        decorative,
        bytes,
        width,
        height,
        side,
        focus,
        href: block.link?.href ?? null,
      };
      return [withText({ type: "picture", attrs }, block.runs)];
    },
  },
  fromHtml: {
    img: read,
    picture: (node, place, reader) => {
      for (const child of node.children) if (isElement(child, "img")) read(child, place, reader);
    },
    figure: readFigure,
  },
  toHtml: {
    picture(block, { inline, linkProperties, fileAddress, keepFileNames, focusStyles }) {
      const properties: Properties = { src: fileAddress(block) };
      if (block.decorative) properties.alt = "";
      else if (block.alt !== null) properties.alt = block.alt;
      if (block.width) properties.width = block.width;
      if (block.height) properties.height = block.height;
      if (focusStyles && block.focus) properties.style = `object-position:${objectPosition(block.focus)}`;
      if (keepFileNames && block.fileName) properties.dataFile = block.fileName;
      let image: Element = h("img", properties);
      if (block.link) image = h("a", linkProperties(block.link), [image]);
      const place: Properties = {};
      if (block.side !== "line") place.dataSide = block.side;
      if (block.focus) place.dataFocus = block.focus;
      return h("figure", place, block.text ? [image, h("figcaption", {}, inline(block.runs))] : [image]);
    },
  },
  toMarkdown: {
    figure(_state, node, { html }) {
      const image = node.children[0] as Element;
      // A caption, decoration, a link around it, a place beside the text or a focus: only HTML can say so.
      const plain =
        node.children.length === 1 &&
        image.tagName === "img" &&
        image.properties.alt !== "" &&
        node.properties.dataSide === undefined &&
        node.properties.dataFocus === undefined;
      if (!plain) return html(node);
      const { src, alt } = image.properties;
      return {
        type: "paragraph",
        children: [{ type: "image", url: String(src ?? ""), alt: String(alt ?? "") }],
      };
    },
  },
  toDocx: {
    picture: ({ alt, fileName, runs }) => ({
      style: "text",
      note: `[Picture: ${alt || fileName || "picture"}]`,
      runs,
    }),
  },
  says: { picture: ({ alt, fileName, text }) => `[${alt || fileName}] ${text}` },
  files: { picture: ({ src }) => [src] },
  links: {
    // A picture that is a link is named by its alt text; it has no span in the caption.
    picture: ({ link, alt, runs }) => [
      ...(link ? [{ link, text: alt ?? "", start: 0, end: 0 }] : []),
      ...linksOf(runs),
    ],
  },
});

function pixels(value: unknown): number | null {
  const n = Number(value);
  return value !== undefined && Number.isFinite(n) && n > 0 ? Math.round(n) : null;
}

/** Name of the file behind an address; embedded pictures carry theirs in data-file. */
function fileNameOf(properties: Properties, src: string): string {
  if (typeof properties.dataFile === "string" && properties.dataFile) return properties.dataFile;
  if (/^(data|blob):/i.test(src)) return "";
  const path = src.split(/[?#]/)[0]!.replace(/\\/g, "/");
  const name = path.slice(path.lastIndexOf("/") + 1);
  try {
    return decodeURIComponent(name);
  } catch {
    return name;
  }
}

/** Size of the file inside a base64 data: address (RFC 2397); null for any other address. */
function dataBytes(src: string): number | null {
  const comma = src.startsWith("data:") ? src.indexOf(",") : -1;
  if (comma < 0 || !/;base64$/i.test(src.slice(0, comma).trim())) return null;
  const padding = src.endsWith("==") ? 2 : src.endsWith("=") ? 1 : 0;
  return Math.max(0, Math.floor(((src.length - comma - 1) * 3) / 4) - padding);
}
