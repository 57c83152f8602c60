/** Text as it is, read as nothing: a paragraph for each stretch between empty lines. For what no reader comes to an end with. */

import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { emptyDoc } from "../blocks/editorJson";
import type { Draft } from "./draft";
import { blocksFromEditor } from "./fromEditor";
import { emptyMeta } from "./meta";

/** More paragraphs than this go on in the last one. */
const MOST_PARAGRAPHS = 20_000;

export function plainDoc(text: string): EditorDoc {
  const parts = text
    .toWellFormed()
    .replace(/\r\n?/g, "\n")
    .split(/\n\s*\n/)
    .map((part) => part.replace(/\s+/g, " ").trim())
    .filter(Boolean);
  const rest = parts.splice(MOST_PARAGRAPHS);
  if (rest.length) parts.push(rest.join(" "));
  const content = parts.map(
    (value): EditorNode => ({ type: "paragraph", content: [{ type: "text", text: value }] }),
  );
  return content.length ? { type: "doc", content } : emptyDoc;
}

export const plainDraft = (text: string): Draft => ({
  meta: { ...emptyMeta, supporting: [], tags: [] },
  blocks: blocksFromEditor(plainDoc(text)),
  headingIds: "derived",
});
