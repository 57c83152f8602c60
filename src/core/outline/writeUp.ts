/** An outline becomes headings of the draft. */
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { foldPlain } from "../text/fold";
import { faqStart, type OutlineItem } from "./outline";

const plainText = (node: EditorNode): string =>
  node.type === "text" ? (node.text ?? "") : (node.content ?? []).map(plainText).join("");

/** A draft with an outline in it. */
export interface WrittenUp {
  doc: EditorDoc;
  /** Headings and questions that were added. */
  added: number;
  /** Place of the first of them among the document's top nodes; null where none was added. */
  first: number | null;
}

/**
 * Writes an outline into a draft: each heading that the draft does not have yet (compared folded) goes behind the section of
 * the outline heading before it, with its note kept in the outline; the FAQ's questions become pairs of a block of questions under
 * a heading of its own. Nothing in the draft is changed or moved.
 */
export function writeUp(
  outline: readonly OutlineItem[],
  doc: EditorDoc,
  faqTitle = "Frequently asked questions",
): WrittenUp {
  const begins = faqStart(outline);
  // A blank draft keeps one line before the first heading: the opening is written there.
  const content: EditorNode[] = isBlank(doc) ? [{ type: "paragraph" }] : [...doc.content];
  const existing = new Set(content.flatMap(headingsIn));
  const questions = outline
    .slice(begins)
    .map(({ text }) => text.trim())
    .filter((text) => foldPlain(text) && !existing.has(foldPlain(text)));
  const faqHead: OutlineItem = { id: "faq", level: 2, text: faqTitle, note: "" };
  const asks = content.findLastIndex(({ type }) => type === "faq");
  const headings = outline.slice(0, begins);
  if (questions.length && asks < 0) headings.push(faqHead);
  let added = 0;
  let cursor = -1;
  let first: number | null = null;
  const insert = (at: number, ...nodes: EditorNode[]) => {
    content.splice(at, 0, ...nodes);
    first = first === null ? at : at <= first ? at : first;
  };
  for (const item of headings) {
    const folded = foldPlain(item.text);
    if (!folded) continue;
    const there = content.findIndex(
      (node) => node.type === "heading" && foldPlain(plainText(node)) === folded,
    );
    if (there >= 0) {
      cursor = there;
      continue;
    }
    const at = cursor < 0 ? openingEnd(content) : sectionEnd(content, cursor, item.level);
    insert(
      at,
      { type: "heading", attrs: { level: item.level }, content: [{ type: "text", text: item.text.trim() }] },
      ...(item === faqHead ? [] : [{ type: "paragraph" }]),
    );
    cursor = at;
    if (item !== faqHead) added++;
  }
  if (questions.length) {
    const pairs = questions.map(pair);
    const asking = content.findLastIndex(({ type }) => type === "faq");
    if (asking >= 0) {
      const block = content[asking]!;
      content[asking] = { ...block, content: [...(block.content ?? []), ...pairs] };
      first ??= asking;
    } else insert(sectionEnd(content, cursor, 2), { type: "faq", content: pairs });
    added += pairs.length;
  }
  return { doc: added ? { type: "doc", content } : doc, added, first: added ? first : null };
}

/** A question, and room for its answer. */
const pair = (text: string): EditorNode => ({
  type: "faqPair",
  content: [{ type: "faqQuestion", content: [{ type: "text", text }] }, { type: "paragraph" }],
});

/** Headings and questions in a node, folded. */
const headingsIn = (node: EditorNode): string[] =>
  node.type === "heading" || node.type === "faqQuestion"
    ? [foldPlain(plainText(node))]
    : (node.content ?? []).flatMap(headingsIn);

function isBlank(doc: EditorDoc): boolean {
  return doc.content.every((node) => node.type === "paragraph" && !node.content?.length);
}

/** Place of the first heading, or the end: an opening stays in front. */
function openingEnd(content: readonly EditorNode[]): number {
  const first = content.findIndex((node) => node.type === "heading");
  return first < 0 ? content.length : first;
}

/** End of the section that a heading begins: the next heading, or for an H2 item the next of level 2 or higher. */
function sectionEnd(content: readonly EditorNode[], heading: number, level: 2 | 3): number {
  for (let i = heading + 1; i < content.length; i++) {
    const node = content[i]!;
    if (node.type === "heading" && (level === 3 || Number(node.attrs?.level ?? 2) <= 2)) return i;
  }
  return content.length;
}
