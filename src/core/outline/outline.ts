/** The outline: a flat list of headings of two levels, each with a note; questions of the FAQ stay last. All operations return a new list. */
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { foldPlain } from "../text/fold";
import type { OutlineItem } from "./shapes";

export type { OutlineItem } from "./shapes";

/** Changes of an item; what is undefined is taken away. */
export type OutlineChanges = { [Key in keyof OutlineItem]?: OutlineItem[Key] | undefined };

export function changedItem(item: OutlineItem, changes: OutlineChanges): OutlineItem {
  const all = Object.entries({ ...item, ...changes }).filter(([, value]) => value !== undefined);
  return Object.fromEntries(all) as unknown as OutlineItem;
}

/** The FAQ behind everything else, its questions on one level. */
export function settled(items: readonly OutlineItem[]): OutlineItem[] {
  const faq = items
    .filter((item) => item.faq)
    .map((item) => (item.level === 3 ? item : { ...item, level: 3 as const }));
  return [...items.filter((item) => !item.faq), ...faq];
}

/** Where the FAQ begins: the end where there is none. */
export function faqStart(items: readonly OutlineItem[]): number {
  const first = items.findIndex((item) => item.faq);
  return first < 0 ? items.length : first;
}

/** Moves an item, and the H3s below it when it is an H2, to just before another item's place (or the end). */
export function moveItem(items: readonly OutlineItem[], id: string, to: number): OutlineItem[] {
  const from = items.findIndex((item) => item.id === id);
  if (from < 0) return [...items];
  const length = branchLength(items, from);
  if (to >= from && to <= from + length) return [...items];
  const branch = items.slice(from, from + length);
  const rest = [...items.slice(0, from), ...items.slice(from + length)];
  const target = to > from ? to - length : to;
  return settled([...rest.slice(0, target), ...branch, ...rest.slice(target)]);
}

/** Moves an item one place up or down: an H2 past the whole neighbouring section, an H3 past its neighbour. */
export function nudgeItem(items: readonly OutlineItem[], id: string, direction: -1 | 1): OutlineItem[] {
  const from = items.findIndex((item) => item.id === id);
  const item = items[from];
  if (!item) return [...items];
  const length = branchLength(items, from);
  if (direction === 1) {
    const next = from + length;
    if (next >= items.length) return [...items];
    return moveItem(items, id, next + (item.level === 2 ? branchLength(items, next) : 1));
  }
  if (from === 0) return [...items];
  let target = from - 1;
  if (item.level === 2) while (target > 0 && items[target]!.level !== 2) target--;
  return moveItem(items, id, target);
}

/**
 * The number that a line goes by: 2 for the second H2, 2.1 for the first H3 below it, 1 for the first question of the FAQ.
 *
 * @param at its place, which there must be
 */
export function outlineNumber(outline: readonly OutlineItem[], at: number): string {
  if (outline[at]!.faq) return String(at - faqStart(outline) + 1);
  let h2 = 0;
  let h3 = 0;
  for (const item of outline.slice(0, at + 1)) {
    if (item.level === 2) {
      h2++;
      h3 = 0;
    } else h3++;
  }
  return h3 ? `${h2}.${h3}` : String(h2);
}

/** How many items move with one: itself, and for an H2 the H3s that follow. */
export function branchLength(items: readonly OutlineItem[], at: number): number {
  let length = 1;
  if (items[at]?.level === 2) while (items[at + length]?.level === 3 && !items[at + length]?.faq) length++;
  return length;
}

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
