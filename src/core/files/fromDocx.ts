/** From a word processor's file (DOCX, ECMA-376) to a draft, by way of the HTML that its structure makes. */
import { unzipSync } from "fflate";
import type { Draft } from "../draft/draft";
import { blocksFromEditor } from "../draft/fromEditor";
import { emptyMeta } from "../draft/meta";
import { pasteHtml } from "../paste/paste";

/** Unpacked size that is still read; a small file may claim to be huge. */
const MOST_BYTES = 200 * 1024 * 1024;
const STYLES = [
  "p[style-name='Title'] => h1:fresh",
  "p[style-name='Subtitle'] => p:fresh",
  "p[style-name='Quote'] => blockquote:fresh",
  "p[style-name='Intense Quote'] => blockquote:fresh",
  "strike => s",
];

/**
 * Reads a DOCX file: headings, lists, tables, links, emphasis, footnotes and embedded pictures. A single first-level heading
 * at the start is the title.
 *
 * @returns the draft, and what could not be read, in words
 * @throws Error where the file is no DOCX or unpacks to more than 200 MB
 */
export async function draftFromDocx(bytes: Uint8Array): Promise<{ draft: Draft; lost: string[] }> {
  let unpacked = 0;
  try {
    unzipSync(bytes, {
      filter: ({ originalSize }) => {
        unpacked += originalSize;
        return false;
      },
    });
  } catch {
    throw new Error("it is no DOCX file, or damaged");
  }
  if (unpacked > MOST_BYTES) throw new Error("it unpacks to more than 200 MB");
  // Large, and seldom needed.
  const { default: mammoth } = await import("mammoth");
  const { value, messages } = await mammoth.convertToHtml(inputOf(bytes), { styleMap: STYLES });
  const blocks = blocksFromEditor(pasteHtml(value).doc);
  const firsts = blocks.filter((block) => block.kind === "heading" && block.level === 1);
  const title = firsts.length === 1 && blocks[0] === firsts[0] ? firsts[0]!.text : "";
  return {
    draft: {
      meta: { ...emptyMeta, supporting: [], tags: [], title },
      blocks: title ? blocks.slice(1) : blocks,
      headingIds: "derived",
    },
    lost: lostOf(messages.map(({ message }) => message)),
  };
}

/** In a browser the package reads an ArrayBuffer, elsewhere a Buffer; both are the bytes. */
const inputOf = (bytes: Uint8Array): { arrayBuffer: ArrayBuffer } => {
  const arrayBuffer = bytes.slice().buffer;
  return { arrayBuffer, buffer: bytes } as { arrayBuffer: ArrayBuffer };
};

/** Styles of its own are how a text looks, which is ignored over anyway; what else is said is said once. */
const lostOf = (messages: readonly string[]): string[] => [
  ...new Set(messages.filter((message) => !/^Unrecognised (?:paragraph|run|table) style/.test(message))),
];
