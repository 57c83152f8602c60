/** The editor's document as JSON: the node and mark names of the schema in src/app/post/write/editor. */
export interface EditorNode {
  type: string;
  attrs?: Record<string, unknown>;
  content?: EditorNode[];
  text?: string;
  marks?: { type: string; attrs?: Record<string, unknown> }[];
}

export type EditorDoc = EditorNode & { type: "doc"; content: EditorNode[] };

export const emptyDoc: EditorDoc = { type: "doc", content: [{ type: "paragraph" }] };

/**
 * Size of a node in the editor's position space: text counts its UTF-16 code units, a leaf one, any other node its
 * content and two for its edges (ProseMirror's document positions).
 */
export function nodeSize(node: EditorNode): number {
  if (node.type === "text") return node.text?.length ?? 0;
  if (LEAVES.has(node.type)) return 1;
  return (node.content ?? []).reduce((sum, child) => sum + nodeSize(child), 2);
}

export const LEAVES = new Set(["hardBreak", "horizontalRule", "embed", "contents"]);
