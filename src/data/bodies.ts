/** Documents of posts, to and from the form in which they are kept. */
import type { EditorDoc, EditorNode } from "../core/draft/editorJson";
import type { Body, StoredBody } from "./model";

/** JSON by top-level node, which never changes in place: of a long document, a save finds one that is new. */
const written = new WeakMap<EditorNode, string>();
function nodeJson(node: EditorNode): string {
  const known = written.get(node) ?? JSON.stringify(node);
  written.set(node, known);
  return known;
}

export const storedBody = ({ postId, doc }: Body): StoredBody => ({
  postId,
  json: `{"type":"doc","content":[${doc.content.map(nodeJson).join(",")}]}`,
});
export const bodyOf = ({ postId, json }: StoredBody): Body => ({
  postId,
  doc: JSON.parse(json) as EditorDoc,
});
