/** Documents of posts, to and from the form in which they are kept. */
import type { EditorDoc } from "../core/draft/editorJson";
import type { Body, StoredBody } from "./model";

export const storedBody = ({ postId, doc }: Body): StoredBody => ({ postId, json: JSON.stringify(doc) });
export const bodyOf = ({ postId, json }: StoredBody): Body => ({
  postId,
  doc: JSON.parse(json) as EditorDoc,
});
