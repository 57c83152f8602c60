/**
 * Documents from files, other versions and other programs, made such that the editor can show and edit them whole. What is unknown is
 * kept as a block that cannot be edited; what is known but in the wrong place is put where it can stand. No text is lost.
 */

import { type EditorDoc, type EditorNode, emptyDoc } from "../../blocks/editorJson";
import { documentSchema, KEPT, markRules, nodeRules } from "../documentRules";
import { isNode, withSoundAttributes } from "./attributes";
import { MOST_LEVELS, MOST_NODES } from "./bounds";
import { placedIn, repair } from "./place";
import { nothingTold, sentences, type Told } from "./told";

export interface SoundDoc {
  doc: EditorDoc;
  /** What is other than it came, in sentences; empty where the document is the one that was given. */
  said: string[];
}

/** Blocks that were more than a document can have. */
const MORE = "more";

/**
 * @param given a document as JSON, of any shape
 * @returns the same object where nothing is wrong with it
 */
export function soundDoc(given: unknown): SoundDoc {
  const told = nothingTold();
  if (!isNode(given) || given.type !== "doc" || !Array.isArray(given.content))
    return { doc: emptyDoc, said: ["It held no document; it is empty now."] };
  const content: EditorNode[] = [];
  let nodes = 0;
  const tops = withLinesOfText(given.content);
  for (const [i, top] of tops.entries()) {
    const measured = measure(top);
    nodes += measured.nodes;
    if (nodes > MOST_NODES) {
      told.rest = tops.length - i;
      content.push(keptAs({ type: MORE, content: tops.slice(i) as EditorNode[] }));
      break;
    }
    content.push(...soundTop(top, measured.levels, told));
  }
  if (!content.length) content.push({ type: "paragraph" });
  const same =
    content.length === given.content.length && content.every((node, i) => node === given.content![i]);
  return { doc: same ? (given as EditorDoc) : { type: "doc", content }, said: sentences(told) };
}

/** A document with what was kept as it came, for an application that may know it. */
export function asItCame(doc: EditorDoc): EditorDoc {
  if (!doc.content.some(({ type }) => type === KEPT)) return doc;
  const content = doc.content.flatMap((node): EditorNode[] => {
    const inside = node.type === KEPT ? parsed(node.attrs?.json) : null;
    if (!inside) return [node];
    return inside.type === MORE ? (inside.content ?? []) : [inside];
  });
  return { ...doc, content };
}

const isInline = (value: unknown): value is EditorNode =>
  isNode(value) && (value.type === "text" || value.type === "hardBreak");

/** Text that stands directly in a document, as the paragraphs that it would be. */
function withLinesOfText(nodes: readonly unknown[]): unknown[] {
  if (!nodes.some(isInline)) return [...nodes];
  const out: unknown[] = [];
  let line: EditorNode[] | null = null;
  for (const node of nodes) {
    if (!isInline(node)) {
      line = null;
      out.push(node);
    } else if (line) line.push(node);
    else {
      line = [node];
      out.push({ type: "paragraph", content: line });
    }
  }
  return out;
}

const keptAs = (node: EditorNode): EditorNode => ({
  type: KEPT,
  attrs: { id: typeof node.attrs?.id === "string" ? node.attrs.id : null, json: JSON.stringify(node) },
});

/** Without recursion: what is measured here is not yet known to be shallow. */
function measure(top: unknown): { levels: number; nodes: number } {
  let levels = 0;
  let nodes = 0;
  const open: [unknown, number][] = [[top, 1]];
  for (let next = open.pop(); next; next = open.pop()) {
    const [node, level] = next;
    nodes++;
    levels = Math.max(levels, level);
    const content = (node as EditorNode | null)?.content;
    if (Array.isArray(content)) for (const child of content) open.push([child, level + 1]);
  }
  return { levels, nodes };
}

function soundTop(given: unknown, levels: number, told: Told): EditorNode[] {
  if (!isNode(given)) {
    told.values++;
    return [];
  }
  if (given.type === KEPT) {
    // What an earlier version did not know, this one may.
    const inside = parsed(given.attrs?.json);
    if (!inside || unknownIn(inside)) return [given];
    return soundTop(inside, measure(inside).levels, told);
  }
  if (levels > MOST_LEVELS) {
    told.flat++;
    return linesOf(given);
  }
  const unknown = unknownIn(given);
  if (unknown) {
    told.unknown.set(unknown, (told.unknown.get(unknown) ?? 0) + 1);
    return [keptAs(given)];
  }
  const clean = withSoundAttributes(given, told);
  if (holds(clean)) return [clean];
  told.moved++;
  const parts = repair(clean);
  const repaired = parts.length ? placedIn(documentSchema.nodes.doc!, parts).content : [];
  return repaired.every(holds) ? repaired : [keptAs(given)];
}

const parsed = (json: unknown): EditorNode | null => {
  try {
    const value: unknown = JSON.parse(String(json));
    return isNode(value) ? value : null;
  } catch {
    return null;
  }
};

/** Whether it is a block that the editor takes as it is. */
function holds(node: EditorNode): boolean {
  if (!documentSchema.nodes[node.type]?.isInGroup("block")) return false;
  try {
    documentSchema.nodeFromJSON(node).check();
    return true;
  } catch {
    return false;
  }
}

/** The first kind of node or mark in it that is not known; null where there is none. */
function unknownIn(top: EditorNode): string | null {
  const open: unknown[] = [top];
  for (let node = open.pop(); node !== undefined; node = open.pop()) {
    if (!isNode(node)) continue;
    if (!Object.hasOwn(nodeRules, node.type) || node.type === "doc") return node.type;
    if (Array.isArray(node.marks))
      for (const mark of node.marks)
        if (typeof mark?.type === "string" && !Object.hasOwn(markRules, mark.type)) return mark.type;
    if (Array.isArray(node.content)) open.push(...node.content.toReversed());
  }
  return null;
}

/** The paragraphs of its text, in order. */
function linesOf(top: EditorNode): EditorNode[] {
  const lines: EditorNode[] = [];
  let line: EditorNode[] = [];
  const end = () => {
    if (line.length) lines.push({ type: "paragraph", content: line });
    line = [];
  };
  const open: (EditorNode | null)[] = [top];
  for (let node = open.pop(); node !== undefined; node = open.pop()) {
    if (!isNode(node)) end();
    else if (node.type === "text") {
      if (typeof node.text === "string" && node.text) line.push({ type: "text", text: node.text });
    } else if (node.type === "picture") {
      end();
      lines.push({ type: "picture", attrs: node.attrs ?? {} });
      open.push(null, ...(node.content ?? []).toReversed());
    } else {
      open.push(null);
      if (Array.isArray(node.content)) open.push(...node.content.toReversed());
    }
  }
  end();
  return lines;
}
