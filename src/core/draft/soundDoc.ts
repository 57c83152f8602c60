/**
 * Documents from files, other versions and other programs, made such that the editor can show and edit them whole. What is unknown is
 * kept as a block that cannot be edited; what is known but in the wrong place is put where it can stand. No text is lost.
 */
import { type ContentMatch, Fragment, type NodeType } from "@tiptap/pm/model";
import { documentSchema, KEPT, MOST_COLUMNS, markRules, nodeRules } from "./documentRules";
import { type EditorDoc, type EditorNode, emptyDoc } from "./editorJson";

export interface SoundDoc {
  doc: EditorDoc;
  /** What is other than it came, in sentences; empty where the document is the one that was given. */
  said: string[];
}

/** Levels of nesting that a person can still see, and that no walk over a tree runs out of stack on. */
export const MOST_LEVELS = 60;
/** Nodes of a document; a post of 20,000 words has about 2,000. */
export const MOST_NODES = 100_000;
/** Blocks that were more than a document can have. */
const MORE = "more";

interface Told {
  unknown: Map<string, number>;
  attributes: Set<string>;
  values: number;
  moved: number;
  flat: number;
  rest: number;
}

/**
 * @param given a document as JSON, of any shape
 * @returns the same object where nothing is wrong with it
 */
export function soundDoc(given: unknown): SoundDoc {
  const told: Told = { unknown: new Map(), attributes: new Set(), values: 0, moved: 0, flat: 0, rest: 0 };
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

const isNode = (value: unknown): value is EditorNode =>
  typeof value === "object" && value !== null && typeof (value as EditorNode).type === "string";

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

/** With attributes and marks that the application can work with, and no text that is empty; the same object where they are so. */
function withSoundAttributes(node: EditorNode, told: Told): EditorNode {
  const attrs = soundAttributes(node.type, node.attrs, nodeRules[node.type]!.attributes ?? {}, told);
  const marks = soundMarks(node.marks, told);
  let content = node.content;
  if (content !== undefined) {
    if (Array.isArray(content)) {
      const children = content.flatMap((child): EditorNode[] => {
        if (!isNode(child) || (child.type === "text" && !(typeof child.text === "string" && child.text))) {
          told.values++;
          return [];
        }
        return [withSoundAttributes(child, told)];
      });
      if (children.length !== content.length || children.some((child, i) => child !== content![i]))
        content = children;
    } else {
      told.values++;
      content = [];
    }
  }
  if (content && node.type === "tableRow") content = withinColumns(content, told);
  if (attrs === node.attrs && marks === node.marks && content === node.content) return node;
  const { attrs: _attrs, marks: _marks, content: _content, ...rest } = node;
  return { ...rest, ...(attrs && { attrs }), ...(content && { content }), ...(marks && { marks }) };
}

function withinColumns(cells: EditorNode[], told: Told): EditorNode[] {
  const columns = cells.reduce((sum, { attrs }) => sum + Number(attrs?.colspan ?? 1), 0);
  if (columns <= MOST_COLUMNS || columns === cells.length) return cells;
  told.values++;
  return cells.map((cell) => ({ ...cell, attrs: { ...cell.attrs, colspan: 1 } }));
}

function soundAttributes(
  type: string,
  attrs: unknown,
  rules: NonNullable<(typeof nodeRules)[string]["attributes"]>,
  told: Told,
): Record<string, unknown> | undefined {
  if (attrs === undefined) return undefined;
  if (typeof attrs !== "object" || attrs === null || Array.isArray(attrs)) {
    told.values++;
    return undefined;
  }
  const given = attrs as Record<string, unknown>;
  let wrong = false;
  const kept: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(given)) {
    const rule = Object.hasOwn(rules, name) ? rules[name]! : null;
    if (rule?.holds(value)) kept[name] = value;
    else {
      wrong = true;
      if (rule) told.values++;
      else if (value !== null) told.attributes.add(`${name} of ${type}`);
    }
  }
  return wrong ? kept : given;
}

function soundMarks(marks: EditorNode["marks"], told: Told): EditorNode["marks"] {
  if (marks === undefined) return undefined;
  if (!Array.isArray(marks)) {
    told.values++;
    return undefined;
  }
  let wrong = false;
  const kept = marks.flatMap((mark): NonNullable<EditorNode["marks"]> => {
    const rules = typeof mark?.type === "string" ? markRules[mark.type] : undefined;
    if (!rules) {
      wrong = true;
      told.values++;
      return [];
    }
    const attrs = soundAttributes(mark.type, mark.attrs, rules.attributes ?? {}, told);
    if (attrs === mark.attrs) return [mark];
    wrong = true;
    return [{ type: mark.type, ...(attrs && { attrs }) }];
  });
  return wrong ? kept : marks;
}

/** Kinds that are nothing without what they hold. */
const NOTHING_WHEN_EMPTY = new Set([
  "bulletList",
  "orderedList",
  "gallery",
  "faq",
  "table",
  "blockquote",
  "note",
]);

