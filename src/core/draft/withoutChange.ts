import { diffArrays } from "diff";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { blocksFromNode } from "./fromEditor";

/**
 * A document without a change that was made to it, whatever else has been written in it since.
 *
 * @param now the document as it is
 * @param before the document before the change
 * @param after the same right after it
 * @returns the document, and at how many places the change had to stay, because what it made has been written in since
 */
export function withoutChange(
  now: EditorDoc,
  before: EditorDoc,
  after: EditorDoc,
): { doc: EditorDoc; left: number } {
  const texts = { now: now.content.map(written), after: after.content.map(written) };
  const kept = keptPlaces(texts.after, texts.now);
  const nodes = [...now.content];
  let left = 0;
  // From the end, so that what is put back moves no place that is still to come.
  let free = nodes.length;
  for (const { at, came, gone } of changesBetween(before, texts.after).reverse()) {
    const place = placeNow(texts.after.slice(at, at + came), at, kept, texts.now);
    if (place === null || place + came > free) left++;
    else {
      nodes.splice(place, came, ...gone);
      free = place;
    }
  }
  return { doc: { ...now, content: nodes }, left };
}

/** What a node says, whether or not an editor has given it its id and filled in what it left open. */
const written = (node: EditorNode): string => JSON.stringify(blocksFromNode(node, ""));

interface Change {
  /** Where it begins in the document after it, and how many nodes it put there. */
  at: number;
  came: number;
  /** Nodes that it took away. */
  gone: EditorNode[];
}

/** The places that a change touched, in order. */
function changesBetween(before: EditorDoc, after: readonly string[]): Change[] {
  const changes: Change[] = [];
  let open: Change | null = null;
  let [old, at] = [0, 0];
  for (const { value, added, removed } of diffArrays(before.content.map(written), [...after])) {
    if (!added && !removed) open = null;
    else {
      if (!open) {
        open = { at, came: 0, gone: [] };
        changes.push(open);
      }
      if (removed) open.gone.push(...before.content.slice(old, old + value.length));
      else open.came += value.length;
    }
    if (!added) old += value.length;
    if (!removed) at += value.length;
  }
  return changes;
}

/** Where each node of the document after the change stands now; undefined for one that does not. */
function keptPlaces(after: readonly string[], now: readonly string[]): (number | undefined)[] {
  const places: (number | undefined)[] = [];
  let [old, at] = [0, 0];
  for (const { value, added, removed } of diffArrays([...after], [...now])) {
    if (!added && !removed) for (let i = 0; i < value.length; i++) places[old + i] = at + i;
    if (!added) old += value.length;
    if (!removed) at += value.length;
  }
  return places;
}

/** Where what a change made stands now, be it moved; where it made nothing, the place behind the node before. Null where it does not. */
function placeNow(
  run: readonly string[],
  at: number,
  kept: readonly (number | undefined)[],
  now: readonly string[],
): number | null {
  if (!run.length) {
    const before = at === 0 ? -1 : kept[at - 1];
    return before === undefined ? null : before + 1;
  }
  const place = kept[at];
  if (place !== undefined && run.every((_, i) => kept[at + i] === place + i)) return place;
  const moved = now.findIndex((_, start) => run.every((node, i) => now[start + i] === node));
  return moved < 0 ? null : moved;
}
