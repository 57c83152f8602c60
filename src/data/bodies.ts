/** Documents of posts, to and from the form in which they are kept. */
import type { EditorDoc, EditorNode } from "../core/blocks/editorJson";
import { perObject } from "../core/once";
import type { Body, StoredBody } from "./model";

/** JSON by top-level node, which never changes in place: of a long document, a save finds one that is new. */
export const nodeJson = perObject((node: EditorNode) => narrow(JSON.stringify(node)));

/** More of such signs, and escaping them costs more than it saves. */
const FEW = 1 / 16;

/**
 * Signs beyond Latin-1 as JSON's own escapes, where they are few: a long text has some quotation marks and dashes, and one of them
 * makes every character of the string two bytes, which are copied each time that it is written.
 */
function narrow(json: string): string {
  const wide = json.match(/[\u0100-\uffff]/g)?.length ?? 0;
  if (!wide || wide > FEW * json.length) return json;
  return json.replace(/[\u0100-\uffff]/g, (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, "0")}`);
}

/** A document as JSON, from its top-level nodes. */
export const docJson = (nodes: readonly string[]): string => `{"type":"doc","content":[${nodes.join(",")}]}`;

export const storedBody = ({ postId, doc }: Body): StoredBody => ({
  postId,
  json: docJson(doc.content.map(nodeJson)),
});
export const bodyOf = ({ postId, json }: StoredBody): Body => ({
  postId,
  doc: JSON.parse(json) as EditorDoc,
});