/** A node with content that fits it, and behind it what does not. */
function repair(node: EditorNode): EditorNode[] {
  if (node.type === "text") return [node];
  const type = documentSchema.nodes[node.type]!;
  const { content: given, ...bare } = node;
  if (type.isLeaf) return [bare, ...(given ?? []).flatMap(repair)];
  const { content, after } = placedIn(type, (given ?? []).flatMap(repair));
  const empty = !content.length || !given?.length;
  if (empty && NOTHING_WHEN_EMPTY.has(node.type)) return after;
  return [{ ...bare, ...(content.length && { content }) }, ...after];
}

/** Puts nodes into a container in their order: wrapped where they need it, completed where something must stand first. */
function placedIn(
  type: NodeType,
  nodes: readonly EditorNode[],
): { content: EditorNode[]; after: EditorNode[] } {
  const content: EditorNode[] = [];
  const after: EditorNode[] = [];
  let match: ContentMatch = type.contentMatch;
  /** A wrapping made for the node before, which the next of its kind goes into as well. */
  let open: { of: string; into: EditorNode } | null = null;
  for (const given of nodes) {
    const node = allowed(type, given);
    const kind = documentSchema.nodes[node.type]!;
    if (open && open.of === groupOf(kind)) {
      open.into.content!.push(node);
      continue;
    }
    open = null;
    const next = match.matchType(kind);
    if (next) {
      content.push(node);
      match = next;
      continue;
    }
    const wrapping = match.findWrapping(kind);
    if (wrapping?.length) {
      const inner: EditorNode = { type: wrapping.at(-1)!.name, content: [node] };
      const outer = wrapping
        .slice(0, -1)
        .reduceRight<EditorNode>((inside, wrap) => ({ type: wrap.name, content: [inside] }), inner);
      // Wrapped in more than one, it may have to be completed, as a question without its answer.
      const whole = wrapping.length > 1 ? repair(outer)[0]! : outer;
      content.push(whole);
      match = match.matchType(wrapping[0]!)!;
      if (wrapping.length === 1) open = { of: groupOf(kind), into: inner };
      continue;
    }
    const example = kind.createAndFill();
    const first = example && match.fillBefore(Fragment.from(example));
    if (first) {
      content.push(...bareNodes(first), node);
      match = match.matchFragment(first)!.matchType(kind)!;
      continue;
    }
    after.push(node);
  }
  if (!match.validEnd) {
    const last = match.fillBefore(Fragment.empty, true);
    if (last?.size) content.push(...bareNodes(last));
  }
  return { content, after };
}

/** Nodes that complete others, as bare as they would be typed. */
const bareNodes = (nodes: Fragment): EditorNode[] =>
  nodes.content.map((node) => ({
    type: node.type.name,
    ...(node.content.size && { content: bareNodes(node.content) }),
  }));

const groupOf = (kind: NodeType): string => (kind.isInline ? "inline" : kind.name);

/** Without marks that have no place in the container. */
function allowed(type: NodeType, node: EditorNode): EditorNode {
  if (!node.marks) return node;
  const marks = node.marks.filter((mark) => {
    const kind = documentSchema.marks[mark.type];
    return kind !== undefined && documentSchema.nodes[node.type]!.isInline && type.allowsMarkType(kind);
  });
  // Code excludes all others.
  const only = marks.some((mark) => mark.type === "code")
    ? marks.filter((mark) => mark.type === "code")
    : marks;
  if (only.length === node.marks.length) return node;
  const { marks: _marks, ...rest } = node;
  return { ...rest, ...(only.length && type.inlineContent && { marks: only }) };
}

function sentences({ unknown, attributes, values, moved, flat, rest }: Told): string[] {
  const kinds = [...unknown.keys()].map((kind) => `“${kind.slice(0, 40)}”`).join(", ");
  const blocks = [...unknown.values()].reduce((sum, n) => sum + n, 0);
  return [
    blocks > 0 &&
      `${blocks === 1 ? "A block holds" : `${blocks} blocks hold`} what this version does not know (${kinds}): kept as ${blocks === 1 ? "it" : "they"} came, and cannot be edited here.`,
    moved > 0 &&
      `${moved === 1 ? "A block was" : `${moved} blocks were`} not built as a document is: the text is there, and stands where it can.`,
    values > 0 &&
      `${values === 1 ? "A value" : `${values} values`} that nothing can be done with ${values === 1 ? "was" : "were"} left out.`,
    attributes.size > 0 &&
      `Left out, since this version does not know it: ${[...attributes].slice(0, 8).join(", ").slice(0, 200)}.`,
    flat > 0 && `What was nested more than ${MOST_LEVELS} levels deep is paragraphs now.`,
    rest > 0 &&
      `It holds more than ${MOST_NODES.toLocaleString("en")} elements: the last ${rest} blocks are kept, and cannot be edited.`,
  ].filter((said): said is string => typeof said === "string");
}
