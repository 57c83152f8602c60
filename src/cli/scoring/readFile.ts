/** Reading files: bytes within bounds, decoding, Markdown or HTML, and the sizes of the pictures that stand beside them. */

import { readFileSync, readSync, statSync } from "node:fs";
import { basename, dirname, extname, resolve } from "node:path";
import type { Block, Draft, DraftMeta } from "../../core/draft/draft";
import { draftFromHtml } from "../../core/draft/fromHtml";
import { draftFromMarkdown } from "../../core/draft/fromMarkdown";
import { FrontMatterError, readFrontMatter } from "../../core/draft/frontMatter";
import { decodeText } from "../../core/text/decodeText";
import type { ScoreOptions } from "./options";

interface Reader {
  html: boolean;
  read(text: string): Draft;
  /** The meta fields alone, where they can be had for less. */
  meta(text: string): DraftMeta;
}

const markdown: Reader = {
  html: false,
  read: draftFromMarkdown,
  meta: (text) => readFrontMatter(text).meta,
};
const html: Reader = { html: true, read: draftFromHtml, meta: (text) => draftFromHtml(text).meta };
const READERS: Record<string, Reader> = {
  ".md": markdown,
  ".markdown": markdown,
  ".mdown": markdown,
  ".txt": markdown,
  ".html": html,
  ".htm": html,
  ".xhtml": html,
};

/** A file as text. */
export interface FileText {
  file: string;
  source: string;
  html: boolean;
}

/** A file as a draft, with the pictures beside it that it was measured with. */
export interface ReadFile extends FileText {
  draft: Draft;
  /** Sizes in bytes by path; null where there is none. */
  pictures: Record<string, number | null>;
}

/** @throws Error where it cannot be read, or is neither Markdown nor HTML */
export function readText(file: string): FileText {
  const reader = READERS[endingOf(file)];
  if (!reader) throw new Error(`“${basename(file)}” is neither Markdown (.md) nor HTML (.html).`);
  return { file, source: decodeText(bytesOf(file), reader.html), html: reader.html };
}

/** @throws FrontMatterError */
export const readMeta = ({ file, source }: FileText): DraftMeta => READERS[endingOf(file)]!.meta(source);

/** @throws FrontMatterError */
export function readDraft(text: FileText, options: Pick<ScoreOptions, "keyword" | "supporting">): ReadFile {
  const draft = READERS[endingOf(text.file)]!.read(text.source);
  const folder = folderOf(text.file);
  const pictures: ReadFile["pictures"] = {};
  const sized = (block: Block): Block => {
    const path = pathOfPicture(block);
    if (path === null || block.kind !== "picture") return block;
    const bytes = sizeOf(folder, path);
    pictures[path] = bytes;
    return bytes === null ? block : { ...block, bytes };
  };
  return {
    ...text,
    pictures,
    draft: {
      ...draft,
      blocks: draft.blocks.map(sized),
      meta: {
        ...draft.meta,
        keyword: options.keyword ?? draft.meta.keyword,
        supporting: options.supporting ?? draft.meta.supporting,
      },
    },
  };
}

/** Larger files hold no post, and nobody waits for them. */
const MOST_BYTES = 10_000_000;
/** The file that is read from standard input, which is taken for Markdown. */
export const STANDARD_INPUT = "-";
const endingOf = (file: string): string => (file === STANDARD_INPUT ? ".md" : extname(file).toLowerCase());
export const folderOf = (file: string): string => dirname(resolve(file));

/** @throws Error where it is no regular file, or larger than any post: a pipe may never end */
function bytesOf(file: string): Buffer {
  if (file !== STANDARD_INPUT) {
    const stat = statSync(file);
    if (stat.isDirectory()) throw new Error("This is a folder; name the files in it.");
    if (!stat.isFile()) throw new Error("This is not a regular file; use - to read from a pipe.");
    if (stat.size > MOST_BYTES) throw new Error(tooLarge);
    return readFileSync(file);
  }
  const pieces: Buffer[] = [];
  let size = 0;
  for (;;) {
    const piece = Buffer.alloc(65_536);
    const read = readSync(0, piece, 0, piece.length, null);
    if (!read) return Buffer.concat(pieces);
    size += read;
    if (size > MOST_BYTES) throw new Error(tooLarge);
    pieces.push(piece.subarray(0, read));
  }
}
const tooLarge = `It is larger than ${MOST_BYTES / 1e6} MB, too large for a post.`;

/** Where a picture of a post may stand as a file beside it; null where it is elsewhere, or its size is known. */
function pathOfPicture(block: Block): string | null {
  if (block.kind !== "picture" || block.bytes !== null || /^([a-z][a-z0-9+.-]*:|\/|#|$)/i.test(block.src))
    return null;
  return block.src.split(/[?#]/)[0]!;
}

/** The size in bytes of a picture beside a post; null where there is none. */
export function sizeOf(folder: string, path: string): number | null {
  try {
    const stat = statSync(resolve(folder, decodeURIComponent(path)));
    return stat.isFile() ? stat.size : null;
  } catch {
    return null;
  }
}

/** Why a file could not be read, in words. */
export function sayWhy(error: unknown): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (error instanceof FrontMatterError) return message;
  if (code === "ENOENT") return "There is no such file.";
  if (code === "EISDIR") return "This is a folder; name the files in it.";
  if (code === "EACCES") return "This file may not be read.";
  return message;
}
