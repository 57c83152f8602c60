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
