/** Two people have changed one document: what each changed against what both began with, so that every difference can be taken from either. */
import { byName } from "../blocks/byName";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { blocksFromNode } from "../draft/fromEditor";
import { blocksFromHast } from "../draft/fromHast";
import { parseHtml } from "../draft/fromHtml";
import { blocksToEditor } from "../draft/toEditor";
import { blocksToHtml } from "../draft/toHtml";
import { compareDocs, type TextPart, textOf } from "./compare";

export type Side = "theirs" | "mine";

/** One top-level block in which the two differ, or a block in which they do not. */
export interface BlockDifference {
  /** As it is there, and here; null where it is not. */
  theirs: EditorNode | null;
  mine: EditorNode | null;
  /** Words of both: those that only they have are removed, those that only we have are added. */
  parts: TextPart[];
  /** What both began with, in words; empty where there was nothing. */
  before: string;
  /** Who changed it; null where both have the same. */
  changedBy: Side | "both" | null;
}

/**
 * @param sent what both began with
 * @returns blocks of both in reading order. Taking "theirs" of each gives theirs, taking "mine" of each gives mine (empty lines aside)
 */
export function threeWays(sent: EditorDoc, theirs: EditorDoc, mine: EditorDoc): BlockDifference[] {
  const [began, there, here] = [plain(sent), plain(theirs), plain(mine)];
  const [theirWay, myWay] = [wayFrom(began.doc, there.doc), wayFrom(began.doc, here.doc)];
  return compareDocs(there.doc, here.doc).map(({ kind, before: their, after: my, parts }) => {
    const start = (their && theirWay.before.get(their)) ?? (my && myWay.before.get(my)) ?? null;
    const theyDid = did(theirWay, their, start);
    const weDid = did(myWay, my, start);
    return {
      theirs: their && there.original.get(their)!,
      mine: my && here.original.get(my)!,
      parts,
      before: start ? textOf(start) : "",
      changedBy: kind === "same" ? null : whose(theyDid, weDid, myWay.changed),
    };
  });
}

/** From the document both began with to that of one side. */
interface Way {
  /** What each block was, and what became of each. */
  before: Map<EditorNode, EditorNode>;
  after: Map<EditorNode, EditorNode>;
  /** Whether anything is different. */
  changed: boolean;
}

function wayFrom(began: EditorDoc, now: EditorDoc): Way {
  const changes = compareDocs(began, now);
  const both = changes.flatMap(({ before, after }) => (before && after ? [[before, after] as const] : []));
  return {
    before: new Map(both.map(([before, after]) => [after, before])),
    after: new Map(both),
    changed: changes.some(({ kind }) => kind !== "same"),
  };
}

/**
 * Whether a side added, changed or removed a block.
 * Two blocks that each came from one can still stand apart, where one of them moved: then that side has it elsewhere, and did not remove it.
 *
 * @param node as that side has it; null where it is on the other side only
 * @param start what both began with; null where there was nothing
 */
function did(way: Way, node: EditorNode | null, start: EditorNode | null): boolean {
  const now = node ?? (start && way.after.get(start)) ?? null;
  if (!now) return start !== null;
  const before = way.before.get(now);
  return before === undefined || saying(before) !== saying(now);
}

/** Where neither changed a block that stands elsewhere on the other side, it was moved by the side that changed anything. */
const whose = (theyDid: boolean, weDid: boolean, weChanged: boolean): Side | "both" =>
  theyDid && weDid ? "both" : theyDid || (!weDid && !weChanged) ? "theirs" : "mine";

/** @returns the document of what was chosen, block by block; what both have the same is taken from mine */
export function merged(differences: readonly BlockDifference[], choices: readonly Side[]): EditorDoc {
  const content = differences.flatMap((one, at) => {
    const side = one.changedBy === null ? "mine" : choices[at]!;
    return one[side] ?? [];
  });
  return { type: "doc", content: content.length ? content : [{ type: "paragraph" }] };
}

/** What a person most likely wants: each change of one side; of what both changed, what is here. */
export const likelyChoices = (differences: readonly BlockDifference[]): Side[] =>
  differences.map(({ changedBy }) => (changedBy === "theirs" ? "theirs" : "mine"));

const ADDRESSES = byName(({ addresses }) => addresses);

/** A document whose pictures and files go by what the workspace calls them. */
export function withOwnFiles(doc: EditorDoc, own: (src: string) => string): EditorDoc {
  const visit = (node: EditorNode): EditorNode => {
    const attrs = { ...node.attrs };
    for (const [name, address] of Object.entries(ADDRESSES[node.type] ?? {}))
      if (address === "picture" || address === "file") attrs[name] = own(String(attrs[name] ?? ""));
    return {
      ...node,
      ...(node.attrs && { attrs }),
      ...(node.content && { content: node.content.map(visit) }),
    };
  };
  return { ...doc, content: doc.content.map(visit) };
}

const saying = (node: EditorNode): string => JSON.stringify([node.type, blocksFromNode(node, "x")]);

/** Each block as it comes back from a page: what a page cannot say is no difference. */
function plain({ content }: EditorDoc): { doc: EditorDoc; original: Map<EditorNode, EditorNode> } {
  const original = new Map<EditorNode, EditorNode>();
  const nodes = content.map((node) => {
    const html = blocksToHtml(blocksFromNode(node, "x"), { headingIds: false, keepFileNames: true });
    const [read, ...others] = blocksToEditor(blocksFromHast(parseHtml(html))).content;
    // What a page says nothing of, a line break alone, stays what it is.
    const same = read && !others.length && read.type === node.type;
    const one = same && (read.content?.length || !node.content?.length) ? read : { ...node };
    original.set(one, node);
    return one;
  });
  return { doc: { type: "doc", content: nodes }, original };
}
