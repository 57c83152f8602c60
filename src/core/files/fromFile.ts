/** From a file, by its ending, to a draft: Markdown, HTML, DOCX, plain text. */

import type { Draft } from "../draft/draft";
import { blocksFromEditor } from "../draft/fromEditor";
import { draftFromHtml } from "../draft/fromHtml";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { emptyMeta } from "../draft/meta";
import { pastePlain } from "../paste/plain";
import { draftFromDocx } from "./fromDocx";

export interface ReadFile {
  draft: Draft;
  /** What could not be read, in words. */
  lost: string[];
}

/** Endings that are read. */
export const READABLE = /\.(?:md|markdown|x?html?|docx|txt)$/i;
/** A first line up to this length, with an empty one below it, is the title of a plain text. */
const LONGEST_TITLE = 120;

/**
 * Reads a file.
 *
 * @throws Error with the reason, where its bytes are no text or its structure cannot be read
 */
export async function draftFromFile(name: string, bytes: Uint8Array): Promise<ReadFile> {
  if (/\.docx$/i.test(name)) return draftFromDocx(bytes);
  const text = textOf(bytes);
  if (/\.x?html?$/i.test(name)) return { draft: draftFromHtml(text), lost: [] };
  if (/\.txt$/i.test(name)) return { draft: fromText(text), lost: [] };
  return { draft: draftFromMarkdown(text), lost: [] };
}

function textOf(bytes: Uint8Array): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw new Error("its text is not UTF-8");
  }
}

function fromText(text: string): Draft {
  const [, first = "", rest = ""] = /^\s*([^\n]*)\r?\n\s*\r?\n(.*)$/s.exec(text) ?? [];
  const title = first.trim().length <= LONGEST_TITLE ? first.trim() : "";
  return {
    meta: { ...emptyMeta, supporting: [], tags: [], title },
    blocks: blocksFromEditor(pastePlain(title ? rest : text).doc),
    headingIds: "derived",
  };
}
