import type { Properties } from "hast";
import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { fileSize, mediaTypeOfName } from "../../media/mediaTypes";
import { collapse, defineBlock, isElement, numberOf, textOf } from "../kind";
import { text as anyText, id, size } from "../rules";
import { cleanAddress } from "../runs";
import { blockShape } from "../shape";

/** A file to download. Its text is what the link says; the file's kind and size stand beside it. */
const fileShape = blockShape(["file"], {
  /** Address, or "asset:ID" for a file kept in the workspace. */
  src: is.text(100_000),
  /** With its ending, which says its kind. */
  fileName: is.text(4000),
  /** Size of the file; null where unknown. */
  bytes: is.numberOrNull(),
});
export type FileBlock = Static<typeof fileShape>;

/** "PDF, 230 kB": what is known of a file before it is downloaded. */
export const fileDetails = (
  { fileName, bytes }: Pick<FileBlock, "fileName" | "bytes">,
  language?: string,
): string =>
  [mediaTypeOfName(fileName)?.ending.toUpperCase() ?? "", bytes === null ? "" : fileSize(bytes, language)]
    .filter(Boolean)
    .join(", ");

export const file = defineBlock<FileBlock>({
  shapes: [fileShape],
  htmlAllowed: { attributes: { a: ["dataSrc", "download", "dataBytes"] }, elements: ["small"] },
  pageStyle:
    "\n[data-block=file]{border:1px solid #c9ced3;border-radius:3px;padding:.6rem .9rem}[data-block=file] small{color:#54616c;margin-inline-start:.6rem}",
  nodes: {
    file: {
      content: "text*",
      group: "block",
      attributes: { id, src: anyText(), fileName: anyText(), bytes: size },
    },
  },
  addresses: { file: { src: "file" } },
  fromEditor: {
    file({ attrs, push, text }) {
      const block: Omit<FileBlock, "id" | "within"> = {
        kind: "file",
        src: cleanAddress(textOf(attrs.src)),
        fileName: textOf(attrs.fileName),
        bytes: numberOf(attrs.bytes),
        ...text(),
      };
      push(block);
    },
  },
  toEditor: {
    file: ({ src, fileName, bytes, runs }, { withText }) => [
      withText({ type: "file", attrs: { src, fileName, bytes } }, runs),
    ],
  },
  fromMarkedHtml: {
    file(node, place, reader) {
      const link = node.children.find((child) => isElement(child, "a"));
      if (link?.type !== "element") return reader.block({ ...node, properties: {} }, place);
      reader.flush(place);
      reader.keepId(node);
      const { href, dataSrc, download, dataBytes } = link.properties;
      const bytes = Number(dataBytes);
      const { text, runs } = reader.caption(link);
      const block: Omit<FileBlock, "id"> = {
        kind: "file",
        src: cleanAddress(textOf(href || dataSrc)),
        fileName: collapse(textOf(download)),
        bytes: dataBytes !== undefined && bytes >= 0 ? bytes : null,
        text,
        // The link is the block's own, not one of its text.
        runs: runs.map(({ link: _link, ...run }) => run),
        within: place.within,
      };
      reader.push(block);
    },
  },
  toHtml: {
    file(block, { inline, fileAddress }) {
      const { src, fileName, bytes, runs } = block;
      const properties: Properties = { href: fileAddress({ src }), download: fileName };
      if (bytes !== null) properties.dataBytes = bytes;
      const details = fileDetails(block);
      return h("p", { dataBlock: "file" }, [
        h("a", properties, runs.length ? inline(runs) : [{ type: "text", value: fileName }]),
        ...(details ? [h("small", {}, [{ type: "text", value: details } as const])] : []),
      ]);
    },
  },
  toDocx: {
    file: ({ fileName, runs }) => ({ style: "text", note: `[File: ${fileName || "file"}]`, runs }),
  },
  words: { file: () => false },
  says: { file: ({ fileName, text }) => `[${fileName}] ${text}` },
  files: { file: ({ src }) => [src] },
});
