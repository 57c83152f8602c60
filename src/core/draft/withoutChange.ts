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
  const content = now.content.map(written);
  const nodes = [...now.content];
  let left = 0;
  for (const { gone, came, behind } of placesOf(before, after)) {
    const at = placeBehind(behind, came, content);
    if (at === null) {
      left++;
      continue;
    }
    content.splice(at, came.length, ...gone.map(written));
    nodes.splice(at, came.length, ...gone);
  }
  return { doc: { ...now, content: nodes }, left };
}

/** What a node says, whether or not an editor has given it its id and filled in what it left open. */
const written = (node: EditorNode): string => JSON.stringify(blocksFromNode(node, ""));

interface Place {
  /** Nodes that the change took away, and those that it put there, as they are written. */
  gone: EditorNode[];
  came: string[];
  /** The node that stands before them and was not touched, as it is written; null at the beginning. */
  behind: string | null;
}

function placesOf(before: EditorDoc, after: EditorDoc): Place[] {
  const places: Place[] = [];
  let behind: string | null = null;
  let open: Place | null = null;
  let at = 0;
  for (const { value, added, removed } of diffArrays(
    before.content.map(written),
    after.content.map(written),
  )) {
    if (!added && !removed) {
      behind = value.at(-1) ?? behind;
      open = null;
    } else {
      if (!open) {
        open = { gone: [], came: [], behind };
        places.push(open);
      }
      if (removed) open.gone.push(...before.content.slice(at, at + value.length));
      else open.came.push(...value);
    }
    if (!added) at += value.length;
  }
  return places;
}

/** Where a run of nodes stands, behind the node that it stood behind if need be; null where it does not. */
function placeBehind(
  behind: string | null,
  run: readonly string[],
  content: readonly string[],
): number | null {
  if (behind === null && run.every((node, i) => content[i] === node)) return 0;
  const both = behind === null ? -1 : placeOf([behind, ...run], content);
  if (both >= 0) return both + 1;
  const alone = run.length ? placeOf(run, content) : -1;
  return alone >= 0 ? alone : null;
}

function placeOf(run: readonly string[], content: readonly string[]): number {
  return content.findIndex((_, at) => run.every((node, i) => content[at + i] === node));
}
