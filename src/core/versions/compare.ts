/** What changed between two states of a document: block by block, and within a block word by word. */
import { diffArrays, diffWordsWithSpace } from "diff";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { blocksFromNode } from "../draft/fromEditor";
import { whatItSays } from "../draft/whatItSays";

export interface TextPart {
  text: string;
  kind: "same" | "added" | "removed";
}

/** One top-level block as it was and as it is; null where it is not there. */
export interface BlockChange {
  kind: "same" | "changed" | "added" | "removed";
  before: EditorNode | null;
  after: EditorNode | null;
  /** Its words, those that went and those that came. */
  parts: TextPart[];
}

/** From so many words on, two texts are shown whole, one after the other: nobody reads a thousand scattered words. */
const MOST_WORDS = 4000;

/**
 * Compares two states of a document.
 *
 * Blocks are matched by the ids that the editor gives them, and where these are gone, by what they say. A block that moved
 * is removed in one place and added in another.
 *
 * @returns the blocks of both, in the order in which they are read; applying all of them to `before` gives `after`
 */
export function compareDocs(before: EditorDoc, after: EditorDoc): BlockChange[] {
  const olds = before.content.filter(says);
  const news = after.content.filter(says);
  const shared = new Set(news.map(idOf).filter((id) => id && olds.some((node) => idOf(node) === id)));
  const keyOf = (node: EditorNode): string => {
    const id = idOf(node);
    return id && shared.has(id) ? `id ${id}` : `says ${sayingOf(node)}`;
  };
  const changes: BlockChange[] = [];
  let [gone, come]: [EditorNode[], EditorNode[]] = [[], []];
  const settle = () => {
    changes.push(...paired(gone, come));
    [gone, come] = [[], []];
  };
  let [old, fresh] = [0, 0];
  for (const { count = 0, added, removed } of diffArrays(olds.map(keyOf), news.map(keyOf))) {
    if (removed) gone.push(...olds.slice(old, old + count));
    else if (added) come.push(...news.slice(fresh, fresh + count));
    else {
      settle();
      for (let i = 0; i < count; i++) changes.push(change(olds[old + i]!, news[fresh + i]!));
    }
    if (!added) old += count;
    if (!removed) fresh += count;
  }
  settle();
  return changes;
}

/** Share of common words from which a block that went and one that came in its place are one block, changed. */
const ALIKE = 0.4;

/** Blocks that went and came between two that stayed: those alike are the same ones, in their order. */
function paired(gone: readonly EditorNode[], come: readonly EditorNode[]): BlockChange[] {
  const out: BlockChange[] = [];
  let next = 0;
  for (const before of gone) {
    const at = come.findIndex((after, i) => i >= next && after.type === before.type && alike(before, after));
    if (at < 0) {
      out.push(change(before, null));
      continue;
    }
    out.push(...come.slice(next, at).map((after) => change(null, after)), change(before, come[at]!));
    next = at + 1;
  }
  return [...out, ...come.slice(next).map((after) => change(null, after))];
}

/** By the coefficient of Dice (1945) over their words. */
function alike(a: EditorNode, b: EditorNode): boolean {
  const [one, other] = [a, b].map((node) => new Set(textOf(node).split(/\s+/)));
  let common = 0;
  for (const word of one!) if (other!.has(word)) common++;
  return (2 * common) / (one!.size + other!.size) >= ALIKE;
}

const idOf = (node: EditorNode): string => String(node.attrs?.id ?? "");

/** Empty lines are gaps on the sheet. */
const says = (node: EditorNode): boolean => node.type !== "paragraph" || Boolean(node.content?.length);

/** All text of a node, lines apart. */
export const textOf = (node: EditorNode): string => blocksFromNode(node, "x").map(whatItSays).join("\n");

/** What a node is to a draft, whatever its id, and whatever the editor writes of what is as usual. */
const sayingOf = (node: EditorNode): string => JSON.stringify([node.type, blocksFromNode(node, "x")]);

function change(before: EditorNode | null, after: EditorNode | null): BlockChange {
  if (!before) return { kind: "added", before, after, parts: [{ text: textOf(after!), kind: "added" }] };
  if (!after) return { kind: "removed", before, after, parts: [{ text: textOf(before), kind: "removed" }] };
  if (sayingOf(before) === sayingOf(after))
    return { kind: "same", before, after, parts: [{ text: textOf(after), kind: "same" }] };
  return { kind: "changed", before, after, parts: wordChanges(textOf(before), textOf(after)) };
}

/** Words that went and came; two texts of one and the same words are the same part. */
export function wordChanges(before: string, after: string): TextPart[] {
  if (before === after) return [{ text: after, kind: "same" }];
  if ((before.length + after.length) / 6 > MOST_WORDS)
    return [
      { text: before, kind: "removed" },
      { text: after, kind: "added" },
    ];
  return diffWordsWithSpace(before, after).map(({ value, added, removed }) => ({
    text: value,
    kind: added ? "added" : removed ? "removed" : "same",
  }));
}

/**
 * Puts one block back as it was.
 *
 * @param changes as compareDocs gives them for this document
 * @param at place of the change among them
 */
export function withBlockBack(after: EditorDoc, changes: readonly BlockChange[], at: number): EditorDoc {
  const { before, after: now } = changes[at]!;
  const content = [...after.content];
  if (now) {
    const place = content.indexOf(now);
    content.splice(place, 1, ...(before ? [before] : []));
  } else if (before) {
    // Behind the nearest block before it that is still there.
    const previous = changes.slice(0, at).findLast((one) => one.after)?.after;
    content.splice(previous ? content.indexOf(previous) + 1 : 0, 0, before);
  }
  return { ...after, content: content.length ? content : [{ type: "paragraph" }] };
}
