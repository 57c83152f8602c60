import type { EditorNode } from "../blocks/editorJson";
import { nodeRules } from "./nodeRules";

/** Nodes that hold nothing. */
export const LEAVES: ReadonlySet<string> = new Set(
  Object.entries(nodeRules).flatMap(([name, { content }]) => (content || name === "text" ? [] : name)),
);

/**
 * Size of a node in the editor's position space: text counts its UTF-16 code units, a leaf one, any other node its
 * content and two for its edges (ProseMirror's document positions).
 */
export function nodeSize(node: EditorNode): number {
  if (node.type === "text") return node.text?.length ?? 0;
  if (LEAVES.has(node.type)) return 1;
  return (node.content ?? []).reduce((sum, child) => sum + nodeSize(child), 2);
}
